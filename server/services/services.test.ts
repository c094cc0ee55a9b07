import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { amendCheck, coSignCheck } from '@cadre/contract/checks';
import { listChecklists } from '@cadre/contract/catalogue';
import { moveBike, type Bike } from '@cadre/contract/fleet';
import { handOut, takeBack } from '@cadre/contract/outings';
import { publishPolicy } from '@cadre/contract/policy';
import { doneService, getServices, readOdometer } from '@cadre/contract/services';
import { DEFAULT_PRACTICES, type ServiceRule } from '@cadre/core/catalogue';
import { evaluateFitness } from '@cadre/core/fitness';
import { shippedServices } from '@cadre/core/shipped';
import { DAY_MS } from '@cadre/core/time';
import { createServices, rebuild, verify } from '@cadre/server/app';
import { markFor } from '@cadre/test-world/builders';
import { World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

/** What was refused, as it is told. */
async function refusalOf(call: Promise<unknown>): Promise<object> {
  const { problem } = await call.then(
    () => ({ problem: { code: 'accepted' } }),
    (error: unknown) => error as { problem: object },
  );
  return problem;
}

let tags = 0;
const bike = (kind: Parameters<World['bike']>[1] = 'hybrid'): Promise<Bike> =>
  world.bike(`V${(tags += 1)}`, kind);
const services = async (of: Bike) => world.as('desk').send(getServices, { params: { id: of.id } });
const service = async (of: Bike, key: string) => {
  const found = (await services(of)).services.find((each) => each.key === key);
  if (!found) throw new Error(`no ${key} on ${of.tag}`);
  return found;
};
const inFacts = async (of: Bike, key: string) =>
  (await world.bikeNow(of.id)).facts.services.find((each) => each.service === key) ?? null;
const done = (of: Bike, key: string, as: Parameters<World['as']>[0] = 'mechanic', more: object = {}) =>
  world.as(as).send(doneService, {
    params: { id: of.id, key },
    body: { id: newId(), note: '', at: world.clock.now, ...more },
  });
const odometer = (of: Bike, km: number, more: object = {}) =>
  world.as('desk').send(readOdometer, {
    params: { id: of.id },
    body: { id: newId(), km, sure: false, at: world.clock.now, ...more },
  });
const days = async (count: number): Promise<void> => {
  world.clock.now += count * DAY_MS;
  await world.signInAgain();
};
const outing = async (of: Bike): Promise<void> => {
  await world.check(await world.bikeNow(of.id));
  for (const to of ['out', 'in'] as const) {
    await world.as('desk').send(moveBike, {
      params: { id: of.id },
      body: { id: newId(), to, at: world.clock.now },
    });
  }
};

async function publish(change: {
  services?: readonly ServiceRule[];
  seasons?: readonly object[];
}): Promise<unknown> {
  const { hash, policy } = (await world.as('lead').send(listChecklists)).policy;
  const { schema: _schema, version: _version, note: _note, ...choices } = policy;
  return world.as('lead').send(publishPolicy, {
    body: {
      ...{ id: newId(), base: hash, note: 'Services' },
      policy: { ...choices, ...change },
    } as never,
  });
}

describe('the services of a bike', () => {
  it('count from when it came, and begin anew when one is done', async () => {
    const of = await bike();
    const fresh = await service(of, 'seatpost');
    expect(fresh).toMatchObject({ everDone: false, by: 'days', every: { days: 90 } });
    expect(fresh.dueAt).toBe(fresh.since + 90 * DAY_MS);
    await days(40);
    await done(of, 'seatpost');
    const after = await service(of, 'seatpost');
    expect(after).toMatchObject({ everDone: true });
    expect((after.dueAt ?? 0) - (fresh.dueAt ?? 0)).toBeGreaterThan(39 * DAY_MS);
    expect((await inFacts(of, 'seatpost'))?.dueAt).toBe(after.dueAt);
  });

  it('are settled by the pass of a signed check, a trainee’s once it is co-signed', async () => {
    const of = await bike();
    const before = await service(of, 'pads-rotors');
    await days(3);
    const { check } = await world.check(of, { by: 'trainee' });
    expect(await service(of, 'pads-rotors')).toMatchObject({ since: before.since, everDone: false });
    await world.as('mechanic').send(coSignCheck, {
      params: { id: check.id },
      body: { id: newId(), at: world.clock.now },
    });
    expect(await service(of, 'pads-rotors')).toMatchObject({ everDone: true });
    expect((await service(of, 'pads-rotors')).since).toBeGreaterThan(before.since + 2 * DAY_MS);
  });

  it('are settled no more by a pass that turned out to be none', async () => {
    const of = await bike();
    const before = await service(of, 'pads-rotors');
    await days(3);
    const { check } = await world.check(of);
    expect(await service(of, 'pads-rotors')).toMatchObject({ everDone: true });
    const author = world.idOf('inspector');
    const pads = markFor(
      { checkpoint: { key: 'rim-pads' }, position: 'front' } as never,
      author,
      world.clock.now,
    );
    const mark = { ...pads, outcome: 'fail' as const, way: 'single' as const, faults: [{ fault: 'gone' }] };
    await world.as('inspector').send(amendCheck, {
      params: { id: check.id },
      body: {
        id: newId(),
        checkId: newId(),
        author,
        reason: 'Worn after all',
        marks: [mark],
        at: world.clock.now,
      },
    });
    expect(await service(of, 'pads-rotors')).toMatchObject({ everDone: false, since: before.since });
  });

  it('fall due by what its outings usually are, and by what its computer says', async () => {
    const of = await bike();
    await outing(of);
    expect((await service(of, 'chain-lube')).left).toEqual({ km: 286 });
    expect(await inFacts(of, 'chain-lube')).toBeNull();
    await odometer(of, 1000);
    await days(4);
    await outing(of);
    await odometer(of, 1290);
    expect((await service(of, 'chain-lube')).left).toEqual({ km: -4 });
    expect(await inFacts(of, 'chain-lube')).toMatchObject({ overdue: 'maintenance' });
    expect((await services(of)).odometer).toMatchObject({ km: 1290 });
    await done(of, 'chain-lube');
    expect(await inFacts(of, 'chain-lube')).toBeNull();
  });

  it('count an outing in the wet for two where the wet wears', async () => {
    const of = await bike();
    await world.check(of);
    const bikeIds = [of.id];
    const at = world.clock.now;
    const desk = world.as('desk');
    await desk.send(handOut, { body: { id: newId(), bikeIds, groupId: null, dueBackAt: null, at } });
    const how = { way: 'hard', conditions: 'mud', odometerKm: null, odometerSure: false, note: '' } as const;
    await desk.send(takeBack, { body: { id: newId(), bikeIds, ...how, at } });
    expect((await service(of, 'chain-lube')).left).toEqual({ km: 272 });
  });

  it('refuse a computer that runs backwards, ask once about one that leaps, and write nothing meanwhile', async () => {
    const of = await bike();
    await odometer(of, 500);
    expect(await refusalOf(odometer(of, 499))).toMatchObject({
      code: 'body.invalid',
      fields: [{ path: 'km', code: 'backwards', params: { km: 500 } }],
    });
    expect(await refusalOf(odometer(of, 5000))).toMatchObject({
      fields: [{ path: 'km', code: 'leap', params: { km: 500 } }],
    });
    expect((await services(of)).odometer).toMatchObject({ km: 500 });
    await odometer(of, 5000, { sure: true });
    expect((await services(of)).odometer).toMatchObject({ km: 5000 });
  });

  it('are done by those who may mark, once however often it is sent, and only where there is such a service', async () => {
    const of = await bike();
    expect(await refusalOf(done(of, 'seatpost', 'desk'))).toMatchObject({ code: 'act.not-allowed' });
    expect(await refusalOf(done(of, 'assist'))).toMatchObject({
      code: 'not-found',
      params: { what: 'service' },
    });
    const id = newId();
    const at = world.clock.now;
    await done(of, 'seatpost', 'mechanic', { id, at });
    await done(of, 'seatpost', 'mechanic', { id, at });
    const [{ n }] = (await world.database.source.query(
      "SELECT COUNT(*) AS n FROM entry WHERE kind = 'service.done' AND bikeId = ?",
      [of.id],
    )) as [{ n: string }];
    expect(Number(n)).toBe(1);
  });
});

describe('a program’s own rules', () => {
  it('change every bike they hold for at once, and keep one in whose service is overdue', async () => {
    const of = await bike();
    await days(20);
    await world.check(of);
    const shipped = shippedServices((await world.as('lead').send(listChecklists)).policy.policy.practices);
    const tune = shipped.find((rule) => rule.key === 'full-tune') as ServiceRule;
    await publish({ services: [{ ...tune, every: { days: 14 }, overdue: 'due' }] });
    const now = await world.bikeNow(of.id);
    expect(evaluateFitness(now.facts, world.clock.now)).toMatchObject({
      fitness: 'due',
      reasons: [{ code: 'service-overdue', service: 'Full tune' }],
    });
    const move = () =>
      world.as('desk').send(moveBike, {
        params: { id: of.id },
        body: { id: newId(), to: 'out', at: world.clock.now },
      });
    expect(await refusalOf(move())).toMatchObject({ code: 'hand-out.not-fit' });
    await done(of, 'full-tune');
    expect(evaluateFitness((await world.bikeNow(of.id)).facts, world.clock.now).fitness).toBe('cleared');
    await publish({ services: [] });
  });

  it('follow the seasons of the bike’s site', async () => {
    const of = await bike();
    await publish({
      seasons: [{ siteId: world.siteId, climate: 'wet', from: '01-01', to: '12-31' }],
    });
    expect((await services(of)).climate).toBe('wet');
    expect((await service(of, 'chain-lube')).left).toEqual({ km: 150 });
    await publish({ seasons: [] });
    expect((await service(of, 'chain-lube')).left).toEqual({ km: 300 });
  });

  it.each<[string, Parameters<typeof publish>[0], string, string]>([
    [
      'a season without an end',
      { seasons: [{ siteId: '', climate: 'wet', from: '11-01', to: '' }] },
      'policy.seasons.0.to',
      'required',
    ],
    [
      'a service never due',
      { services: [{ ...(shippedServices(DEFAULT_PRACTICES)[2] as ServiceRule), every: {} }] },
      'policy.services.0.every',
      'never-due',
    ],
  ])('%s is refused at its field', async (_name, change, path, code) => {
    const seasons = change.seasons?.map((season) => ({ ...season, siteId: world.siteId }));
    expect(await refusalOf(publish({ ...change, ...(seasons ? { seasons } : {}) }))).toMatchObject({
      code: 'body.invalid',
      fields: expect.arrayContaining([expect.objectContaining({ path, code })]) as unknown,
    });
  });
});

describe('the record', () => {
  it('told again gives the same services, and is sound', async () => {
    const of = await bike('full-suspension');
    await outing(of);
    await done(of, 'sag');
    const tables = ['bike_done', 'bike_service', 'odometer', 'bike_state'];
    const rows = async () =>
      Promise.all(tables.map((table) => world.database.source.query(`SELECT * FROM ${table} ORDER BY 1, 2`)));
    const before = await rows();
    await rebuild(world.database.source);
    expect(await rows()).toEqual(before);
    expect(await verify(world.database.source)).toMatchObject({ faults: [] });
  });

  it('is judged anew by the job where nobody judged it by these rules, with nothing else of a bike’s changed', async () => {
    const of = await bike();
    const { source } = world.database;
    const before = (await world.bikeNow(of.id)).facts;
    expect(before.services.length).toBeGreaterThan(3);
    await source.query("UPDATE bike_service SET due = '[]' WHERE bikeId = ?", [of.id]);
    await source.query('UPDATE bike_state SET facts = ? WHERE bikeId = ?', [
      JSON.stringify({ ...before, services: [] }),
      of.id,
    ]);
    const job = createServices(source, () => world.clock.now).bikeServices;
    expect(await job.refresh()).toBe(1);
    expect((await world.bikeNow(of.id)).facts).toEqual(before);
    expect(await job.refresh()).toBe(0);
  });
});
