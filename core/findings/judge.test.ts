import { describe, expect, it } from 'vitest';
import { asBuilt, questionsOf, DEFAULT_POLICY, SEVERITIES, type Severity } from '@cadre/core/catalogue';
import { resolveMarks, markedUnasked, type Mark } from '@cadre/core/checks';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { DAY, findingLike, hardtailAsked, judged, NOON, type Said } from '@cadre/test-world/core';
import { isOverdue, limitFor, maySetSeverity, severityOf, type Finding, type FindingChange } from './index';

const faultOf = (fault: string, more: Partial<NonNullable<Said['faults']>[number]> = {}): Said => ({
  outcome: 'fail',
  faults: [{ fault, ...more }],
});
const only = (changes: readonly FindingChange[]): FindingChange => {
  expect(changes).toHaveLength(1);
  return changes[0] as FindingChange;
};

const said = (checkpoint: string, position: Mark['position']): Mark => ({
  ...{
    id: 'm',
    checkpoint,
    position,
    outcome: 'pass',
    way: 'single',
    faults: [],
    note: '',
    author: 'ann',
    writerId: 'd',
    counter: 0,
    at: NOON,
  },
});

describe('severity', () => {
  it.each<[Severity, Severity | undefined, Severity]>([
    ['stop', undefined, 'stop'],
    ['soon', undefined, 'soon'],
    ['soon', 'stop', 'stop'],
    ['stop', 'watch', 'stop'],
    ['watch', 'soon', 'soon'],
    ['upkeep', 'watch', 'upkeep'],
  ])('of a fault with floor %s chosen as %s is %s', (floor, chosen, wanted) => {
    expect(severityOf('fail', floor, { fault: 'x', severity: chosen })).toBe(wanted);
  });

  it('of a watch is never heavier by choice, nor lighter than the floor', () => {
    expect(severityOf('watch', 'watch', { fault: 'x', severity: 'stop' })).toBe('watch');
    expect(severityOf('watch', 'stop', { fault: 'x' })).toBe('stop');
  });

  it('carries a limit when soon, and is past it on the instant and on the outing', () => {
    const limit = limitFor('soon', NOON, DEFAULT_POLICY);
    expect(limit).toEqual({ until: NOON + 7 * DAY, outings: 10 });
    const soon = { severity: 'soon' as const, limit, outingsUsed: 0 };
    expect(isOverdue(soon, NOON + 7 * DAY - 1)).toBe(false);
    expect(isOverdue(soon, NOON + 7 * DAY)).toBe(true);
    expect(isOverdue({ ...soon, outingsUsed: 9 }, NOON)).toBe(false);
    expect(isOverdue({ ...soon, outingsUsed: 10 }, NOON)).toBe(true);
    for (const severity of SEVERITIES.filter((each) => each !== 'soon'))
      expect(limitFor(severity, NOON, DEFAULT_POLICY)).toBeNull();
  });

  const lead = { role: 'lead' as const, trainee: false };
  const inspector = { role: 'inspector' as const, trainee: false };
  it.each([
    ['an inspector may raise', inspector, 'soon', 'soon', 'stop', true],
    ['an inspector may not lower', inspector, 'soon', 'soon', 'watch', 'act.not-allowed'],
    ['the lead may lower a soon', lead, 'soon', 'soon', 'watch', true],
    ['the lead may lower what somebody raised to stop', lead, 'stop', 'soon', 'soon', true],
    ['nobody lowers under a stop floor', lead, 'stop', 'stop', 'soon', 'severity.under-stop-floor'],
    ['the same is no change', lead, 'soon', 'soon', 'soon', 'severity.not-lower'],
    ['the desk may not raise', { role: 'desk', trainee: false }, 'soon', 'soon', 'stop', 'act.not-allowed'],
  ] as const)('%s', (_name, person, severity, floor, to, wanted) => {
    const result = maySetSeverity(person, { severity, floor }, to);
    expect(result.ok ? true : result.refusal.code).toBe(wanted);
  });
});

