import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  addPuncture,
  closeTrace,
  endTrace,
  openTraces,
  proveTrace,
  traceRecord,
  type TraceRun,
} from '@cadre/contract/tracing';
import { checkEquipment } from '@cadre/contract/equipment';
import { mergeFindings } from '@cadre/contract/findings';
import type { Bike } from '@cadre/contract/fleet';
import { releaseBike } from '@cadre/contract/repairs';
import { DAY_MS } from '@cadre/core/time';
import { TRACES } from '@cadre/core/shipped';
import { recordedAnswers, traceHere } from '@cadre/core/tracing';
import { faulty } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';
import { anEquipment, repairAndRecheck, savedTrace, type Answers } from '../../testing/tracing-helpers';

let world: World;
let tags = 0;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const bike = (): Promise<Bike> => world.bike(`K${(tags += 1)}`);
const YES = 0;
const NO = 1;
/** Felt at the headset joint; all else is tight. */
const HEADSET: Answers = [
  ['joint', YES],
  ...['turned', 'axle', 'rim', 'legs', 'caliper', 'stand', 'line'].map((each) => [each, NO] as const),
];
/** Pads that move: gone with the bars turned aside, there in the stand. */
const PADS: Answers = [
  ['turned', YES],
  ['stand', YES],
  ...['joint', 'axle', 'rim', 'legs', 'caliper', 'line'].map((each) => [each, NO] as const),
];
const end = (
  run: TraceRun,
  more: { result?: 'finding' | 'handed-over' | 'not-found'; cause?: string | null } = {},
  by = 'inspector',
) =>
  world.as(by).send(endTrace, {
    params: { id: run.id },
    body: {
      ...{ id: newId(), result: 'finding', cause: 'headset', severity: null, note: '' },
      at: world.clock.now,
      ...more,
    },
  });
const prove = (run: TraceRun, gone: boolean) =>
  world
    .as('mechanic')
    .send(proveTrace, { params: { id: run.id }, body: { id: newId(), gone, at: world.clock.now } });
const reasonsOf = async (of: Bike): Promise<string[]> => (await world.fitness(of.id)).reasons;

