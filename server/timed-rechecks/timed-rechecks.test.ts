import { HOUR_MS } from '@cadre/core/time';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { changeBike, moveBike, type Bike } from '@cadre/contract/fleet';
import { timeline } from '@cadre/contract/timeline';
import { answerTimedRecheck, setTimedRecheck } from '@cadre/contract/timed-rechecks';
import { dueTimedRechecks, type TimedRecheckKind } from '@cadre/core/timed-rechecks';
import { TimedRechecks, type TimedRecheckEvents } from '@cadre/server/timed-rechecks';
import { verify, projector } from '@cadre/server/app';
import { EventLog as Chain } from '@cadre/server/platform/event-log';
import { bikeFieldsOf } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
let rechecks: TimedRechecks;
beforeAll(async () => {
  world = await World.open();
  const now = (): number => world.clock.now;
  rechecks = new TimedRechecks(
    world.database.source,
    new Chain<TimedRecheckEvents>(world.database.source, projector, now),
    now,
  );
});
afterAll(() => world.close());

let tags = 0;
const bike = (): Promise<Bike> => world.bike(`W${(tags += 1)}`);
const set = (of: Bike, kind: TimedRecheckKind, more: object = {}) =>
  world.as('inspector').send(setTimedRecheck, {
    params: { id: of.id },
    body: {
      id: newId(),
      kind,
      what: 'Front tyre',
      position: 'front',
      hours: 18,
      outings: null,
      gauged: null,
      at: world.clock.now,
      ...more,
    },
  });
const answer = (id: string, more: object = {}) =>
  world.as('mechanic').send(answerTimedRecheck, {
    params: { id },
    body: { id: newId(), gauged: null, note: '', at: world.clock.now, ...more },
  });
const timedRecheckOf = async (of: Bike) => (await world.bikeNow(of.id)).facts.timedRechecks?.[0];
const kindsOf = async (of: Bike): Promise<readonly string[]> =>
  (await world.as('desk').send(timeline, { params: { id: of.id } })).entries.map((entry) => entry.kind);
const later = async (hours: number): Promise<void> => {
  world.clock.now += hours * HOUR_MS;
  await world.signInAgain();
};

