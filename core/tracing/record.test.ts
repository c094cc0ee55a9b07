import { describe, expect, it } from 'vitest';
import { TRACES } from '@cadre/core/shipped';
import { DAY_MS } from '@cadre/core/time';
import {
  hoursApart,
  positionOfCause,
  recordedAnswers,
  samePunctureHour,
  traceState,
  withLearnt,
  withRecorded,
  withRefuted,
  type Trace,
  type TraceRecord,
} from './index';

const NOW = 1_800_000_000_000;
const EMPTY: TraceRecord = {
  ...{ readings: [], answers: [], findings: [], servicesOverdue: [], incidents: [], work: [], punctures: [] },
};
const traceOf = (key: string): Trace => TRACES.find((each) => each.key === key) as Trace;
const answered = (key: string, record: Partial<TraceRecord>, position: 'only' | 'front' | 'rear' = 'only') =>
  recordedAnswers(traceOf(key), { ...EMPTY, ...record }, position, NOW).map(
    ({ question, answer, because }) => [question, answer, because.said] as const,
  );
const reading = (value: number, daysAgo: number) => ({
  ...{
    checkpoint: 'chain-wear',
    position: 'only' as const,
    values: [value],
    typed: `${value * 100} %`,
    method: null,
  },
  at: NOW - daysAgo * DAY_MS,
});
const pass = (
  checkpoint: string,
  position: 'only' | 'front' | 'rear',
  daysAgo: number,
  outcome = 'pass',
) => ({
  ...{ checkpoint, position, outcome, at: NOW - daysAgo * DAY_MS },
});

describe('what the record answers of a search', () => {
  it('takes the newest reading while it is young enough', () => {
    expect(answered('skips', { readings: [reading(0.008, 7)] })).toEqual([['gauge', 0, '0.8 %']]);
    expect(answered('skips', { readings: [reading(0.008, 7), reading(0.001, 3)] })).toEqual([
      ['gauge', 1, '0.1 %'],
    ]);
    expect(answered('skips', { readings: [reading(0.008, 61)] })).toEqual([]);
    // Neither worn nor new: it tells nothing.
    expect(answered('skips', { readings: [reading(0.006, 1)] })).toEqual([]);
  });

  it('takes no total thickness for what is left of the pad', () => {
    const pads = (method: string | null, value: number) => ({
      ...{
        checkpoint: 'disc-pads',
        position: 'front' as const,
        values: [value],
        typed: '2.4',
        method,
        at: NOW,
      },
    });
    expect(answered('weak-brake', { readings: [pads('total', 2.4)] }, 'front')).toEqual([]);
    expect(answered('weak-brake', { readings: [pads('compound', 2.4)] }, 'front')).toEqual([
      ['thin', 1, '2.4'],
    ]);
    expect(answered('weak-brake', { readings: [pads(null, 1.2)] }, 'front')).toEqual([['thin', 0, '2.4']]);
  });

  it('takes what passed of late, and a finding before that', () => {
    const answers = [pass('wheel-thru-axle', 'front', 1), pass('hub-play', 'front', 1)];
    expect(answered('front-knock', { answers })).toEqual([
      ['axle', 1, ''],
      ['rim', 1, ''],
    ]);
    expect(answered('front-knock', { answers: [pass('hub-play', 'front', 3)] })).toEqual([]);
    expect(answered('front-knock', { answers: [pass('hub-play', 'front', 1, 'skipped')] })).toEqual([]);
    const findings = [
      {
        checkpoint: 'hub-play',
        position: 'front' as const,
        fault: 'strong',
        words: 'Strong play',
        at: NOW - 40 * DAY_MS,
      },
    ];
    expect(answered('front-knock', { answers, findings })).toContainEqual(['rim', 0, 'Strong play']);
  });

  it('takes nothing of the other end of the bike', () => {
    expect(answered('front-knock', { answers: [pass('hub-play', 'rear', 1)] })).toEqual([]);
    expect(answered('wheel-play', { answers: [pass('spokes', 'rear', 1)] }, 'front')).toEqual([]);
    expect(answered('wheel-play', { answers: [pass('spokes', 'rear', 1)] }, 'rear')).toEqual([
      ['spokes', 1, ''],
    ]);
  });

  it('knows a crash, oil near a brake, work that was done and a service that is overdue', () => {
    expect(answered('gears-off', { incidents: [{ kind: 'crash', at: NOW - 5 * DAY_MS }] })).toEqual([
      ['knock', 0, 'crash'],
    ]);
    expect(answered('weak-brake', { incidents: [{ kind: 'contamination', at: NOW - DAY_MS }] })).toEqual([
      ['cloth', 0, 'contamination'],
    ]);
    const work = [{ touch: 'axle-out', position: 'rear' as const, at: NOW - DAY_MS }];
    expect(answered('lever-long-hydraulic', { work }, 'rear')).toEqual([['wheel-out', 0, 'axle-out']]);
    expect(answered('lever-long-hydraulic', { work }, 'front')).toEqual([]);
    const servicesOverdue = [{ service: 'fork-lowers', name: 'Fork lower legs', since: NOW }];
    expect(answered('fork-harsh', { servicesOverdue })).toEqual([['dirty', 0, 'Fork lower legs']]);
  });

  it('knows that two flats were at the same hour, and gives way to a person', () => {
    const puncture = (hour: number, daysAgo: number) => ({
      position: 'rear' as const,
      hour,
      at: NOW - daysAgo * DAY_MS,
    });
    expect(answered('flat-again', { punctures: [puncture(12, 1), puncture(1, 20)] }, 'rear')).toEqual([
      ['same-hour', 0, '12'],
    ]);
    expect(answered('flat-again', { punctures: [puncture(12, 1), puncture(4, 20)] }, 'rear')).toEqual([
      ['same-hour', 1, '12'],
    ]);
    expect(samePunctureHour([puncture(3, 1), puncture(3, 200)], 'rear')).toBeNull();
    expect([hoursApart(12, 1), hoursApart(1, 12), hoursApart(6, 12), hoursApart(5, 5)]).toEqual([1, 1, 6, 0]);
    const recorded = recordedAnswers(
      traceOf('flat-again'),
      { ...EMPTY, punctures: [puncture(3, 1), puncture(3, 2)] },
      'rear',
      NOW,
    );
    expect(withRecorded(new Map([['same-hour', 1]]), recorded).get('same-hour')).toBe(1);
    expect(withRecorded(new Map(), recorded).get('same-hour')).toBe(0);
  });
});