describe('a search on a bike', () => {
  it('holds it while a cause that stops it is not excluded, and lets go of it when it is', async () => {
    const own = await bike();
    await world.check(own);
    expect((await world.fitness(own.id)).fitness).toBe('cleared');
    const begun = await savedTrace(world, own, [['turned', null]]);
    expect(begun.holding).toContain('Headset loose');
    expect(await world.fitness(own.id)).toMatchObject({ fitness: 'held', reasons: ['cause-not-excluded'] });
    // No release goes past it.
    const release = world.as('lead').send(releaseBike, {
      params: { id: own.id },
      body: { id: newId(), note: '', at: world.clock.now },
    });
    expect(await refusalOf(release)).toMatch(/release\.not-/);
    const excluded = await savedTrace(world, own, PADS, begun);
    expect(excluded.holding).toEqual([]);
    expect((await world.fitness(own.id)).fitness).toBe('cleared');
  });

  it('lets go when who began it takes back every answer, and not when another person does', async () => {
    const own = await bike();
    await world.check(own);
    const begun = await savedTrace(world, own, [['joint', null]]);
    const emptied = await savedTrace(world, own, [], begun, 'mechanic');
    expect(emptied.holding).not.toEqual([]);
    const takenBack = await savedTrace(world, own, [], emptied);
    expect(takenBack.holding).toEqual([]);
    expect((await world.fitness(own.id)).fitness).toBe('cleared');
  });

  it('goes on with another person, and two at once do not overwrite each other', async () => {
    const own = await bike();
    const begun = await savedTrace(world, own, [['joint', YES]]);
    const gone = await savedTrace(world, own, HEADSET, begun, 'mechanic');
    expect(gone).toMatchObject({
      id: begun.id,
      version: 2,
      beganBy: world.idOf('inspector'),
      changedBy: world.idOf('mechanic'),
    });
    expect(await refusalOf(savedTrace(world, own, [['joint', NO]], begun))).toBe('409 conflict.version');
    const { runs } = await world.as('desk').send(openTraces);
    expect(runs.find(({ id }) => id === begun.id)?.answers).toHaveLength(HEADSET.length);
    expect(await refusalOf(savedTrace(world, own, HEADSET, gone, 'desk'))).toBe('403 act.not-allowed');
  });

  it('refuses questions and answers it does not ask, and a search this build cannot need', async () => {
    const own = await bike();
    expect(await refusalOf(savedTrace(world, own, [['nothing', 0]]))).toBe('400 body.invalid');
    expect(await refusalOf(savedTrace(world, own, [['joint', 7]]))).toBe('400 body.invalid');
    const rigid = await world.bike(`K${(tags += 1)}`, 'child');
    const run = await savedTrace(world, rigid);
    expect(await refusalOf(savedTrace(world, own, [], run))).toBe('400 body.invalid');
  });

  it('ends in a finding at its place with repair and symptom in words, its stop on top, and closes nothing by itself', async () => {
    const own = await bike();
    const run = await savedTrace(world, own, HEADSET);
    const ended = await end(run);
    expect(ended).toMatchObject({ state: 'ended', cause: 'headset', holding: [] });
    const { findings } = (await world.bikeNow(own.id)).facts;
    expect(findings).toMatchObject([{ id: ended.findingId, checkpoint: 'headset-play', severity: 'stop' }]);
    expect(findings[0]?.words.note).toContain('Knock under the front brake: Headset loose');
    expect(await reasonsOf(own)).toContain('stop-finding');
    expect(await refusalOf(end(run))).toBe('409 trace.over');
    expect(await refusalOf(savedTrace(world, own, HEADSET, ended))).toBe('409 trace.over');
    expect(await refusalOf(prove(ended, true))).toBe('409 trace.not-repaired');
  });

  it('keeps the bike held when it is handed over, until the lead closes it with a reason', async () => {
    const own = await bike();
    const run = await savedTrace(world, own, [['joint', null]]);
    expect(await refusalOf(end(run, { result: 'finding', cause: null }))).toBe('400 body.invalid');
    expect(await refusalOf(end(run, { result: 'finding', cause: 'gremlins' }))).toBe('400 body.invalid');
    await end(run, { result: 'handed-over', cause: null });
    expect(await reasonsOf(own)).toContain('cause-not-excluded');
    const close = (by: string) =>
      world.as(by).send(closeTrace, {
        params: { id: run.id },
        body: { id: newId(), reason: 'Workshop found nothing', at: world.clock.now },
      });
    expect(await refusalOf(close('inspector'))).toBe('403 act.not-allowed');
    expect(await close('lead')).toMatchObject({ state: 'closed', holding: [] });
    expect(await reasonsOf(own)).not.toContain('cause-not-excluded');
    expect(await refusalOf(close('lead'))).toBe('409 trace.over');
  });

  it('proves nothing by a finding that was merged away', async () => {
    const own = await bike();
    const { findings } = await world.check(own, {
      exceptions: [{ checkpoint: 'headset-play', more: faulty('notchy') }],
    });
    const ended = await end(await savedTrace(world, own, HEADSET));
    const [other] = findings;
    await world.as('mechanic').send(mergeFindings, {
      params: { id: other?.id ?? '' },
      body: { id: newId(), otherId: ended.findingId ?? '', at: world.clock.now },
    });
    expect(await refusalOf(prove(ended, true))).toBe('409 trace.not-repaired');
    expect((await world.fitness(own.id)).fitness).toBe('held');
  });

  it('learns from what its repair proved, and goes on without a cause that was none', async () => {
    const own = await bike();
    const ended = await end(await savedTrace(world, own, HEADSET));
    await repairAndRecheck(world, own, ended.findingId ?? '');
    const again = await prove(ended, false);
    expect(again).toMatchObject({ state: 'open', refuted: ['headset'], cause: null });
    // What was repaired and is not it stays out; the others are asked on.
    expect(again.holding).not.toContain('Headset loose');
    const hub = await end(await savedTrace(world, own, [['rim', YES]], again), { cause: 'hub' });
    await repairAndRecheck(world, own, hub.findingId ?? '');
    expect(await prove(hub, true)).toMatchObject({ state: 'closed', holding: [] });
    const { proved } = await world.as('desk').send(openTraces);
    expect(proved).toEqual([{ trace: 'front-knock', cause: 'hub', count: 1 }]);
    const shipped = TRACES.find(({ key }) => key === 'front-knock');
    const drawn = shipped && traceHere(shipped, { fitted: null, position: 'only', proved, refuted: [] });
    const share = (causes: (typeof TRACES)[number]['causes'] = []) =>
      (causes.find(({ key }) => key === 'hub')?.prior ?? 0) /
      causes.reduce((sum, { prior }) => sum + prior, 0);
    expect(share(drawn?.causes)).toBeGreaterThan(share(shipped?.causes));
  });
});