describe('a soak', () => {
  it('raises itself with no page open, and what was lost over it is a finding with its rate', async () => {
    const of = await bike();
    const { facts } = await set(of, 'soak', { gauged: { kpa: 300, typed: '3' } });
    const recheck = facts.timedRechecks?.[0];
    expect(recheck).toMatchObject({ kind: 'soak', gauged: { kpa: 300 }, raisedAt: null });
    expect(dueTimedRechecks(facts.timedRechecks ?? [], world.clock.now)).toEqual([]);
    expect(await rechecks.raiseDue()).toBe(0);
    await later(18);
    expect(await rechecks.raiseDue()).toBe(1);
    expect(await rechecks.raiseDue()).toBe(0);
    expect((await timedRecheckOf(of))?.raisedAt).toBeGreaterThan(recheck?.since ?? 0);
    expect(await kindsOf(of)).toContain('timed-recheck.raised');
    const told = await answer(recheck?.id ?? '', {
      gauged: { kpa: 276, typed: '2.76' },
      at: (recheck?.since ?? 0) + 18 * HOUR_MS,
    });
    expect(told.leak).toMatchObject({ outcome: 'fail', because: 'rate' });
    expect((told.leak?.perDay ?? 0) * 100).toBeCloseTo(10.67, 2);
    expect(told.bike.facts.timedRechecks).toEqual([]);
    expect(told.bike.facts.findings).toMatchObject([
      {
        checkpoint: 'tyre-pressure',
        position: 'front',
        fault: 'low-again',
        severity: 'soon',
        words: { note: 'Lost 10.7 % a day in its leak test' },
      },
    ]);
    expect((await verify(world.database.source)).faults).toEqual([]);
  });

  it('gauged too soon goes on, and raises itself again', async () => {
    const of = await bike();
    const recheck = (await set(of, 'soak', { hours: 4, gauged: { kpa: 200, typed: '2' } })).facts
      .timedRechecks?.[0];
    await later(4);
    expect(await rechecks.raiseDue()).toBe(1);
    const told = await answer(recheck?.id ?? '', {
      gauged: { kpa: 193, typed: '1.93' },
      at: (recheck?.since ?? 0) + 4 * HOUR_MS,
    });
    expect(told).toMatchObject({
      leak: { outcome: 'too-soon', because: 'hours' },
      againAt: (recheck?.since ?? 0) + 6 * HOUR_MS,
    });
    expect(told.bike.facts.findings).toEqual([]);
    expect(told.bike.facts.timedRechecks).toMatchObject([{ raisedAt: null, dueAt: told.againAt }]);
    await later(2);
    expect(await rechecks.raiseDue()).toBe(1);
    expect(
      (await answer(recheck?.id ?? '', { gauged: { kpa: 199, typed: '1.99' } })).bike.facts.timedRechecks,
    ).toMatchObject([{ id: recheck?.id }]);
  });

  it('found flat holds the bike', async () => {
    const recheck = (await set(await bike(), 'soak', { gauged: { kpa: 300, typed: '3' } })).facts
      .timedRechecks?.[0];
    await later(12);
    const told = await answer(recheck?.id ?? '', { gauged: { kpa: 0, typed: '0' } });
    expect(told.leak).toMatchObject({ outcome: 'fail' });
    expect(told.bike.facts.findings).toMatchObject([{ fault: 'flat', severity: 'stop' }]);
    expect((await world.fitness(told.bike.id)).fitness).toBe('held');
  });
  it('knows the least its tyre may have', async () => {
    const of = await bike();
    await world.as('mechanic').send(changeBike, {
      params: { id: of.id },
      body: {
        id: newId(),
        ...bikeFieldsOf('hardtail', { tag: of.tag, siteId: of.siteId, hookId: of.hookId }),
        fit: { sidewallMinFront: 270 },
        version: of.version,
      },
    });
    const recheck = (await set(of, 'soak', { gauged: { kpa: 300, typed: '3' } })).facts.timedRechecks?.[0];
    expect(recheck?.floor).toBe(270);
    await later(24);
    expect((await answer(recheck?.id ?? '', { gauged: { kpa: 282, typed: '2.82' } })).leak).toMatchObject({
      outcome: 'fail',
      because: 'floor',
    });
  });
});

describe('other rechecks', () => {
  it('for outings come due with the third one', async () => {
    const of = await bike();
    await world.check(of);
    const recheck = (await set(of, 're-torque', { what: 'Stem bolts', hours: null, outings: 3 })).facts
      .timedRechecks?.[0];
    for (const outing of [1, 2, 3]) {
      await world
        .as('desk')
        .send(moveBike, { params: { id: of.id }, body: { id: newId(), to: 'out', at: world.clock.now } });
      await rechecks.raiseDue();
      expect((await timedRecheckOf(of))?.raisedAt !== null).toBe(outing === 3);
      await world
        .as('desk')
        .send(moveBike, { params: { id: of.id }, body: { id: newId(), to: 'in', at: world.clock.now } });
      await world.check(of);
    }
    const told = await answer(recheck?.id ?? '', { note: 'None turned' });
    expect(told).toMatchObject({ leak: null, againAt: null });
    expect(told.bike.facts.timedRechecks).toEqual([]);
    expect(await refusalOf(answer(recheck?.id ?? ''))).toBe('409 timed-recheck.over');
  });
  it.each([
    ['soak', {}, '400 body.invalid'],
    ['recheck', { hours: null }, '400 body.invalid'],
    ['recheck', { hours: -1 }, '400 body.invalid'],
    ['recheck', { outings: 0 }, '400 body.invalid'],
    ['soak', { gauged: { kpa: 5000, typed: '50' } }, '400 body.invalid'],
  ] as const)('a %s of %o is refused: %s', async (kind, more, refusal) =>
    expect(await refusalOf(set(await bike(), kind, more))).toBe(refusal),
  );
  it('a soak is answered by a gauge and nothing else', async () => {
    const recheck = (await set(await bike(), 'soak', { gauged: { kpa: 300, typed: '3' } })).facts
      .timedRechecks?.[0];
    await later(8);
    expect(await refusalOf(answer(recheck?.id ?? '', { note: 'Looks fine' }))).toBe(
      '422 timed-recheck.gauge-again',
    );
    expect(await refusalOf(answer(newId()))).toBe('404 not-found');
  });
});
