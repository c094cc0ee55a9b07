import { describe, expect, it } from 'vitest';
import { questionsOf, asBuilt, DEFAULT_POLICY, isWorse, type Question } from '@cadre/core/catalogue';
import {
  resolveMarks,
  type Mark,
  type MarkedFault,
  type MarkOutcome,
  type Reading,
} from '@cadre/core/checks';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { readReading, takesReading, valuesOf, type Measure } from '@cadre/core/measures';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { NOON, onLike } from '@cadre/test-world/core';
import { asMeasured, judgeCheck, PAST_LIMIT, readingSays, type MeasuredAnswer } from '.';

const asked = questionsOf(
  { items: CHECKPOINTS.map((checkpoint) => ({ checkpoint, critical: false })) },
  asBuilt(USUAL_BUILD.hardtail),
);
const question = (key: string): Question => {
  const found = asked.find((each) => each.key === key);
  if (!found) throw new Error(key);
  return found;
};
const reading = (key: string, typed: string, more: Partial<Reading> = {}): Reading => {
  const measure = question(key).checkpoint.measure as Measure;
  const read = readReading(measure, typed);
  if (read.state !== 'read') throw new Error(typed);
  return { ...read.taken, typed, unit: '', ...more };
};
const mark = (key: string, author: string, word: MarkOutcome, more: Partial<Mark> = {}): Mark => ({
  id: `${key} ${author} ${word} ${more.at ?? 1}`,
  checkpoint: question(key).checkpoint.key,
  position: question(key).position,
  outcome: word,
  way: 'single',
  faults: [],
  note: '',
  author,
  writerId: 'd',
  counter: 0,
  at: 1,
  ...more,
});
const judged = (key: string, marks: readonly Mark[], leads: readonly string[] = []) =>
  asMeasured([question(key)], resolveMarks(marks), () => onLike(), new Set(leads)).get(key);

const PADS = 'pad-thickness@front';
const thin = (more: Partial<Reading> = {}) => ({ reading: reading(PADS, '0.8', more) });
const faults = (...named: readonly MarkedFault[]) => named;