describe('what the record answers', () => {
  it('tells of axle and hub that passed this morning, and of none of it in three days', async () => {
    const own = await bike();
    await world.check(own);
    const answered = async () => {
      const { record } = await world.as('inspector').send(traceRecord, { params: { id: own.id } });
      const trace = TRACES.find(({ key }) => key === 'front-knock');
      return trace
        ? recordedAnswers(trace, record, 'front', world.clock.now).map(({ question, answer }) => [
            question,
            answer,
          ])
        : [];
    };
    expect(await answered()).toEqual(
      expect.arrayContaining([
        ['axle', NO],
        ['rim', NO],
      ]),
    );
    world.clock.now += 3 * DAY_MS;
    await world.signInAgain();
    expect(await answered()).toEqual([]);
  });

  it('takes no reading of an instrument that failed its reference check since', async () => {
    const own = await bike();
    const caliper = await anEquipment(world, { kind: 'caliper', unit: 'mm' });
    const reading = {
      measure: 'disc-pad',
      values: [1.2],
      typed: '1.2',
      unit: 'mm',
      instrumentId: caliper.id,
    };
    await world.check(own, {
      checklist: 'wet-season',
      exceptions: [{ checkpoint: 'disc-pads', position: 'front', more: { reading } as never }],
    });
    const read = async (): Promise<readonly [number, string[]]> => {
      const { record } = await world.as('inspector').send(traceRecord, { params: { id: own.id } });
      const pads = record.answers.filter(({ checkpoint }) => checkpoint === 'disc-pads');
      return [record.readings.length, pads.map(({ position }) => position).sort()];
    };
    expect(await read()).toEqual([1, ['front', 'rear']]);
    world.clock.now += 60_000;
    await world.as('mechanic').send(checkEquipment, {
      params: { id: caliper.id },
      body: { id: newId(), reference: 10, shown: 9.5, looksGood: null, note: '', at: world.clock.now },
    });
    // What was judged by it answers nothing either.
    expect(await read()).toEqual([0, ['rear']]);
  });

  it('tells that a tube was holed twice at the same hour of its wheel', async () => {
    const own = await bike();
    const puncture = (position: 'front' | 'rear', hour: number) =>
      world.as('inspector').send(addPuncture, {
        params: { id: own.id },
        body: { id: newId(), position, hour, cause: 'unknown', at: (world.clock.now += 1000) },
      });
    expect(await puncture('rear', 4)).toEqual({ sameHour: false });
    expect(await puncture('front', 5)).toEqual({ sameHour: false });
    expect(await puncture('rear', 5)).toEqual({ sameHour: true });
    const { record } = await world.as('inspector').send(traceRecord, { params: { id: own.id } });
    expect(record.punctures.map(({ position, hour }) => [position, hour])).toEqual([
      ['rear', 5],
      ['front', 5],
      ['rear', 4],
    ]);
    const trace = TRACES.find(({ key }) => key === 'flat-again');
    expect(trace && recordedAnswers(trace, record, 'rear', world.clock.now)).toMatchObject([
      { question: 'same-hour', answer: YES },
    ]);
  });
});
