import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, getCheck, openCheck, signCheck } from '@cadre/contract/checks';
import { correctClock } from '@cadre/contract/clock';
import { moveBike, type Bike } from '@cadre/contract/fleet';
import { listUnusualRecords } from '@cadre/contract/unusual-records';
import { getWall } from '@cadre/contract/wall';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '@cadre/core/time';
import { rebuild, verify } from '@cadre/server/app';
import { faulty, markFor, marksFor, type Exception } from '@cadre/test-world/builders';
import { begun, fitted, rideOut } from '../../testing/act-helpers';
import { refusalOf, START, World } from '../../testing/world';
import { Writer } from '../../testing/writer';

let world: World;
let tags = 0;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());
beforeEach(() => world.signInAgain());

const newBike = (): Promise<Bike> => world.bike(`DT${(tags += 1)}`);
const fitness = async (bike: Bike): Promise<string> => (await world.fitness(bike.id)).fitness;
const reasons = async (bike: Bike): Promise<string[]> => (await world.fitness(bike.id)).reasons;

/** A whole ride-out that a device dates at some time: opened, marked and signed then, delivered now. */
async function dated(
  bike: Bike,
  at: number,
  { leftOut = '', exceptions = [] }: { leftOut?: string; exceptions?: readonly Exception[] } = {},
) {
  const checklist = world.checklists.get('ride-out');
  if (!checklist) throw new Error('no ride-out');
  const [id, author] = [newId(), world.idOf('inspector')];
  const client = world.as('inspector');
  await client.send(openCheck, { body: { id, bikeId: bike.id, checklistHash: checklist.hash, author, at } });
  const marks = marksFor(checklist.checklist, bike.build, author, at, exceptions).filter(
    (mark) => mark.checkpoint !== leftOut,
  );
  await client.send(addMarks, { params: { id }, body: { marks } });
  return client.send(signCheck, {
    params: { id },
    body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at },
  });
}

describe('what a device takes for the time', () => {
  it('clears no bike for longer, and is told to the lead', async () => {
    const bike = await newBike();
    await dated(bike, world.clock.now + 3 * DAY_MS);
    expect(await fitness(bike)).toBe('cleared');
    world.clock.now += DAY_MS;
    await world.signInAgain();
    expect(await fitness(bike)).toBe('due');
    const { oddTimes } = await world.as('lead').send(listUnusualRecords);
    expect(oddTimes.map((each) => each.tag)).toContain(bike.tag);
  });

  it('takes no incomplete check away, dated before a whole one', async () => {
    const bike = await newBike();
    await dated(bike, world.clock.now);
    expect(await fitness(bike)).toBe('cleared');
    await dated(bike, world.clock.now - HOUR_MS, { leftOut: 'stops-wheel' });
    expect(await reasons(bike)).toEqual(['check-incomplete']);
    // Nor does a whole one end it that was done before it arrived.
    await dated(bike, world.clock.now - 2 * HOUR_MS);
    expect(await reasons(bike)).toEqual(['check-incomplete']);
    await dated(bike, world.clock.now);
    expect(await fitness(bike)).toBe('cleared');
  });

  it('closes no check of today that is dated far ahead by whoever begins another', async () => {
    const bike = await newBike();
    const first = await begun(world, bike, 'inspector');
    const body = {
      id: newId(),
      bikeId: bike.id,
      checklistHash: rideOut(world),
      author: world.idOf('trainee'),
    };
    expect(
      await refusalOf(
        world.as('trainee').send(openCheck, { body: { ...body, at: world.clock.now + 5 * DAY_MS } }),
      ),
    ).toBe('409 conflict.check-open');
    expect((await world.as('desk').send(getCheck, { params: { id: first } })).state).toBe('open');
  });

  it('lets no check count past what happened to the bike before it arrived', async () => {
    const ridden = await newBike();
    await dated(ridden, world.clock.now);
    const before = world.clock.now;
    const move = (to: 'out' | 'in') =>
      world.as('desk').send(moveBike, {
        params: { id: ridden.id },
        body: { id: newId(), to, at: world.clock.now },
      });
    world.clock.now += HOUR_MS;
    await move('out');
    await move('in');
    expect(await fitness(ridden)).toBe('due');
    await dated(ridden, before);
    expect(await fitness(ridden)).toBe('due');
    const rebuilt = await newBike();
    const then = world.clock.now;
    world.clock.now += MINUTE_MS;
    await fitted(world, rebuilt); // another chain
    await dated(await world.bikeNow(rebuilt.id), then);
    expect(await fitness(rebuilt)).toBe('due');
  });

  it('puts nobody’s mark of another day into a check they never saw', async () => {
    const bike = await newBike();
    const writer = await new Writer(world.idOf('mechanic')).bind(world.as('mechanic'));
    const about = { bikeId: bike.id, checklistHash: rideOut(world) };
    const brake = { checkpoint: { key: 'stops-wheel' }, position: 'front' } as never;
    const old = writer.mark(about, markFor(brake, writer.author, world.clock.now - 3 * DAY_MS));
    const id = await begun(world, bike, 'trainee');
    expect(
      await refusalOf(world.as('trainee').send(addMarks, { params: { id }, body: { marks: [old] } })),
    ).toBe('403 author.unproven');
  });
});