describe('what stands once readings have their word', () => {
  it('is a fault where the number says so, whoever called it sound', () => {
    const answer = judged(PADS, [mark(PADS, 'ann', 'pass', thin())]);
    expect(answer).toMatchObject({ outcome: 'fail', faults: [{ fault: 'thin', severity: 'stop' }] });
    expect(answer?.measured?.get('thin')).toEqual({
      measure: 'disc-pad',
      value: 0.8,
      limit: { value: 1, source: 'default' },
      next: 'renew-pads',
    });
  });
  it.each([
    ['fixed', [], 'fail'],
    ['watch', [{ fault: 'oiled' }], 'fail'],
    ['fail', [{ fault: 'oiled' }], 'fail'],
  ] as const)('of one said %s is the fault the number tells of besides', (word, named, outcome) => {
    const answer = judged(PADS, [mark(PADS, 'ann', word, { ...thin(), faults: [...named] })]);
    expect(answer?.outcome).toBe(outcome);
    expect(answer?.faults).toContainEqual({ fault: 'thin', severity: 'stop' });
    expect(answer?.faults).toHaveLength(named.length + 1);
  });
  it('raises the fault that was named to what the number says, and never lowers it', () => {
    const near = { reading: reading(PADS, '1.3') };
    expect(
      judged(PADS, [mark(PADS, 'ann', 'fail', { ...near, faults: faults({ fault: 'near' }) })])?.faults,
    ).toEqual([{ fault: 'near', severity: 'upkeep' }]);
    expect(
      judged(PADS, [
        mark(PADS, 'ann', 'fail', { ...near, faults: faults({ fault: 'near', severity: 'stop' }) }),
      ])?.faults,
    ).toEqual([{ fault: 'near', severity: 'stop' }]);
  });
  it('stays as said where the number is sound, says nothing, or is none', () => {
    for (const more of [
      {},
      { reading: reading(PADS, '2.4') },
      { reading: { ...reading(PADS, '0.8'), measure: 'rotor' } },
      { reading: { ...reading(PADS, '0.8'), values: [99] } },
    ])
      expect(judged(PADS, [mark(PADS, 'ann', 'pass', more)])?.outcome).toBe('pass');
    expect(judged(PADS, [mark(PADS, 'ann', 'skipped', thin())])?.outcome).toBe('skipped');
  });
  it('is what the newest number of a person says', () =>
    expect(
      judged(PADS, [
        mark(PADS, 'ann', 'pass', thin()),
        mark(PADS, 'ann', 'fixed', { at: 2, reading: reading(PADS, '2.4') }),
      ])?.outcome,
    ).toBe('fixed'));
  it('is the worse of two people’s numbers', () =>
    expect(
      judged(PADS, [
        mark(PADS, 'ann', 'pass', thin()),
        mark(PADS, 'ben', 'pass', { reading: reading(PADS, '2.4') }),
      ])?.outcome,
    ).toBe('fail'));
  it('is what the measure says where it could be put right and was not: a stop under what is marked', () => {
    const single = questionsOf(
      { items: CHECKPOINTS.map((checkpoint) => ({ checkpoint, critical: false })) },
      asBuilt(USUAL_BUILD.child),
    );
    const pressure = single.find((each) => each.key === 'tyre-pressure@front');
    const says = pressure
      ? readingSays(
          pressure,
          { reading: { measure: 'tyre-window', values: [150], typed: '1.5', unit: 'bar' } },
          onLike({ fit: { sidewallMinFront: 210 } }),
        )
      : [];
    expect(says).toMatchObject([{ fault: 'low-again', severity: 'stop', measured: { next: 'pump' } }]);
  });
  it('is believed to be put right where a pump does it, and nowhere else', () => {
    const key = 'tyre-pressure@front';
    const low = mark(key, 'ann', 'fixed', { reading: reading(key, '1.5') });
    const answer = (each: Mark) =>
      asMeasured(
        [question(key)],
        resolveMarks([each]),
        () => onLike({ fit: { sidewallMinFront: 210 } }),
        new Set(),
      ).get(key)?.outcome;
    expect(answer(low)).toBe('fixed');
    expect(answer({ ...low, outcome: 'pass' })).toBe('fail');
  });
  it('keeps the number when the same person says something else of the look, until it is taken back', () => {
    const sound = mark(PADS, 'ann', 'pass', { at: 2 });
    expect(judged(PADS, [mark(PADS, 'ann', 'fail', thin()), sound])?.outcome).toBe('fail');
    expect(
      judged(PADS, [
        mark(PADS, 'ann', 'fail', thin()),
        mark(PADS, 'ann', 'withdrawn', { at: 2 }),
        { ...sound, at: 3 },
      ])?.outcome,
    ).toBe('pass');
  });
  it('is a watch where that is all the number says', () => {
    const key = 'rotor-thickness@front';
    const on = onLike({ fit: { rotorMinFront: 1.5 } });
    const pulsing = mark(key, 'ann', 'pass', { reading: reading(key, '1.8 1.74 1.8') });
    expect(asMeasured([question(key)], resolveMarks([pulsing]), () => on, new Set()).get(key)).toMatchObject({
      outcome: 'watch',
      faults: [{ fault: 'spread' }],
    });
  });
});

