import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DAY_MS } from '@cadre/core/time';
import {
  checkDueAt,
  doubtfulUses,
  EQUIPMENT_RANGES,
  fieldProblems,
  passesReference,
  permittedError,
  standingOf,
  type EquipmentFields,
  type EquipmentState,
} from './index';

const WRENCH = { kind: 'torque-wrench', unit: 'N m', accuracy: 0.4 } as const;
const check = (passed: boolean) => ({ at: 0, by: 'p', reference: 5, shown: 5, passed, note: '' });
const state = (more: Partial<EquipmentState> = {}): EquipmentState => ({
  ...{ lastCheck: check(true), goodAt: 0, withdrawn: null },
  ...more,
});

describe('a reference check', () => {
  it('passes within the permitted error, ends included, in the unit of the instrument', () => {
    expect(passesReference(WRENCH, { reference: 5, shown: 5.4 })).toBe(true);
    expect(passesReference(WRENCH, { reference: 5, shown: 4.6 })).toBe(true);
    expect(passesReference(WRENCH, { reference: 5, shown: 5.41 })).toBe(false);
    // Where none is entered the usual one of the kind holds: 0.035 bar are half a psi.
    expect(permittedError({ kind: 'pressure-gauge', unit: 'psi', accuracy: null })).toBeCloseTo(0.508, 3);
    expect(permittedError({ kind: 'keys', unit: null, accuracy: null })).toBeNull();
    expect(passesReference({ kind: 'keys', unit: null, accuracy: null }, { reference: 1, shown: 1 })).toBe(
      false,
    );
  });

  it('is due when its days are over, and what failed stays failed until it passes', () => {
    const every = { checkEveryDays: 90 };
    expect(standingOf(every, state(), 90 * DAY_MS - 1)).toBe('ready');
    expect(standingOf(every, state(), 90 * DAY_MS)).toBe('due');
    expect(standingOf(every, state({ goodAt: null, lastCheck: null }), 0)).toBe('due');
    expect(standingOf({ checkEveryDays: null }, state({ goodAt: null, lastCheck: null }), 0)).toBe('ready');
    expect(standingOf(every, state({ lastCheck: check(false) }), 1)).toBe('failed');
    expect(standingOf(every, state({ lastCheck: check(false), withdrawn: 'bent' }), 1)).toBe('withdrawn');
    expect(checkDueAt(every, state())).toBe(90 * DAY_MS);
    expect(checkDueAt({ checkEveryDays: null }, state())).toBeNull();
  });
});

describe('what a failed instrument measured', () => {
  const use = (at: number, more: { bikeId?: string; what?: string; instrumentId?: string | null } = {}) => ({
    ...{ bikeId: 'b1', what: 'tyre front', at, instrumentId: 'g1' as string | null },
    ...more,
  });

  it('is in doubt since it last passed, until it is measured again', () => {
    const span = { goodAt: 10, goodAgainAt: null };
    expect(doubtfulUses('g1', span, [use(5), use(20, { what: 'tyre rear' })]).map(({ at }) => at)).toEqual([
      20,
    ]);
    // Measured again with another gauge, or by hand: no doubt is left.
    expect(doubtfulUses('g1', span, [use(20), use(30, { instrumentId: 'g2' })])).toEqual([]);
    expect(doubtfulUses('g1', span, [use(20), use(30, { instrumentId: null })])).toEqual([]);
    // Never known good: everything it measured.
    expect(doubtfulUses('g1', { goodAt: null, goodAgainAt: null }, [use(1)])).toHaveLength(1);
    // What it measured once it passed again is good, and so is its place.
    expect(doubtfulUses('g1', { goodAt: 10, goodAgainAt: 40 }, [use(20), use(41)])).toEqual([]);
  });

  it('never names a reading of another instrument, one before it was good, or a place twice', () => {
    const uses = fc.array(
      fc.record({
        bikeId: fc.constantFrom('b1', 'b2'),
        what: fc.constantFrom('a', 'b'),
        at: fc.nat(100),
        instrumentId: fc.constantFrom('g1', 'g2', null),
      }),
    );
    fc.assert(
      fc.property(uses, fc.nat(100), (all, goodAt) => {
        const found = doubtfulUses('g1', { goodAt, goodAgainAt: null }, all);
        expect(found.every((each) => each.instrumentId === 'g1' && each.at > goodAt)).toBe(true);
        expect(new Set(found.map(({ bikeId, what }) => bikeId + what)).size).toBe(found.length);
      }),
    );
  });
});

describe('equipment as it is entered', () => {
  const entered = (more: Partial<EquipmentFields> = {}): EquipmentFields => ({
    ...{ siteId: 's', kind: 'torque-wrench', tag: 'W', serial: '', unit: 'N m', least: null, most: null },
    ...{ accuracy: null, lengthMm: null, checkEveryDays: null },
    ...more,
  });
  const wrong = (more: Partial<EquipmentFields>): readonly (readonly [string, string])[] =>
    fieldProblems(entered(more)).map(({ path, code }) => [path, code]);

  it('has a scale that ends above its beginning, whichever end is the usual one, in its own unit', () => {
    expect(wrong({ least: 2, most: 20 })).toEqual([]);
    expect(wrong({ least: 20, most: 20 })).toEqual([['most', 'upside-down']]);
    // A wrench usually ends at 60 N m and begins at 1, which are 9 inch pounds-force.
    expect(wrong({ least: 60 })).toEqual([['least', 'upside-down']]);
    expect(wrong({ unit: 'in lbf', least: 60 })).toEqual([]);
    expect(wrong({ unit: 'in lbf', most: 8 })).toEqual([['most', 'upside-down']]);
    expect(wrong({ unit: 'in lbf', most: 10 })).toEqual([]);
  });

  it('has a unit of what it measures, and a tool that is looked at has none', () => {
    expect(wrong({ unit: 'bar' })).toEqual([['unit', 'unknown']]);
    expect(wrong({ unit: null })).toEqual([['unit', 'required']]);
    expect(wrong({ kind: 'keys', unit: null })).toEqual([]);
  });

  it('says the range of every value that is outside it, and takes both ends', () => {
    for (const key of Object.keys(EQUIPMENT_RANGES) as (keyof typeof EQUIPMENT_RANGES)[]) {
      const { least, most } = EQUIPMENT_RANGES[key];
      const problems = (value: number) =>
        fieldProblems(entered({ [key]: value })).filter(({ code }) => code === 'out-of-range');
      expect(problems(least)).toEqual([]);
      expect(problems(most)).toEqual([]);
      for (const value of [least - 1, most + 1])
        expect(problems(value)).toMatchObject([{ path: key, params: { least, most } }]);
    }
    expect(wrong({ checkEveryDays: 1.5 })).toEqual([['checkEveryDays', 'not-whole']]);
  });
});
