import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { changeBike, moveBike, type Bike } from '@cadre/contract/fleet';
import { timeline } from '@cadre/contract/records';
import { answerWait, setWait } from '@cadre/contract/waits';
import { dueWaits, type WaitKind } from '@cadre/core/waits';
import { Waits, type WaitEvents } from '@cadre/server/waits';
import { verify, projector } from '@cadre/server/app';
import { EventLog as Chain } from '@cadre/server/platform/event-log';
import { bikeFieldsOf } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

const HOUR = 3_600_000;
let world: World;
let waits: Waits;
beforeAll(async () => {
  world = await World.open();
  const now = (): number => world.clock.now;
  waits = new Waits(world.database.source, new Chain<WaitEvents>(world.database.source, projector, now), now);
});
afterAll(() => world.close());

let tags = 0;
const bike = (): Promise<Bike> => world.bike(`W${(tags += 1)}`);
const set = (of: Bike, kind: WaitKind, more: object = {}) =>
  world.as('inspector').send(setWait, {
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
  world.as('mechanic').send(answerWait, {
    params: { id },
    body: { id: newId(), gauged: null, note: '', at: world.clock.now, ...more },
  });
const waitOf = async (of: Bike) => (await world.bikeNow(of.id)).facts.waits?.[0];
const kindsOf = async (of: Bike): Promise<readonly string[]> =>
  (await world.as('desk').send(timeline, { params: { id: of.id } })).entries.map((entry) => entry.kind);
const later = async (hours: number): Promise<void> => {
  world.clock.now += hours * HOUR;
  await world.signInAgain();
};

describe('a soak', () => {
  it('raises itself with no page open, and what was lost over it is a finding with its rate', async () => {
    const of = await bike();
    const { facts } = await set(of, 'soak', { gauged: { kpa: 300, typed: '3' } });
    const wait = facts.waits?.[0];
    expect(wait).toMatchObject({ kind: 'soak', gauged: { kpa: 300 }, raisedAt: null });
    expect(dueWaits(facts.waits ?? [], world.clock.now)).toEqual([]);
    expect(await waits.raiseDue()).toBe(0);
    await later(18);
    expect(await waits.raiseDue()).toBe(1);
    expect(await waits.raiseDue()).toBe(0);
    expect((await waitOf(of))?.raisedAt).toBeGreaterThan(wait?.since ?? 0);
    expect(await kindsOf(of)).toContain('wait.raised');
    const told = await answer(wait?.id ?? '', {
      gauged: { kpa: 276, typed: '2.76' },
      at: (wait?.since ?? 0) + 18 * HOUR,
    });
    expect(told.leak).toMatchObject({ outcome: 'fail', because: 'rate' });
    expect((told.leak?.perDay ?? 0) * 100).toBeCloseTo(10.67, 2);
    expect(told.bike.facts.waits).toEqual([]);
    expect(told.bike.facts.findings).toMatchObject([
      {
        checkpoint: 'tyre-pressure',
        position: 'front',
        fault: 'low-again',
        severity: 'soon',
        words: { note: 'Lost 10.7 % a day over its soak' },
      },
    ]);
    expect((await verify(world.database.source)).faults).toEqual([]);
  });

  it('gauged too soon goes on, and raises itself again', async () => {
    const of = await bike();
    const wait = (await set(of, 'soak', { hours: 4, gauged: { kpa: 200, typed: '2' } })).facts.waits?.[0];
    await later(4);
    expect(await waits.raiseDue()).toBe(1);
    const told = await answer(wait?.id ?? '', {
      gauged: { kpa: 193, typed: '1.93' },
      at: (wait?.since ?? 0) + 4 * HOUR,
    });
    expect(told).toMatchObject({
      leak: { outcome: 'too-soon', because: 'hours' },
      againAt: (wait?.since ?? 0) + 6 * HOUR,
    });
    expect(told.bike.facts.findings).toEqual([]);
    expect(told.bike.facts.waits).toMatchObject([{ raisedAt: null, dueAt: told.againAt }]);
    await later(2);
    expect(await waits.raiseDue()).toBe(1);
    expect(
      (await answer(wait?.id ?? '', { gauged: { kpa: 199, typed: '1.99' } })).bike.facts.waits,
    ).toMatchObject([{ id: wait?.id }]);
  });

  it('found flat holds the bike', async () => {
    const wait = (await set(await bike(), 'soak', { gauged: { kpa: 300, typed: '3' } })).facts.waits?.[0];
    await later(12);
    const told = await answer(wait?.id ?? '', { gauged: { kpa: 0, typed: '0' } });
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
    const wait = (await set(of, 'soak', { gauged: { kpa: 300, typed: '3' } })).facts.waits?.[0];
    expect(wait?.floor).toBe(270);
    await later(24);
    expect((await answer(wait?.id ?? '', { gauged: { kpa: 282, typed: '2.82' } })).leak).toMatchObject({
      outcome: 'fail',
      because: 'floor',
    });
  });
});

describe('other waits', () => {
  it('for outings come due with the third one', async () => {
    const of = await bike();
    await world.check(of);
    const wait = (await set(of, 're-torque', { what: 'Stem bolts', hours: null, outings: 3 })).facts
      .waits?.[0];
    for (const outing of [1, 2, 3]) {
      await world
        .as('desk')
        .send(moveBike, { params: { id: of.id }, body: { id: newId(), to: 'out', at: world.clock.now } });
      await waits.raiseDue();
      expect((await waitOf(of))?.raisedAt !== null).toBe(outing === 3);
      await world
        .as('desk')
        .send(moveBike, { params: { id: of.id }, body: { id: newId(), to: 'in', at: world.clock.now } });
      await world.check(of);
    }
    const told = await answer(wait?.id ?? '', { note: 'None turned' });
    expect(told).toMatchObject({ leak: null, againAt: null });
    expect(told.bike.facts.waits).toEqual([]);
    expect(await refusalOf(answer(wait?.id ?? ''))).toBe('409 wait.over');
  });
  it.each([
    ['soak', {}, '400 body.invalid'],
    ['look-again', { hours: null }, '400 body.invalid'],
    ['look-again', { hours: -1 }, '400 body.invalid'],
    ['look-again', { outings: 0 }, '400 body.invalid'],
    ['soak', { gauged: { kpa: 5000, typed: '50' } }, '400 body.invalid'],
  ] as const)('a %s of %o is refused: %s', async (kind, more, refusal) =>
    expect(await refusalOf(set(await bike(), kind, more))).toBe(refusal),
  );
  it('a soak is answered by a gauge and nothing else', async () => {
    const wait = (await set(await bike(), 'soak', { gauged: { kpa: 300, typed: '3' } })).facts.waits?.[0];
    await later(8);
    expect(await refusalOf(answer(wait?.id ?? '', { note: 'Looks fine' }))).toBe('422 wait.gauge-again');
    expect(await refusalOf(answer(newId()))).toBe('404 not-found');
  });
});
