import { HOUR_MS } from '@cadre/core/time';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck } from '@cadre/contract/checks';
import { setOpening, type Bike } from '@cadre/contract/fleet';
import {
  changeRound,
  closeRound,
  getRound,
  listRounds,
  makeRound,
  setStandingRound,
  type Round,
} from '@cadre/contract/rounds';
import { addGroup } from '@cadre/contract/schedule';
import { ANY_BIKE, countRound, roundRows } from '@cadre/core/rounds';
import { createServices } from '@cadre/server/app';
import { faulty, marksFor } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const bikes = (count: number): Promise<Bike[]> =>
  Promise.all(Array.from({ length: count }, () => world.bike(`R${(tags += 1)}`)));
const body = (of: readonly Bike[], more: Partial<Parameters<typeof bodyOf>[0]> = {}) =>
  bodyOf({ of, ...more });
function bodyOf(input: { of: readonly Bike[]; checklistKey?: string | null; deadline?: number }) {
  return {
    id: newId(),
    siteId: world.siteId,
    name: 'Morning',
    checklistKey: input.checklistKey ?? null,
    bikeIds: input.of.map((bike) => bike.id),
    people: [world.idOf('inspector')],
    deadline: input.deadline ?? world.clock.now + 2 * HOUR_MS,
    at: world.clock.now,
  };
}
const make = (of: readonly Bike[], more: Partial<Parameters<typeof bodyOf>[0]> = {}): Promise<Round> =>
  world.as('inspector').send(makeRound, { body: body(of, more) });
const now = (id: string): Promise<Round> => world.as('desk').send(getRound, { params: { id } });
const states = (round: Round): string[] =>
  roundRows(round.bikeIds, round.looks, world.clock.now).map((row) => row.state);

