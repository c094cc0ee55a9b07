import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asBuilt, holds } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { CHECKPOINTS, TRACES } from '@cadre/core/shipped';
import { TRIAL_BIKES } from '@cadre/test-world/core';
import { asksWhichEnd, likelyCauses, questionsLeft, reasonsOf, traceOn, traceState, type Trace } from '.';

const faults = new Set(
  CHECKPOINTS.flatMap(({ key, faults: each }) => each.map((fault) => `${key} ${fault.key}`)),
);
const POSITIONS = ['only', 'front', 'rear'] as const;
const byKey = (key: string): Trace => {
  const trace = TRACES.find((each) => each.key === key);
  if (!trace) throw new Error(key);
  return trace;
};
/** What each question is most likely answered if this is the cause. */
const answersUnder = (trace: Trace, cause: string): Map<string, number> =>
  new Map(
    trace.questions.map(({ key, likelihoods }) => {
      const of = likelihoods[cause] ?? [];
      return [key, of.indexOf(Math.max(...of))];
    }),
  );
/** Searches as the program asks, each question answered so. */
function search(trace: Trace, answers: ReadonlyMap<string, number | null>) {
  const asked = new Map<string, number | null>();
  for (;;) {
    const state = traceState(trace, asked);
    if (state.state !== 'asking') return { state, asked };
    asked.set(state.next.question.key, answers.get(state.next.question.key) ?? null);
  }
}

describe('the search for a cause', () => {
  const knock = byKey('front-knock');
  it('asks first what tells most a minute, and ends when one cause stands out', () => {
    const { state, asked } = search(knock, answersUnder(knock, 'headset'));
    expect(state).toMatchObject({ state: 'found', cause: { key: 'headset' } });
    expect([...asked.keys()][0]).toBe('joint');
    expect(asked.size).toBeLessThan(knock.questions.length);
  });
  it('can have an answer taken back: what is known is what is answered now', () => {
    const answers = new Map([['joint', 0]]);
    expect(likelyCauses(knock, answers)[0]?.cause.key).toBe('headset');
    expect(likelyCauses(knock, new Map([['joint', 1]]))[0]?.cause.key).not.toBe('headset');
    expect(likelyCauses(knock, new Map())).toEqual(likelyCauses(knock, new Map([['joint', null]])));
  });
  it('goes to a mechanic where what is left is theirs, and says so however sure it is', () => {
    const long = byKey('lever-long-hydraulic');
    const { state } = search(long, answersUnder(long, 'air'));
    expect(state.state).toBe('mechanic');
    expect(state.notExcluded.map(({ key }) => key)).toContain('air');
  });
  it('keeps a cause that stops the bike in sight until an answer excludes it: being rare alone excludes nothing', () => {
    const first = traceState(knock, new Map([['joint', 0]]));
    expect(first.notExcluded.map(({ key }) => key)).toContain('steerer');
    const { state, asked } = search(knock, answersUnder(knock, 'headset'));
    expect(state).toMatchObject({ state: 'found', cause: { key: 'headset' } });
    expect(state.notExcluded.map(({ key }) => key)).toContain('steerer');
    expect(state.toExclude.map(({ key }) => key)).toContain('line');
    const looked = traceState(knock, new Map([...asked, ['line', 1]]));
    expect(looked.notExcluded.map(({ key }) => key)).not.toContain('steerer');
    const cracked = traceState(knock, new Map([...asked, ['line', 0]]));
    expect(cracked.likely[0]?.cause.key).toBe('steerer');
  });
  it('says which answers speak for a cause and which against it', () => {
    const answers = new Map<string, number | null>([
      ['joint', 0],
      ['rim', 1],
      ['axle', null],
    ]);
    const told = reasonsOf(knock, answers, 'headset').map(({ question, speaks }) => [question.key, speaks]);
    expect(told).toEqual([['joint', 'for']]);
    expect(reasonsOf(knock, answers, 'hub').map(({ question, speaks }) => [question.key, speaks])).toEqual([
      ['joint', 'against'],
      ['rim', 'against'],
    ]);
  });
  it('is open when nobody can tell anything', () => {
    const { state, asked } = search(knock, new Map());
    expect(state.state).toBe('open');
    expect(asked.size).toBe(knock.questions.length);
  });
  it('asks at which end it is only where the ends may be built otherwise', () => {
    const ended = TRACES.filter(asksWhichEnd).map(({ key }) => key);
    expect(ended).toEqual(expect.arrayContaining(['brake-noise', 'slow-leak', 'lever-long-cable']));
    expect(ended).not.toContain('creak-seated');
    // Always at the front.
    expect(ended).not.toContain('front-knock');
    const rim = { ...USUAL_BUILD.hardtail, brakeFront: 'rim' as const };
    expect(traceOn(knock, asBuilt(rim)).causes.map(({ key }) => key)).not.toContain('pads');
  });
  it('leaves out what the build rules out', () => {
    const rigid = traceOn(knock, asBuilt({ ...USUAL_BUILD.hybrid, fork: 'rigid' }));
    expect(rigid.causes.map(({ key }) => key)).not.toContain('fork-bush');
    expect(rigid.questions.map(({ key }) => key)).not.toContain('legs');
    expect(traceOn(knock, null)).toBe(knock);
  });
  it('chances are a whole whatever is answered, and the same in any order', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TRACES),
        fc.infiniteStream(fc.nat(5)),
        fc.infiniteStream(fc.boolean()),
        (trace, said, left) => {
          const answers = trace.questions.flatMap(({ key, answers: each }) =>
            left.next().value ? [] : [[key, said.next().value % (each.length + 1)] as const],
          );
          const given = answers.map(([key, answer]): [string, number | null] => {
            const count = trace.questions.find((each) => each.key === key)?.answers.length ?? 0;
            return [key, answer === count ? null : answer];
          });
          const likely = likelyCauses(trace, new Map(given));
          expect(likely.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
          const turned = new Map(
            likelyCauses(trace, new Map(given.toReversed())).map((each) => [each.cause.key, each.chance]),
          );
          for (const { cause, chance } of likely) expect(turned.get(cause.key)).toBeCloseTo(chance, 9);
        },
      ),
    );
  });
});

