import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { oggSound, webmSound } from '@cadre/test-world/builders';
import { readSound, SOUND_LIMITS } from './read-sound';

describe('a sound note', () => {
  it.each([
    ['webm', webmSound],
    ['ogg', oggSound],
  ] as const)('is read by its content, with its length: %s', (container, soundOf) => {
    for (const seconds of [1, 4.5, 15]) {
      const read = readSound(soundOf(seconds));
      expect(read).toMatchObject({ state: 'read', container });
      if (read.state === 'read') expect(Math.abs(read.seconds - seconds)).toBeLessThan(0.2);
    }
    expect(readSound(soundOf(16))).toEqual({ state: 'too-long' });
  });

  it('is nothing else: a picture, another codec, a film, something broken off, too many bytes', () => {
    const whole = webmSound(3);
    const video = webmSound(2, 'V_VP8');
    const png = Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, ...Array<number>(60).fill(0)]);
    const other = oggSound(3);
    other.set([80], 30);
    for (const bytes of [
      new Uint8Array(0),
      png,
      video,
      whole.slice(0, whole.length - 3),
      oggSound(3).slice(0, 90),
      other,
    ])
      expect(readSound(bytes)).toEqual({ state: 'no-sound' });
    expect(readSound(new Uint8Array(SOUND_LIMITS.bytesMost + 1))).toEqual({ state: 'too-large' });
  });

  it('never breaks on what is sent', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), fc.nat(), (noise, at) => {
        expect(readSound(noise)).toBeDefined();
        const bent = webmSound(2);
        bent[at % bent.length] = noise[0] ?? 0;
        expect(readSound(bent)).toBeDefined();
      }),
    );
  });
});
