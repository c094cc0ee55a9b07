import { describe, expect, it } from 'vitest';
import { DEFAULT_POLICY, SEVERITIES, type Severity } from '@cadre/core/catalogue';
import { DAY, findingLike, hardtailAsked, judged, NOON, type Said } from '@cadre/core/testing';
import { isOverdue, limitFor, maySetSeverity, severityOf, type FindingChange } from './index';

const faultOf = (fault: string, more: Partial<NonNullable<Said['faults']>[number]> = {}): Said => ({ word: 'fault', faults: [{ fault, ...more }] });
const only = (changes: readonly FindingChange[]): FindingChange => {
  expect(changes).toHaveLength(1);
  return changes[0] as FindingChange;
};

describe('severity', () => {
  it.each<[Severity, Severity | undefined, Severity]>([
    ['stop', undefined, 'stop'],
    ['soon', undefined, 'soon'],
    ['soon', 'stop', 'stop'],
    ['stop', 'watch', 'stop'],
    ['watch', 'soon', 'soon'],
    ['upkeep', 'watch', 'upkeep'],
  ])('of a fault with floor %s chosen as %s is %s', (floor, chosen, wanted) => {
    expect(severityOf('fault', floor, { fault: 'x', severity: chosen })).toBe(wanted);
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
    for (const severity of SEVERITIES.filter((each) => each !== 'soon')) expect(limitFor(severity, NOON, DEFAULT_POLICY)).toBeNull();
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
    const { finding, act } = only(judged({ 'tyre-casing@rear': faultOf('worn', { place: { clock: 4 } }) }).changes);
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
    expect(only(judged({ 'spokes@front': { word: 'fault' } }).changes).finding).toMatchObject({ fault: 'unnamed', severity: 'stop' });
    expect(only(judged({ 'spokes@front': { word: 'watch' } }).changes).finding).toMatchObject({ fault: 'unnamed', severity: 'watch' });
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
      judged({ 'rim@front': { word: 'watch', faults: [{ fault: 'dent', place: { clock: 1 } }] } }, { open: [before] }).changes,
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
    const near = judged({ 'rim@front': { word: 'watch', faults: [{ fault: 'dent', place: { clock: 12 } }] } }, { open: [before] });
    const far = judged({ 'rim@front': { word: 'watch', faults: [{ fault: 'dent', place: { clock: 3 } }] } }, { open: [before] });
    expect(only(near.changes).act).toBe('seen-again');
    expect(only(far.changes).act).toBe('opened');
  });

  it.each(['mended', 're-looked'] as const)('opens again what was %s when it is seen again', (state) => {
    const before = findingLike({ checkpoint: 'stops-wheel', fault: 'none', state, mendedBy: 'tom' });
    expect(only(judged({ 'stops-wheel@front': faultOf('none') }, { open: [before] }).changes).finding).toMatchObject({
      state: 'open',
      mendedBy: null,
    });
  });

  it('keeps two faults of one question apart', () => {
    expect(
      judged({ 'rotor@rear': { word: 'fault', faults: [{ fault: 'crack' }, { fault: 'scored' }] } }).changes.map((change) => change.finding.fault),
    ).toEqual(['crack', 'scored']);
  });

  it('leaves no finding for what was put right, until it keeps coming back', () => {
    const said = { 'grips@only': { word: 'put-right' as const } };
    expect(judged(said, { putRightBefore: new Map([['grips@only', 1]]) }).changes).toEqual([]);
    expect(only(judged(said, { putRightBefore: new Map([['grips@only', 2]]) }).changes).finding).toMatchObject({
      fault: 'keeps-coming-back',
      severity: 'soon',
    });
  });

  it('is incomplete without a critical, and whole without what is not', () => {
    const critical = hardtailAsked.find((each) => each.critical)?.key ?? '';
    const plain = hardtailAsked.find((each) => !each.critical)?.key ?? '';
    expect(judged({ [critical]: null })).toMatchObject({ complete: false, criticalsMissing: [critical] });
    expect(judged({ [critical]: { word: 'not-looked-at', note: 'too dark' } }).complete).toBe(false);
    expect(judged({ [plain]: null }).complete).toBe(true);
  });
});