describe('a server clock', () => {
  const soon: Exception = { checkpoint: 'bell-lights', position: 'only', more: faulty('weak') };

  it('that was set forward and back leaves nothing cleared; once a lead says so, what was true before counts again', async () => {
    world.clock.now = START + 10 * DAY_MS;
    await world.signInAgain();
    const [honest, ahead] = [await newBike(), await newBike()];
    await dated(honest, world.clock.now);
    world.clock.now += 40 * DAY_MS;
    await world.signInAgain();
    const { findings } = await dated(ahead, world.clock.now, { exceptions: [soon] });
    expect(findings.map((each) => each.severity)).toEqual(['soon']);
    expect(await fitness(ahead)).toBe('cleared-with-watch');
    world.clock.now = START + 10 * DAY_MS + 2 * HOUR_MS;
    await world.signInAgain();
    expect([await reasons(honest), await reasons(ahead)]).toMatchObject([
      ['clock-behind', 'no-valid-check'],
      ['clock-behind', 'soon-finding'],
    ]);
    for (const bike of [honest, ahead])
      expect(
        await refusalOf(
          world.as('desk').send(moveBike, {
            params: { id: bike.id },
            body: { id: newId(), to: 'out', at: world.clock.now },
          }),
        ),
      ).toBe('409 hand-out.not-fit');
    const { recordedUntil } = await world.as('lead').send(getWall);
    const correct = (by: string, until: number) =>
      world.as(by).send(correctClock, { body: { id: newId(), recordedUntil: until, note: 'Battery' } });
    expect(await refusalOf(correct('mechanic', recordedUntil))).toBe('403 act.not-allowed');
    expect(await refusalOf(correct('lead', recordedUntil - 1))).toBe('409 conflict.version');
    await correct('lead', recordedUntil);
    expect([await fitness(honest), await reasons(ahead)]).toEqual([
      'cleared',
      ['no-valid-check', 'soon-finding'],
    ]);
    const [finding] = (await world.bikeNow(ahead.id)).facts.findings;
    expect(finding?.limit?.until).toBeLessThan(world.clock.now + 30 * DAY_MS);
    expect(await refusalOf(correct('lead', world.clock.now))).toBe('409 clock.not-behind');
    expect((await verify(world.database.source)).faults).toEqual([]);
    const rows = () => world.database.owner.query('SELECT * FROM bike_state ORDER BY bikeId');
    const before = await rows();
    await rebuild(world.database.source);
    expect(await rows()).toEqual(before);
  });

  it('that is set back does not make yesterday’s check count again', async () => {
    const bike = await newBike();
    await dated(bike, world.clock.now);
    const yesterday = world.clock.now;
    world.clock.now += DAY_MS;
    await world.signInAgain();
    await newBike(); // something is recorded today
    world.clock.now = yesterday + MINUTE_MS;
    expect(await fitness(bike)).toBe('due');
  });
});