describe('each search that ships', () => {
  it.each(TRACES.map((trace) => [trace.key, trace] as const))('%s is whole', (_key, trace) => {
    const keys = trace.causes.map(({ key }) => key);
    expect(new Set(keys).size).toBe(keys.length);
    for (const { place } of trace.causes)
      expect(faults.has(`${place.checkpoint} ${place.fault}`), place.fault).toBe(true);
    for (const question of trace.questions) {
      expect(question.minutes).toBeGreaterThan(0);
      expect(Object.keys(question.likelihoods).sort()).toEqual([...keys].sort());
      for (const of of Object.values(question.likelihoods)) {
        expect(of).toHaveLength(question.answers.length);
        expect(of.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 6);
        expect(Math.min(...of)).toBeGreaterThan(0);
      }
    }
  });
  it.each(TRACES.map((trace) => [trace.key, trace] as const))(
    '%s finds each of its causes on a bike that can have it, or hands it to a mechanic',
    (_key, trace) => {
      for (const { key, mechanic } of trace.causes) {
        const on = Object.values(TRIAL_BIKES)
          .flatMap((build) => POSITIONS.map((position) => ({ fitted: asBuilt(build), position })))
          .filter(({ fitted, position }) => !trace.applies || holds(trace.applies, fitted, position))
          .map(({ fitted, position }) => traceOn(trace, fitted, position))
          .filter(({ causes }) => causes.some((each) => each.key === key));
        expect(on.length, `${key} is on no bike`).toBeGreaterThan(0);
        for (const each of on.slice(0, 2)) {
          const answers = answersUnder(each, key);
          const { state, asked } = search(each, answers);
          if (mechanic && state.state === 'mechanic') continue;
          // What would exclude it is asked before the bike is ridden: then it stands first.
          for (const { key: question } of state.toExclude) asked.set(question, answers.get(question) ?? null);
          expect(likelyCauses(each, asked)[0]?.cause.key, key).toBe(key);
        }
      }
    },
  );
  it('a fault that always stops a bike stops it as a cause too', () => {
    const floor = new Map(
      CHECKPOINTS.flatMap(({ key, faults: each }) =>
        each.map((fault) => [`${key} ${fault.key}`, fault.floor] as const),
      ),
    );
    for (const { key, causes } of TRACES)
      for (const { key: cause, place, stop } of causes)
        if (floor.get(`${place.checkpoint} ${place.fault}`) === 'stop')
          expect(stop, `${key} ${cause}`).toBe(true);
  });
  it('says the caution where a hand could be hurt', () => {
    const risky =
      /\bspin|rotor|battery (off|out)|stem bolts loose|tube out|press (one|the) crank|turn the crank|through all gears|to and fro in the stand/i;
    const silent = TRACES.flatMap(({ key, questions }) =>
      questions
        .filter(
          (question) => (risky.test(question.how) || question.tools?.includes('Levers')) && !question.caution,
        )
        .map((question) => `${key} ${question.key}: ${question.how}`),
    );
    expect(silent).toEqual([]);
  });
  it('is there for every kind of bike it is about, with causes to tell apart', () => {
    for (const kind of BIKE_KINDS) {
      const fitted = asBuilt(USUAL_BUILD[kind]);
      const here = TRACES.filter(({ applies }) => !applies || holds(applies, fitted, 'only'));
      expect(here.length, kind).toBeGreaterThan(10);
      for (const trace of here) {
        const on = traceOn(trace, fitted);
        expect(on.causes.length, `${kind} ${trace.key}`).toBeGreaterThan(2);
        expect(questionsLeft(on, new Map()).length, `${kind} ${trace.key}`).toBeGreaterThan(2);
      }
    }
  });
});
