import { describe, expect, it } from 'vitest';
import { SHIPPED_SHEETS } from '@cadre/core/shipped';
import { evaluateFitness } from '@cadre/core/fitness';
import { factsLike, NOON } from '@cadre/core/testing';
import { isAfterMishap, MISHAP_KINDS, SHEET_AFTER } from '.';

describe('something that happened to a bike', () => {
  it.each(MISHAP_KINDS)('(%s) has a shipped sheet for it, which lets no bike out by itself', (kind) => {
    const sheet = SHIPPED_SHEETS.find((each) => each.key === SHEET_AFTER[kind]);
    expect(sheet).toMatchObject({ clears: false });
    expect(isAfterMishap(SHEET_AFTER[kind])).toBe(true);
  });
  it('is not looked over by any other sheet', () => {
    const others = SHIPPED_SHEETS.map((sheet) => sheet.key).filter((key) => !key.startsWith('after-'));
    expect(others.length).toBeGreaterThan(10);
    expect(others.filter(isAfterMishap)).toEqual([]);
  });
  it('holds a bike that is cleared otherwise, behind what stops it, and says what ends it', () => {
    const mishap = { id: 'm', kind: 'crash' as const, at: NOON, by: 'ann', note: '' };
    expect(evaluateFitness(factsLike({ mishaps: [mishap] }), NOON)).toMatchObject({
      fitness: 'held',
      reasons: [{ code: 'mishap', mishap, ends: 'mishap-check' }],
    });
    expect(evaluateFitness(factsLike({ mishaps: [] }), NOON).fitness).toBe('cleared');
  });
});