describe('a verdict left aside', () => {
  const near = (aside: string) => ({ reading: reading(PADS, '1.3', { aside }) });
  it.each([
    ['lea', 'New pads tomorrow, measured cold', ['lea'], 'pass'],
    ['lea', '  ', ['lea'], 'fail'],
    ['ann', 'It looks fine', ['lea'], 'fail'],
  ])('by %s with “%s”, leads %o: %s', (author, aside, leads, outcome) =>
    expect(judged(PADS, [mark(PADS, author, 'pass', near(aside))], leads)?.outcome).toBe(outcome),
  );
  it('is never a stop', () =>
    expect(judged(PADS, [mark(PADS, 'lea', 'pass', thin({ aside: 'I say so' }))], ['lea'])?.outcome).toBe(
      'fail',
    ));
  it('is not left aside for somebody else’s number', () =>
    expect(
      judged(
        PADS,
        [
          mark(PADS, 'lea', 'pass', near('Fine')),
          mark(PADS, 'ann', 'pass', { reading: reading(PADS, '1.3') }),
        ],
        ['lea'],
      )?.outcome,
    ).toBe('fail'));
  let ids = 0;
  it('past the checklist’s own limit weighs what its author chose, as a fault of its own', () => {
    const key = 'rotor-thickness@front';
    const own = (severity?: 'stop' | 'soon' | 'watch') =>
      asMeasured(
        [question(key)],
        resolveMarks([mark(key, 'ann', 'pass', { reading: reading(key, '1.75 1.58 1.76') })]),
        () => onLike({ fit: { rotorMinFront: 1.2 }, own: { least: 1.6, ...(severity ? { severity } : {}) } }),
        new Set(),
      ).get(key);
    expect(own()?.faults).toContainEqual({ fault: PAST_LIMIT, severity: 'soon' });
    expect(own('watch')?.faults).toContainEqual({ fault: PAST_LIMIT, severity: 'watch' });
    expect(own('stop')?.faults).toContainEqual({ fault: PAST_LIMIT, severity: 'stop' });
    const { changes } = judgeCheck({
      questions: [question(key)],
      answers: new Map([[key, own() as MeasuredAnswer]]),
      ...{
        open: [],
        fixedBefore: new Map(),
        policy: DEFAULT_POLICY,
        signedAt: NOON,
        signedBy: 'ann',
        newId: () => `n${(ids += 1)}`,
      },
    });
    expect(Object.fromEntries(changes.map(({ finding }) => [finding.fault, finding.severity]))).toEqual({
      spread: 'watch',
      [PAST_LIMIT]: 'soon',
    });
  });
  it('of a fault nobody named stays the worst it can be, though its limit alone would be less', () => {
    const key = 'rotor-thickness@front';
    const answer = asMeasured(
      [question(key)],
      resolveMarks([mark(key, 'ann', 'fail', { reading: reading(key, '1.7 1.7 1.7') })]),
      () => onLike({ fit: { rotorMinFront: 1.2 }, own: { most: 1.65, severity: 'watch' } }),
      new Set(),
    ).get(key);
    expect(answer?.faults.map((each) => each.fault)).toEqual(['unnamed']);
  });
  it('weighs what its measure says and no more: no usual fault a reading tells of is worse by its floor', () => {
    const fit = {
      sidewallMinFront: 210,
      rimMaxFront: 380,
      rotorMinFront: 1.5,
      forkPressureMax: 1000,
      spokeFloorFront: 90,
    };
    const bikes = [
      onLike({ fit }),
      onLike({ fit: { tyreWidthFront: 40 } }),
      onLike({ fit, inStore: true }),
      onLike({ fit, build: { brakeFront: 'rim' } }),
      onLike({ fit, rearSuspension: true }),
    ];
    const grid = Array.from({ length: 60 }, (_, step) => [step / 50, step / 6, step * 20]).flat();
    const seen = new Set<string>();
    for (const checkpoint of CHECKPOINTS.filter((each) => takesReading(each.measure)))
      for (const value of grid)
        for (const [method, on] of bikes.flatMap((each) =>
          [undefined, 'health'].map((way) => [way, each] as const),
        )) {
          const { few } = valuesOf(checkpoint.measure as Measure);
          const values = Array.from({ length: few }, (_, at) =>
            at === 0 ? value : checkpoint.measure === 'spokes' ? 100 : value,
          );
          const taken = { measure: checkpoint.measure as Measure, values, typed: '', unit: '', method };
          for (const says of readingSays({ checkpoint }, { reading: taken }, on)) {
            const fault = checkpoint.faults.find((each) => each.key === says.fault);
            if (!fault) continue;
            seen.add(`${checkpoint.key} ${fault.key}`);
            expect(
              isWorse(fault.floor, says.severity),
              `${checkpoint.key} ${fault.key} at ${value}: ${fault.floor}, measured ${says.severity}`,
            ).toBe(false);
          }
        }
    expect(seen.size).toBeGreaterThan(25);
  });
});