describe('judging a check', () => {
  it('finds nothing where all is sound, and is complete', () => {
    expect(judged({})).toEqual({ complete: true, criticalsMissing: [], changes: [] });
  });

  it('opens a finding for a fault, with its place and frozen words', () => {
    const { finding, act } = only(
      judged({ 'tyre-casing@rear': faultOf('worn', { place: { clock: 4 } }) }).changes,
    );
    expect(act).toBe('opened');
    expect(finding).toMatchObject({
      severity: 'soon',
      zone: 'rear-wheel',
      place: { clock: 4 },
      limit: { outings: 10 },
      words: { fault: 'Squared, torn knobs, or past its wear mark' },
    });
  });

  it('judges a fault nobody named as the worst there', () => {
    expect(only(judged({ 'spokes@front': { outcome: 'fail' } }).changes).finding).toMatchObject({
      fault: 'unnamed',
      severity: 'stop',
    });
    expect(only(judged({ 'spokes@front': { outcome: 'watch' } }).changes).finding).toMatchObject({
      fault: 'unnamed',
      severity: 'watch',
    });
  });

  it('sees the same fault again rather than anew, and lets it only get worse', () => {
    const before = findingLike({
      id: 'old',
      checkpoint: 'rim',
      position: 'front',
      fault: 'dent',
      zone: 'front-wheel',
      severity: 'soon',
      floor: 'watch',
      place: { clock: 12 },
    });
    const { act, finding } = only(
      judged(
        { 'rim@front': { outcome: 'watch', faults: [{ fault: 'dent', place: { clock: 1 } }] } },
        { open: [before] },
      ).changes,
    );
    expect(act).toBe('seen-again');
    expect(finding).toMatchObject({ id: 'old', severity: 'soon', timesSeen: 2 });
  });

  it('takes a place more than an hour away for another finding', () => {
    const before = findingLike({
      id: 'old',
      checkpoint: 'rim',
      position: 'front',
      fault: 'dent',
      severity: 'watch',
      floor: 'watch',
      place: { clock: 11 },
    });
    const near = judged(
      { 'rim@front': { outcome: 'watch', faults: [{ fault: 'dent', place: { clock: 12 } }] } },
      { open: [before] },
    );
    const far = judged(
      { 'rim@front': { outcome: 'watch', faults: [{ fault: 'dent', place: { clock: 3 } }] } },
      { open: [before] },
    );
    expect(only(near.changes).act).toBe('seen-again');
    expect(only(far.changes).act).toBe('opened');
  });

  it.each(['repaired', 'rechecked'] as const)('opens again what was %s when it is seen again', (state) => {
    const before = findingLike({ checkpoint: 'stops-wheel', fault: 'none', state, repairedBy: 'tom' });
    expect(
      only(judged({ 'stops-wheel@front': faultOf('none') }, { open: [before] }).changes).finding,
    ).toMatchObject({
      state: 'open',
      repairedBy: null,
    });
  });

  it('leaves a soon its limit however often it is seen, and gives one that rises to soon a whole one', () => {
    const limit = { until: NOON + 5, outings: 10 };
    const soon = findingLike({
      checkpoint: 'rotor',
      fault: 'warped',
      severity: 'soon',
      floor: 'soon',
      limit,
      outingsUsed: 7,
    });
    const seen = (before: Finding) =>
      only(judged({ 'rotor@front': faultOf('warped') }, { open: [before] }).changes).finding;
    expect(seen(soon)).toMatchObject({ severity: 'soon', limit, outingsUsed: 7, timesSeen: 2 });
    // Lowered to watch by the lead, it used up outings nobody counted then.
    expect(seen({ ...soon, severity: 'watch', limit: null })).toMatchObject({
      severity: 'soon',
      limit: { until: NOON + 7 * DAY, outings: 10 },
      outingsUsed: 0,
    });
  });

  it('takes the limit off a soon that rises to a stop', () => {
    const soon = findingLike({
      fault: 'none',
      severity: 'soon',
      floor: 'soon',
      limit: { until: NOON + 5, outings: 10 },
      outingsUsed: 2,
    });
    expect(
      only(judged({ 'stops-wheel@front': faultOf('none') }, { open: [soon] }).changes).finding,
    ).toMatchObject({ severity: 'stop', limit: null });
  });

  it('keeps what the catalogue says of a fault: what its repair disturbs, and where it is asked', () => {
    const found = only(judged({ 'tyre-pressure@front': faultOf('flat') }).changes).finding;
    expect(found).toMatchObject({ work: ['tyre-off'] });
    expect(found.applies).toBeUndefined();
    expect(only(judged({ 'tyre-pressure@front': faultOf('low-again') }).changes).finding.work).toEqual([
      'air-out',
    ]);
    expect(only(judged({ 'rotor@front': faultOf('crack') }).changes).finding.applies).toEqual({
      fitted: 'brake',
      in: ['cable-disc', 'hydraulic-disc'],
    });
  });

  it('keeps a stop that was marked when the bike is no longer asked about it, and is complete without it', () => {
    const rim = asBuilt({ ...USUAL_BUILD.hardtail, brakeFront: 'rim' });
    const pads = questionsOf(RIDE_OUT, rim).filter((each) => each.key === 'rim-pads@front');
    const marks = [
      { ...said('rim-pads', 'front'), outcome: 'fail' as const, faults: [{ fault: 'to-holder' }] },
    ];
    const answers = resolveMarks(marks);
    expect(markedUnasked(RIDE_OUT, hardtailAsked, answers)).toMatchObject([
      { key: 'rim-pads@front', zone: 'front-brake' },
    ]);
    expect(markedUnasked(RIDE_OUT, [...hardtailAsked, ...pads], answers)).toEqual([]);
    expect(markedUnasked(RIDE_OUT, hardtailAsked, resolveMarks([said('rim-pads', 'front')]))).toEqual([]);
    const judgement = judged(
      {},
      { answers: answers, questions: [], noLongerAsked: markedUnasked(RIDE_OUT, hardtailAsked, answers) },
    );
    expect(judgement).toMatchObject({
      complete: true,
      changes: [{ act: 'opened', finding: { fault: 'to-holder', severity: 'stop' } }],
    });
  });

  it('keeps two faults of one question apart', () => {
    expect(
      judged({
        'rotor@rear': { outcome: 'fail', faults: [{ fault: 'crack' }, { fault: 'scored' }] },
      }).changes.map((change) => change.finding.fault),
    ).toEqual(['crack', 'scored']);
  });

  it('leaves no finding for what was put right, until it keeps coming back', () => {
    const said = { 'grips@only': { outcome: 'fixed' as const } };
    expect(judged(said, { fixedBefore: new Map([['grips@only', 1]]) }).changes).toEqual([]);
    expect(only(judged(said, { fixedBefore: new Map([['grips@only', 2]]) }).changes).finding).toMatchObject({
      fault: 'keeps-coming-back',
      severity: 'soon',
    });
  });

  it('is incomplete without a critical, and whole without what is not', () => {
    const critical = hardtailAsked.find((each) => each.critical)?.key ?? '';
    const plain = hardtailAsked.find((each) => !each.critical)?.key ?? '';
    expect(judged({ [critical]: null })).toMatchObject({ complete: false, criticalsMissing: [critical] });
    expect(judged({ [critical]: { outcome: 'skipped', note: 'too dark' } }).complete).toBe(false);
    expect(judged({ [plain]: null }).complete).toBe(true);
  });
});
