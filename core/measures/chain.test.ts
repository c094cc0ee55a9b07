import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  CHAIN_PRESETS,
  chainLimits,
  chainVerdict,
  elongationByGauge,
  elongationByLength,
  elongationByRuler,
  isWorseVerdict,
  type ChainPreset,
  type ChainRun,
} from '.';
import { valueOf, wrongFields } from '@cadre/test-world/core';

const derailleur = (sprockets: number): ChainRun => ({ gears: 'derailleur', sprockets });
const SINGLE: ChainRun = { gears: 'single-speed', sprockets: 1 };
const HUB: ChainRun = { gears: 'hub-gear', sprockets: 1 };
const judged = (elongation: number, run: ChainRun, preset: ChainPreset = 'by-gearing', marked?: number) =>
  valueOf(chainVerdict(elongation, chainLimits(run, preset, {}, marked), {}));

describe('elongation', () => {
  it('of 24 full links that measure 612.6 mm is 0.4921 %', () =>
    expect(valueOf(elongationByLength(612.6, 24)) * 100).toBeCloseTo(0.4921, 4));
  it('of a sixteenth over twelve inches is 0.5208 %', () =>
    expect(valueOf(elongationByRuler(1)) * 100).toBeCloseTo(0.5208, 4));
  it.each([
    [10, 254, 0],
    [10, 255.27, 0.005],
    [48, 1231.39, 0.01],
    [24, 609.6, 0],
    [100, 2559.05, 0.0075],
  ])('over %d links of %d mm is %d', (links, length, ratio) =>
    expect(valueOf(elongationByLength(length, links))).toBeCloseTo(ratio, 4),
  );
  it.each([
    [0, 0],
    [0.0024, 0],
    [0.0025, 0.0025],
    [0.003, 0.0025],
    [0.005, 0.005],
    [0.0075, 0.0075],
    [0.0099, 0.0075],
    [0.01, 0.01],
    [0.03, 0.01],
  ])('a gauge that tells %d says the band from %d', (stated, edge) =>
    expect(valueOf(elongationByGauge(stated))).toBe(edge),
  );
  it.each([
    [elongationByLength(612.6, 9), ['links']],
    [elongationByLength(612.6, 24.5), ['links']],
    [elongationByLength(Number.NaN, 24), ['length']],
    [elongationByLength(24, 612.6), ['links', 'length'].slice(0, 1)],
    [elongationByLength(300, 24), ['length']],
    [elongationByLength(700, 24), ['length']],
    [elongationByLength(Number.NaN, Number.NaN), ['links', 'length']],
    [elongationByRuler(-1), ['sixteenths']],
    [elongationByRuler(10), ['sixteenths']],
    [elongationByGauge(0.06), ['wear']],
    [elongationByGauge(Number.POSITIVE_INFINITY), ['wear']],
    [chainVerdict(0.06, chainLimits(SINGLE, 'early', {}), {}), ['elongation']],
  ])('what cannot be is refused by its field (%#)', (answer, fields) =>
    expect(wrongFields(answer)).toEqual(fields),
  );
});

describe('a chain', () => {
  it.each([
    // Eleven sprockets and up: as early.
    [0.0044, derailleur(11), 'by-gearing', 'pass', 'go-on'],
    [0.0045, derailleur(11), 'by-gearing', 'renew', 'plan-chain'],
    [0.004921, derailleur(11), 'by-gearing', 'renew', 'plan-chain'],
    [0.005, derailleur(11), 'by-gearing', 'fail', 'renew-chain'],
    [0.0049999, derailleur(12), 'by-gearing', 'renew', 'plan-chain'],
    [0.0074999, derailleur(12), 'by-gearing', 'fail', 'renew-chain'],
    [0.0075, derailleur(12), 'by-gearing', 'fail', 'look-at-sprockets'],
    // Two to ten.
    [0.0069, derailleur(10), 'by-gearing', 'pass', 'go-on'],
    [0.007, derailleur(10), 'by-gearing', 'renew', 'plan-chain'],
    [0.0075, derailleur(10), 'by-gearing', 'fail', 'renew-chain'],
    [0.0099, derailleur(7), 'by-gearing', 'fail', 'renew-chain'],
    [0.01, derailleur(2), 'by-gearing', 'fail', 'look-at-sprockets'],
    // One sprocket.
    [0.0094, SINGLE, 'by-gearing', 'pass', 'go-on'],
    [0.0095, SINGLE, 'by-gearing', 'renew', 'plan-chain'],
    [0.01, HUB, 'by-gearing', 'fail', 'renew-chain'],
    [0.0149, HUB, 'by-gearing', 'fail', 'renew-chain'],
    [0.015, SINGLE, 'by-gearing', 'fail', 'look-at-sprockets'],
    // The same early for all.
    [0.005, SINGLE, 'early', 'fail', 'renew-chain'],
    [0.0075, derailleur(7), 'early', 'fail', 'look-at-sprockets'],
    [0.0044, derailleur(7), 'early', 'pass', 'go-on'],
    // By ruler.
    [0.0046, derailleur(7), 'ruler', 'pass', 'go-on'],
    [0.0048, derailleur(7), 'ruler', 'renew', 'plan-chain'],
    [1 / 16 / 12, derailleur(11), 'ruler', 'fail', 'renew-chain'],
    [2 / 16 / 12, derailleur(11), 'ruler', 'fail', 'look-at-sprockets'],
    [-0.001, SINGLE, 'by-gearing', 'pass', 'go-on'],
  ] as const)('of %d on %o, %s: %s, %s', (elongation, run, preset, outcome, next) => {
    const verdict = judged(elongation, run, preset);
    expect([verdict.outcome, verdict.next]).toEqual([outcome, next]);
    expect(verdict.becomes).toBe(outcome === 'pass' ? 'nothing' : 'upkeep');
  });

  it('by the maker’s own limit when there is one', () => {
    expect(judged(0.006, derailleur(12), 'by-gearing', 0.008).outcome).toBe('pass');
    expect(judged(0.004, derailleur(12), 'by-gearing', 0.004)).toMatchObject({
      outcome: 'fail',
      limit: { value: 0.004, source: 'marking' },
    });
    expect(judged(0.006, derailleur(12), 'by-gearing', 0).limit?.source).toBe('default');
  });
  it('by the program’s own limit, and says so', () => {
    const choices = { chainEarly: 0.006 };
    expect(
      valueOf(chainVerdict(0.0055, chainLimits(derailleur(11), 'early', choices), choices)),
    ).toMatchObject({
      outcome: 'renew',
      limit: { value: 0.006, source: 'policy' },
    });
  });
  it('longer is never better', () => {
    const elongations = fc.double({ min: -0.005, max: 0.05, noNaN: true });
    fc.assert(
      fc.property(
        elongations,
        elongations,
        fc.integer({ min: 1, max: 13 }),
        fc.constantFrom(...CHAIN_PRESETS),
        (a, b, sprockets, preset) => {
          const [less, more] = [Math.min(a, b), Math.max(a, b)];
          expect(
            isWorseVerdict(
              judged(less, derailleur(sprockets), preset),
              judged(more, derailleur(sprockets), preset),
            ),
          ).toBe(false);
        },
      ),
    );
  });
});
