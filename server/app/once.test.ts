import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { openAssessment } from '@cadre/contract/assessments';
import { reportIncident } from '@cadre/contract/incidents';
import { ROUTES } from '@cadre/contract/routes';
import { answerTimedRecheck, setTimedRecheck } from '@cadre/contract/timed-rechecks';
import type { Bike } from '@cadre/contract/fleet';
import { verify } from '@cadre/server/app';
import { bikeFieldsOf, faulty } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';
import { RELEASABLE } from '../../testing/other-acts';
import { WRITE_ACTS } from '../../testing/write-acts';
import type { Asking, WriteAct } from '../../testing/act-helpers';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const query = async <T>(sql: string): Promise<T[]> => await world.database.owner.query<T[]>(sql);

/** Every table's content as one sum each, and its rows: what was done once more would show. */
async function contents(): Promise<Record<string, string>> {
  // Sessions note when they were last seen.
  const names = (
    await query<{ name: string }>(
      "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE'",
    )
  )
    .map(({ name }) => name)
    .filter((name) => name !== 'session');
  const sums = await query<{ Table: string; Checksum: number }>(
    `CHECKSUM TABLE ${names.map((name) => `\`${name}\``).join(', ')} EXTENDED`,
  );
  const rows: Record<string, string> = {};
  for (const { Table, Checksum } of sums) {
    const [count] = await query<{ n: string }>(`SELECT COUNT(*) AS n FROM ${Table}`);
    rows[Table.split('.').at(-1) ?? ''] = `${count?.n} rows, ${Checksum}`;
  }
  return rows;
}

async function send(
  route: { method: string; path: string },
  by: string,
  { params = {}, query: asked, body, type }: Asking,
) {
  const address =
    route.path.replace(/:(\w+)/g, (_all, key: string) => params[key] ?? newId()) + (asked ? `?${asked}` : '');
  const response = await world.as(by).raw(route.method, address, body, type ? { 'content-type': type } : {});
  return { status: response.status, said: (await response.json()) as { code?: string; current?: unknown } };
}

/** What was sent, but for one thing: the same id asks for something else. */
function otherwise(asking: Asking): Asking {
  if (asking.query)
    return {
      ...asking,
      query: asking.query.replace(
        'shapes%22%3A%5B',
        `shapes%22%3A%5B${encodeURIComponent('{"kind":"circle","from":{"x":0.1,"y":0.1},"to":{"x":0.2,"y":0.2}}')}`,
      ),
    };
  const body = asking.body as Record<string, unknown>;
  if (Array.isArray(body.marks) && !('id' in body))
    return {
      ...asking,
      body: { marks: (body.marks as object[]).map((mark) => ({ ...mark, note: 'Something else' })) },
    };
  if ('at' in body) return { ...asking, body: { ...body, at: Number(body.at) - 1 } };
  const [name, value] =
    Object.entries(body).find(
      ([key, each]) =>
        key !== 'id' && typeof each === 'string' && ['name', 'note', 'size', 'role', 'token'].includes(key),
    ) ?? [];
  if (name) return { ...asking, body: { ...body, [name]: name === 'role' ? 'desk' : `${String(value)}x` } };
  if (Array.isArray(body.bikes))
    return {
      ...asking,
      body: { ...body, bikes: (body.bikes as object[]).map((bike) => ({ ...bike, serial: 'x' })) },
    };
  if ('renew' in body) return { ...asking, body: { ...body, renew: !body.renew } };
  if (Array.isArray(body.rackIds))
    return { ...asking, body: { ...body, rackIds: [...(body.rackIds as string[])].reverse() } };
  if ('checklist' in body)
    return {
      ...asking,
      body: { ...body, checklist: { ...(body.checklist as object), purpose: 'Something else' } },
    };
  // Only the address says what is asked for: the same id at another one.
  return {
    ...asking,
    params: Object.fromEntries(
      Object.keys(asking.params ?? {}).map((key) => [key, key === 'key' ? 'other' : newId()]),
    ),
  };
}

const READS = new Set(['checks.find', 'policy.preview', 'groups.fetch-calendar']);
const WRITES = ROUTES.filter((route) => route.name in WRITE_ACTS && !READS.has(route.name));
let tags = 0;
const fitBike = async (): Promise<Bike> => {
  const bike = await world.bike(`ON${(tags += 1)}`);
  await world.check(bike);
  return bike;
};

describe('an act sent twice', () => {
  it.each([...WRITES.map((route) => [route.name, route, WRITE_ACTS[route.name]] as const)])(
    'is done once: %s',
    async (_name, route, act) => {
      await once(route, act as WriteAct, await fitBike());
    },
  );

  it('is done once: the release of a held bike', async () => {
    const route = ROUTES.find((each) => each.name === 'bikes.release');
    await once(route as (typeof ROUTES)[number], RELEASABLE, await world.bike('ONR'));
  });

  async function once(route: (typeof ROUTES)[number], { by, ask }: WriteAct, bike: Bike): Promise<void> {
    const asking = await ask(world, bike, by);
    const first = await send(route, by, asking);
    expect(first).toMatchObject({ status: 200 });
    const after = await contents();
    expect(await send(route, by, asking)).toEqual(first);
    expect(await contents()).toEqual(after);
    const other = await send(route, by, otherwise(asking));
    expect(other).toMatchObject({ status: 409, said: { code: 'conflict.id-reused' } });
    expect(await contents()).toEqual(after);
  }

  it('is answered as the first time, whatever was done since', async () => {
    const bike = await world.bike('ONS');
    const soak = {
      id: newId(),
      kind: 'soak' as const,
      what: 'Front tyre',
      position: 'front' as const,
      hours: 12,
      outings: null,
      at: world.clock.now,
    };
    await world.as('inspector').send(setTimedRecheck, {
      params: { id: bike.id },
      body: { ...soak, gauged: { kpa: 300, typed: '3' } },
    });
    world.clock.now += 13 * 3_600_000;
    await world.signInAgain();
    const body = { id: newId(), gauged: { kpa: 200, typed: '2' }, note: '', at: world.clock.now };
    const said = () => world.as('inspector').send(answerTimedRecheck, { params: { id: soak.id }, body });
    const first = await said();
    expect(first.leak).toMatchObject({ outcome: 'fail' });
    await world.as('desk').send(reportIncident, {
      params: { id: bike.id },
      body: { id: newId(), kind: 'crash', note: '', at: world.clock.now },
    });
    const again = await said();
    expect(again).toMatchObject({ leak: first.leak, againAt: first.againAt });
  });
});

describe('the id of an event that came before the last of its act', () => {
  it('is refused to any other act, also to one on a thing that is not there', async () => {
    const bike = await world.bike('ONE');
    const body = { ...bikeFieldsOf('hybrid', { tag: 'ONF', siteId: world.siteId }) };
    const opened = await world.as('lead').send(openAssessment, {
      body: {
        id: newId(),
        bikeId: newId(),
        bike: body,
        from: '',
        asking: 1,
        worth: 1,
        at: world.clock.now,
      },
    });
    const [inner] = await query<{ id: string }>(
      `SELECT id FROM entry WHERE kind = 'bike.added' AND bikeId = '${opened.bike.id}' AND requestHash IS NULL`,
    );
    const crash = { id: inner?.id ?? '', kind: 'crash' as const, note: '', at: world.clock.now };
    const before = await contents();
    for (const id of [bike.id, newId()])
      expect(await refusalOf(world.as('desk').send(reportIncident, { params: { id }, body: crash }))).toBe(
        '409 conflict.id-reused',
      );
    expect(await contents()).toEqual(before);
    expect((await verify(world.database.source)).faults).toEqual([]);
  });
});

describe('an act that many send at once', () => {
  it('is done once, and everybody is answered', async () => {
    const bike = await world.bike('ONC', 'hardtail');
    await world.check(bike, {
      exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
    });
    const body = { id: newId(), kind: 'crash' as const, note: 'At the ford', at: world.clock.now };
    const told = await Promise.all(
      Array.from({ length: 12 }, () =>
        world.as('desk').send(reportIncident, { params: { id: bike.id }, body }),
      ),
    );
    expect(new Set(told.map((each) => JSON.stringify(each.facts.incidents))).size).toBe(1);
    expect(await query(`SELECT id FROM incident WHERE bikeId = '${bike.id}'`)).toHaveLength(1);
  });
});
