import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { truncate, isWellFormed, dropLoneSurrogates } from '.';

describe('letters of two halves', () => {
  it('are whole or not', () => {
    expect(['', 'pedal', 'a😀b', '\ud83d', 'a\ude00', '\ude00\ud83d'].map(isWellFormed)).toEqual([
      true,
      true,
      true,
      false,
      false,
      false,
    ]);
  });
  it('are never cut in two, and a text keeps all its whole ones', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.nat(40), (text, most) => {
        const cut = truncate(text, most);
        expect(isWellFormed(cut)).toBe(true);
        expect(text.startsWith(cut)).toBe(true);
        expect(cut.length).toBeGreaterThanOrEqual(Math.min(text.length, most) - 1);
        expect(cut.length).toBeLessThanOrEqual(most);
        expect(dropLoneSurrogates(`\ude00${text}\ud83d`)).toBe(text);
      }),
    );
  });
});
