import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  guardOctave,
  PluckListener,
  synthesiseSpokes,
  TRAINING_WHEEL,
  type Pluck,
} from '@cadre/core/spoke-pitch';
import { pitchOf } from './pitch-of';

/** What is heard of a sound that comes in blocks as a browser sends them, sides alternating from the valve round. */
function heard(sound: Float32Array, sampleRate: number, block = 128): (number | null)[] {
  const listener = new PluckListener(sampleRate);
  const found: (number | null)[] = [];
  for (let at = 0; at < sound.length; at += block)
    for (const pluck of listener.feed(sound.slice(at, at + block))) {
      const others = found.filter((hz, index): hz is number => hz !== null && index % 2 === found.length % 2);
      found.push(pitchOf(pluck, others));
    }
  return found;
}
const within = (hz: number | null, truth: number): boolean =>
  hz !== null && Math.abs(hz - truth) / truth <= 0.02;

describe('plucked spokes', () => {
  it.each([44_100, 48_000, 16_000])(
    'are heard within two percent over 32 spokes with noise at 20 dB, sampled at %i Hz',
    (sampleRate) => {
      for (const seed of [1, 2, 3]) {
        const found = heard(
          synthesiseSpokes({ pitches: TRAINING_WHEEL, sampleRate, signalToNoise: 20, seed }),
          sampleRate,
        );
        expect(found).toHaveLength(32);
        expect(found.map((hz, at) => within(hz, TRAINING_WHEEL[at] ?? 0)).filter((ok) => !ok)).toEqual([]);
      }
    },
  );

  it('are told apart from silence, steady noise and a hum that swells', () => {
    const draw = (level: (at: number) => number): Float32Array =>
      Float32Array.from(
        { length: 48_000 },
        (_, at) => level(at) * Math.sin(at * 0.02 + Math.sin(at * 1.7) * 9),
      );
    for (const sound of [draw(() => 0), draw(() => 0.05), draw((at) => (0.1 * at) / 48_000)])
      expect(heard(sound, 48_000)).toEqual([]);
  });

  it('are within 2 % whatever their pitch', () => {
    fc.assert(
      fc.property(fc.double({ min: 120, max: 700, noNaN: true }), fc.nat(99), (hz, seed) => {
        const sound = synthesiseSpokes({ pitches: [hz, hz], sampleRate: 48_000, signalToNoise: 20, seed });
        expect(heard(sound, 48_000).every((each) => within(each, hz))).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a slip of an octave', () => {
  const pluckOf = (hz: number): Pluck => {
    const listener = new PluckListener(48_000);
    const sound = synthesiseSpokes({ pitches: [hz], sampleRate: 48_000, signalToNoise: 30, seed: 5 });
    const [pluck] = listener.feed(sound);
    if (!pluck) throw new Error('not heard');
    return pluck;
  };
  const OTHERS = [400, 396, 404, 401];

  it('is put back where the sound bears it out', () => {
    expect(guardOctave(pluckOf(400), 800, OTHERS)).toBe(400);
    expect(guardOctave(pluckOf(400), 200, OTHERS)).toBe(400);
    expect(guardOctave(pluckOf(400), 401, OTHERS)).toBe(401);
  });

  it('is never made of a spoke that is slack: a quarter of the tension stays an octave lower', () => {
    expect(guardOctave(pluckOf(200), 200, OTHERS)).toBe(200);
    expect(pitchOf(pluckOf(200), OTHERS)).toBeCloseTo(200, -1);
  });

  it('is not judged by too few others', () => {
    expect(guardOctave(pluckOf(400), 800, [400, 401])).toBe(800);
  });
});