describe('what repairs proved', () => {
  const skips = traceOf('skips');
  it('draws the shipped priors towards this program’s own count', () => {
    expect(withLearnt(skips, [])).toBe(skips);
    const [first, second] = skips.causes;
    const share = (trace: Trace, key: string | undefined): number =>
      (trace.causes.find((each) => each.key === key)?.prior ?? 0) /
      trace.causes.reduce((sum, { prior }) => sum + prior, 0);
    const learnt = withLearnt(skips, [{ trace: 'skips', cause: second?.key ?? '', count: 20 }]);
    // As many own cases as the shipped ones are worth: half way.
    expect(share(learnt, second?.key)).toBeCloseTo((share(skips, second?.key) + 1) / 2, 6);
    expect(share(learnt, first?.key)).toBeCloseTo(share(skips, first?.key) / 2, 6);
    expect(withLearnt(skips, [{ trace: 'other', cause: 'x', count: 9 }])).toBe(skips);
  });

  it('makes a cause unlikely whose repair did not help, and never excludes it for good', () => {
    const [first] = traceState(skips, new Map()).likely;
    const after = traceState(withRefuted(skips, [first?.cause.key ?? '']), new Map()).likely;
    expect(after[0]?.cause.key).not.toBe(first?.cause.key);
    expect(after.every(({ chance }) => chance > 0)).toBe(true);
  });

  it('places a cause where its checkpoint is asked', () => {
    const ends = { front: 'front-wheel', rear: 'rear-wheel' } as const;
    expect(positionOfCause(ends, { at: 'front' }, 'only')).toBe('front');
    expect(positionOfCause(ends, {}, 'rear')).toBe('rear');
    expect(positionOfCause({ only: 'fork-headset' }, {}, 'rear')).toBe('only');
    expect(positionOfCause(ends, {}, 'only')).toBe('rear');
  });
});