describe('a round', () => {
  it('tells from the checks how far it is, who is on which bike and what was found', async () => {
    const [a, b, c, d] = (await bikes(4)) as [Bike, Bike, Bike, Bike];
    const round = await make([a, b, c, d]);
    expect(states(round)).toEqual(['waiting', 'waiting', 'waiting', 'waiting']);
    world.clock.now += 1000;
    await world.check(a, {
      exceptions: [{ checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn') }],
    });
    await world.check(b, { leftOut: ['bars'] });
    const ride = world.checklists.get('ride-out');
    const checkId = newId();
    const author = world.idOf('mechanic');
    await world.as('mechanic').send(openCheck, {
      body: { id: checkId, bikeId: c.id, checklistHash: ride?.hash ?? '', author, at: world.clock.now },
    });
    if (!ride) throw new Error('no ride-out');
    const marks = marksFor(ride.checklist, c.build, author, world.clock.now, [
      { checkpoint: 'bars', more: faulty('bent') },
    ]).slice(0, 20);
    await world.as('mechanic').send(addMarks, { params: { id: checkId }, body: { marks } });
    const told = await now(round.id);
    expect(states(told)).toEqual(['done', 'incomplete', 'in-hand', 'waiting']);
    expect(told.looks.find((look) => look.bikeId === c.id)).toMatchObject({
      by: author,
      checkId,
      state: 'open',
    });
    expect(countRound(roundRows(told.bikeIds, told.looks, world.clock.now))).toMatchObject({
      of: 4,
      done: 1,
      inHand: 1,
      left: 3,
    });
    expect(told.looks.find((look) => look.bikeId === a.id)?.found).toBe(1);
    expect(told.minutes.length).toBeGreaterThan(0);
  });

  it('does not count what was signed before it was made, nor on another checklist', async () => {
    const [a] = (await bikes(1)) as [Bike];
    await world.check(a);
    world.clock.now += 1000;
    const round = await make([a]);
    await world.check(a, { checklist: 'lube' });
    expect(states(await now(round.id))).toEqual(['waiting']);
    const lube = await make([a], { checklistKey: 'lube' });
    world.clock.now += 1000;
    await world.check(a, { checklist: 'lube' });
    expect(states(await now(lube.id))).toEqual(['done']);
  });

  it('a mark taken back is no longer found', async () => {
    const [a] = (await bikes(1)) as [Bike];
    const round = await make([a]);
    const ride = world.checklists.get('ride-out');
    if (!ride) throw new Error('no ride-out');
    const checkId = newId();
    const author = world.idOf('inspector');
    await world.as('inspector').send(openCheck, {
      body: { id: checkId, bikeId: a.id, checklistHash: ride.hash, author, at: world.clock.now },
    });
    const [mark] = marksFor(ride.checklist, a.build, author, world.clock.now);
    if (!mark) throw new Error('no mark');
    const wrong = { ...mark, outcome: 'fail' as const };
    await world.as('inspector').send(addMarks, { params: { id: checkId }, body: { marks: [wrong] } });
    expect((await now(round.id)).looks[0]?.found).toBe(1);
    await world.as('inspector').send(addMarks, {
      params: { id: checkId },
      body: { marks: [{ ...mark, id: newId(), outcome: 'withdrawn', at: mark.at + 5 }] },
    });
    expect((await now(round.id)).looks[0]?.found).toBe(0);
  });

  it('refuses a bike twice, no bike, a strange bike, a strange checklist and a deadline that is past, by field', async () => {
    const [a] = (await bikes(1)) as [Bike];
    const send = (more: object) =>
      refusalOf(world.as('inspector').send(makeRound, { body: { ...body([a]), ...more } }));
    expect(await send({ bikeIds: [a.id, a.id] })).toBe('400 round.bike-twice');
    expect(await send({ bikeIds: [] })).toBe('400 body.invalid');
    expect(await send({ bikeIds: [newId()] })).toBe('400 body.invalid');
    expect(await send({ checklistKey: 'no-such' })).toBe('400 body.invalid');
    expect(await send({ deadline: world.clock.now - 1 })).toBe('400 round.deadline-past');
    expect(await refusalOf(world.as('desk').send(makeRound, { body: body([a]) }))).toBe(
      '403 act.not-allowed',
    );
  });

  it('closes when whatever was not done is said why, once', async () => {
    const [a, b] = (await bikes(2)) as [Bike, Bike];
    const round = await make([a, b]);
    world.clock.now += 1000;
    await world.check(a);
    const close = (undone: { bikeId: string; why: string }[], id = newId()) =>
      world
        .as('inspector')
        .send(closeRound, { params: { id: round.id }, body: { id, undone, at: world.clock.now } });
    expect(await refusalOf(close([]))).toBe('422 round.undone-unsaid');
    expect(await refusalOf(close([{ bikeId: b.id, why: ' ' }]))).toBe('422 round.undone-unsaid');
    const closed = await close([
      { bikeId: b.id, why: 'No hook free' },
      { bikeId: a.id, why: 'never mind' },
    ]);
    expect(closed).toMatchObject({ state: 'closed', undone: [{ bikeId: b.id, why: 'No hook free' }] });
    expect(await refusalOf(close([]))).toBe('409 round.closed');
    world.clock.now += 1000;
    await world.check(b);
    expect(states(await now(round.id))).toEqual(['done', 'waiting']);
    expect((await world.as('desk').send(listRounds)).rounds.map((each) => each.id)).toContain(round.id);
  });

  it('is changed by the version one saw', async () => {
    const [a, b] = (await bikes(2)) as [Bike, Bike];
    const round = await make([a]);
    const change = () => ({
      id: newId(),
      name: 'Later',
      bikeIds: [a.id, b.id],
      people: [],
      deadline: round.deadline + HOUR_MS,
      version: round.version,
    });
    expect(
      await world.as('mechanic').send(changeRound, { params: { id: round.id }, body: change() }),
    ).toMatchObject({ name: 'Later', version: 2 });
    expect(
      await refusalOf(world.as('mechanic').send(changeRound, { params: { id: round.id }, body: change() })),
    ).toBe('409 conflict.version');
  });
});

describe('a standing round', () => {
  it('is made once a day before it is to be done, however many servers ask, of the bikes its rule means then', async () => {
    const id = newId();
    const own = await world.bike(`R${(tags += 1)}`, 'trike');
    const rule = { ...structuredClone(ANY_BIKE), kinds: ['trike' as const] } as never;
    const send = (more: object) =>
      world.as('mechanic').send(setStandingRound, {
        params: { id },
        body: {
          id: newId(),
          siteId: world.siteId,
          name: 'Trikes',
          checklistKey: null,
          rule,
          people: [],
          doneBy: '09:00',
          active: true,
          version: null,
          ...more,
        },
      });
    expect(
      await refusalOf(
        world.as('inspector').send(setStandingRound, {
          params: { id },
          body: {
            id: newId(),
            siteId: world.siteId,
            name: 'T',
            checklistKey: null,
            rule,
            people: [],
            doneBy: '09:00',
            active: true,
            version: null,
          },
        }),
      ),
    ).toBe('403 act.not-allowed');
    await send({});
    expect(await refusalOf(send({ doneBy: '25:00', version: 1 }))).toBe('400 body.invalid');
    expect(await refusalOf(send({}))).toBe('409 conflict.version');
    const made = async (at: number): Promise<Round[]> => {
      world.clock.now = at;
      await world.signInAgain();
      const servers = [1, 2, 3].map(() =>
        createServices(world.database.source, () => world.clock.now).rounds.raiseStanding(),
      );
      await Promise.all(servers);
      return (await world.as('desk').send(listRounds)).rounds.filter((round) => round.standingId === id);
    };
    const day = Date.UTC(2026, 5, 11);
    expect(await made(day - 2 * HOUR_MS)).toHaveLength(0);
    const [today, ...more] = await made(day + 5 * HOUR_MS);
    expect(more).toHaveLength(0);
    // Nine o'clock at the site is eight by the world's clock in June.
    expect(today).toMatchObject({
      bikeIds: [own.id],
      madeBy: null,
      deadline: day + 8 * HOUR_MS,
      name: 'Trikes',
    });
    expect(await made(day + 6 * HOUR_MS)).toHaveLength(1);
    await world.signInAgain();
    await send({ active: false, version: 1 });
    expect(
      (await made(day + 29 * HOUR_MS)).filter((round) => round.deadline > day + 20 * HOUR_MS),
    ).toHaveLength(0);
  });

  it('for groups is of what they can ride', async () => {
    const id = newId();
    world.clock.now = Date.UTC(2026, 5, 13, 5);
    await world.signInAgain();
    const child = await world.bike(`R${(tags += 1)}`, 'child');
    await world.as('lead').send(addGroup, {
      body: {
        id: newId(),
        siteId: world.siteId,
        name: 'Year 5',
        outAt: world.clock.now + 5 * HOUR_MS,
        backAt: world.clock.now + 7 * HOUR_MS,
        wants: [{ count: 1, kind: 'child', size: '' }],
      },
    });
    await world.as('lead').send(setStandingRound, {
      params: { id },
      body: {
        id: newId(),
        siteId: world.siteId,
        name: 'Groups',
        checklistKey: null,
        rule: { ...structuredClone(ANY_BIKE), forGroups: true },
        people: [],
        doneBy: '09:00',
        active: true,
        version: null,
      },
    });
    await createServices(world.database.source, () => world.clock.now).rounds.raiseStanding();
    const { rounds } = await world.as('desk').send(listRounds);
    expect(rounds.find((round) => round.standingId === id)?.bikeIds).toEqual([child.id]);
  });

  it('is made on no day the site stays closed, follows a day that opens later, and a deadline on a closed day moves on', async () => {
    const id = newId();
    const friday = Date.UTC(2026, 5, 19);
    world.clock.now = friday + 4 * HOUR_MS;
    await world.signInAgain();
    const own = await world.bike(`R${(tags += 1)}`, 'cargo');
    const rule = { ...structuredClone(ANY_BIKE), kinds: ['cargo' as const] };
    await world.as('lead').send(setStandingRound, {
      params: { id },
      body: {
        ...{ id: newId(), siteId: world.siteId, name: 'Cargo', checklistKey: null, rule, people: [] },
        ...{ doneBy: '09:00', active: true, version: null },
      },
    });
    const handMade = newId();
    await world.as('lead').send(makeRound, {
      body: {
        ...{ id: handMade, siteId: world.siteId, name: 'By hand', checklistKey: null, bikeIds: [own.id] },
        // Half past ten on Saturday at the site.
        ...{ people: [], deadline: friday + 33.5 * HOUR_MS, at: world.clock.now },
      },
    });
    const none = { closedOn: [], exceptions: [] };
    const opening = {
      closedOn: [6, 7],
      exceptions: [
        { day: '2026-06-19', opensAt: null, name: 'Regatta' },
        { day: '2026-06-22', opensAt: '11:00', name: 'Late start' },
      ],
    };
    const set = (of: object, before: object = none) =>
      world.as('lead').send(setOpening, {
        params: { id: world.siteId },
        body: { id: newId(), opening: of as never, before: before as never },
      });
    expect((await set(opening)).opening).toEqual(opening);
    await expect(set({ ...opening, closedOn: [1, 2, 3, 4, 5, 6, 7] }, opening)).rejects.toMatchObject({
      problem: { fields: [{ path: 'opening.closedOn', code: 'never-open' }] },
    });
    // Somebody else's newer days are told, not overwritten.
    expect(await refusalOf(set(none))).toBe('409 conflict.version');

    const made = async (at: number): Promise<readonly Round[]> => {
      world.clock.now = at;
      await world.signInAgain();
      await createServices(world.database.source, () => world.clock.now).rounds.raiseStanding();
      return (await world.as('desk').send(listRounds)).rounds;
    };
    const standing = (rounds: readonly Round[]) => rounds.filter((round) => round.standingId === id);
    const onFriday = await made(friday + 5 * HOUR_MS);
    expect(standing(onFriday)).toEqual([]);
    // Monday at the same time of day.
    expect(onFriday.find((round) => round.id === handMade)?.deadline).toBe(friday + (72 + 9.5) * HOUR_MS);
    expect(standing(await made(friday + 29 * HOUR_MS))).toEqual([]);
    const monday = friday + 72 * HOUR_MS;
    // Made five hours before eleven at the site, which is ten by the world's clock, and not before.
    expect(standing(await made(monday + 4 * HOUR_MS))).toEqual([]);
    expect(standing(await made(monday + 5.5 * HOUR_MS))).toMatchObject([{ deadline: monday + 10 * HOUR_MS }]);
  });
});
