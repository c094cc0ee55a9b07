import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { RIDE_OUT } from '@cadre/core/shipped';
import { ROUTES } from '@cadre/contract/routes';
import { ERROR_CODES } from '@cadre/core/errors';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { ACT_TABLE } from '@cadre/core/people';
import { ANY_BIKE } from '@cadre/core/rounds';
import { CAST, refusalOf, SECRET, World } from '../../testing/world';
import { Client } from '@cadre/test-world/client';
import { STATUS } from '@cadre/server/platform/http';
import { ROUTE_SUMMARIES } from './route-summaries';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const stranger = (): Client => new Client(world.base);

describe('the interface', () => {
  it('answers every route of the contract and no other', async () => {
    expect(ROUTES.length).toBeGreaterThan(30);
    for (const route of ROUTES.filter((each) => each.act !== 'public')) {
      const response = await stranger().raw(
        route.method,
        route.path.replace(/:\w+/g, newId()),
        route.method === 'GET' ? undefined : {},
      );
      expect(response.status, route.name).toBe(401);
    }
    expect((await stranger().raw('GET', '/api/v1/nothing')).status).toBe(404);
    const described = (await (await stranger().raw('GET', '/api/openapi.json')).json()) as {
      paths: Record<string, Record<string, { operationId: string; summary?: string; description: string }>>;
    };
    const operations = Object.values(described.paths).flatMap((path) => Object.values(path));
    expect(operations).toHaveLength(ROUTES.length);
    expect(operations.filter((each) => !each.summary).map((each) => each.operationId)).toEqual([]);
    expect(Object.keys(ROUTE_SUMMARIES).sort()).toEqual(ROUTES.map((route) => route.name).sort());
    const release = operations.find((each) => each.operationId === 'bikes.release');
    expect(release?.description).toContain('mechanic, lead');
  });

  it('lets each role do what the act table says and nothing else', async () => {
    const acting = ROUTES.filter((route) => route.act in ACT_TABLE && route.method !== 'GET');
    expect(acting.length).toBeGreaterThan(15);
    for (const route of acting) {
      for (const person of CAST) {
        const response = await world
          .as(person.name)
          .raw(
            route.method,
            `${route.path.replace(':system', 'wheels').replace(/:\w+/g, newId())}${QUERIES[route.name] ?? ''}`,
            valid[route.name],
          );
        const { code } = (await response.json()) as { code?: string };
        const allowed =
          ACT_TABLE[route.act as keyof typeof ACT_TABLE].includes(person.role) &&
          !(person.trainee && ['co-sign', 'release'].includes(route.act));
        if (allowed) expect(code, `${route.name} by ${person.name}`).not.toBe('act.not-allowed');
        else expect(code, `${route.name} by ${person.name}`).toBe('act.not-allowed');
      }
    }
  });

  it('has a status for every code', () => {
    for (const code of ERROR_CODES) expect(STATUS[code]).toBeGreaterThanOrEqual(400);
  });
});

/** A well-formed body of each acting route, about things that do not exist: enough to get past the contract. */
const at = Date.UTC(2026, 5, 10, 7);
const id = newId();
const build = { ...USUAL_BUILD.hybrid };
const bike = {
  tag: 'ZZ9',
  modelId: null,
  model: 'm',
  size: '',
  serial: '',
  boughtOn: '',
  warrantyUntil: '',
  siteId: id,
  hookId: null,
  build,
  fit: {},
};
const group = {
  siteId: id,
  name: 'g',
  outAt: at,
  backAt: at + 1,
  wants: [{ count: 1, kind: null, size: '' }],
};
const part = { id, kind: 'chain', name: 'c', facts: {}, markings: {} };
const stockItem = {
  kind: 'chain',
  name: 'c',
  facts: {},
  modelIds: [],
  least: 1,
  price: 1,
  leadDays: 1,
  supplier: 's',
};
const mark = {
  id,
  checkpoint: 'rim',
  position: 'front',
  outcome: 'pass',
  way: 'single',
  faults: [],
  note: '',
  author: id,
  writerId: newId(),
  counter: 0,
  at,
};
const { schema: _schema, version: _version, note: _note, ...policy } = DEFAULT_POLICY;
const checklist = { ...RIDE_OUT, name: '' };
const ofPhoto = {
  bikeId: id,
  checkId: null,
  checkpoint: 'rim',
  position: 'front',
  author: id,
  at,
  shapes: [],
};
/** What stands in the address beside the body. */
const QUERIES: Record<string, string> = {
  'photos.add': `?of=${encodeURIComponent(JSON.stringify(ofPhoto))}`,
};
const valid: Record<string, unknown> = {
  'people.add': { id, name: 'n', signInName: 'lead', role: 'desk', trainee: false, secret: 'secret-9' },
  'people.change': { role: 'desk', trainee: false, active: true, version: 1 },
  'bikes.add': { id, ...bike },
  'bikes.change': { ...bike, version: 1 },
  'findings.merge': { id, otherId: id, at },
  'findings.close': { id, reason: 'r', at },
  'stock.set': { id: newId(), item: { ...stockItem, markings: { nothing: 1 } }, version: null, at },
  'stock.count': { id, by: 1, why: 'delivered', note: '', at },
  'assessments.open': { id, bikeId: id, bike, from: '', asking: 1, worth: 2, at },
  'assessments.price': { id, asking: 1, worth: 2, prices: [], at },
  'assessments.decide': { id, accept: false, reason: '', at },
  'repairs.plan': { id, plan: { stand: '', personId: null, needs: [], waits: null }, at },
  'hang-tag.hang': { id, hangTag: 'Plate 1', at },
  'incidents.report-many': { id, kind: 'contamination', bikeIds: [id], note: '', at },
  'incidents.report': { id, kind: 'crash', note: '', at },
  'bikes.markings': { id, fit: { rotorMinFront: 1.55 }, at },
  'bikes.move': { id, to: 'out', at },
  'outings.hand-out': { id, bikeIds: [id], groupId: null, dueBackAt: null, at },
  'kit.set-item': {
    id,
    item: { siteId: id, kind: 'helmet', tag: 'H1', size: '', contents: [], expiresOn: null },
    version: null,
  },
  'equipment.set': {
    id,
    item: {
      ...{ siteId: id, kind: 'caliper', tag: 'C1', serial: '', unit: 'mm', least: null, most: null },
      ...{ accuracy: null, lengthMm: null, checkEveryDays: null },
    },
    version: null,
  },
  'equipment.check': { id, reference: 1, shown: 1, looksGood: null, note: '', at },
  'equipment.withdraw': { id, reason: 'r', at },
  'tracing.save': {
    ...{ id, bikeId: id, trace: 'skips', position: 'only', from: { kind: 'symptom', id: null } },
    ...{ answers: [], version: null, at },
  },
  'tracing.end': { id, result: 'not-found', cause: null, severity: null, note: '', at },
  'tracing.prove': { id, gone: true, at },
  'tracing.close': { id, reason: 'r', at },
  'sounds.add': { id, sound: 'AAAAAAAA', gear: '', doing: '', at },
  'tracing.puncture': { id, position: 'rear', hour: 3, cause: 'thorn', at },
  'kit.pack': { id, groupId: id, itemIds: [id], at: 1 },
  'kit.lend': { id, groupId: null, itemIds: [id], at: 1 },
  'kit.return': { id, items: [{ itemId: id, missing: [], damp: false, impact: false }], at: 1 },
  'kit.inspect': { id, ready: true, note: '', at: 1 },
  'labels.make': { id, kind: 'bike', subjectIds: [id], renew: false },
  'reports.add': { id, zone: null, fault: 'crash', canRide: true, note: '', at },
  'reports.describe': { id, zone: null, fault: 'crash', canRide: true, note: '', at },
  'reports.close': { id, reason: 'r', at },
  'reports.to-finding': { id, checkpoint: 'rim', position: 'front', fault: 'cut', severity: null, at },
  'outings.take-back': {
    ...{ id, bikeIds: [id], way: 'fine', conditions: 'dry', odometerKm: null, odometerSure: false },
    ...{ note: '', at },
  },
  'sites.add': { id, name: 's', timeZone: 'Nowhere/Here', opensAt: '09:00' },
  'sites.change': { id, name: 's', timeZone: 'Nowhere/Here', opensAt: '09:00' },
  'racks.change': { id, name: 'r', hooks: 3 },
  'racks.order': { id, rackIds: [] },
  'bikes.hang': { id, siteId: id, moves: [{ bikeId: id, hookId: null }], at },
  'models.add': { id, name: 'm', build, fit: { nothing: 1 } },
  'models.change': { name: 'm', build, fit: {}, version: 1 },
  'parts.fit': { id, part, position: 'only', anyway: '', at },
  'parts.move': { id, bikeId: id, position: 'only', swap: false, anyway: '', at },
  'parts.take-off': { id, at },
  'groups.fetch-calendar': { address: 'https://calendar.example.org/a.ics' },
  'groups.add': { id, ...group },
  'groups.change': { ...group, version: 1 },
  'fleet.import': { id, siteId: id, bikes: [{ ...bike, id, version: null }] },
  'racks.add': { id, siteId: id, name: 'r', hooks: 3 },
  'policy.publish': { id: newId(), base: 'a'.repeat(64), policy, note: 'as before' },
  'policy.preview': { policy },
  'checklists.publish': { id: newId(), base: null, checklist, note: 'n', reason: '' },
  'drafts.save': { id: newId(), base: null, checklist, version: 7 },
  'people.remove-name': { id: newId() },
  'people.reset-secret': { id: newId(), secret: 'secret-9' },
  'session.end-device': { id: newId() },
  'session.set-pin': { id: newId(), current: 'x', pin: '4711' },
  'session.remove-pin': { id: newId() },
  'session.bind-writer': { id: newId(), publicKey: 'A'.repeat(122) },
  'clock.correct': { id: newId(), recordedUntil: 1, note: '' },
  'session.change-secret': { id: newId(), current: 'x', secret: 'secret-9' },
  'people.competence': { id: newId(), signed: true, at },
  'checks.open': { id, bikeId: id, checklistHash: 'a'.repeat(64), author: id, at },
  'checks.mark': { marks: [mark] },
  'checks.sign': { id, author: id, markIds: [], at },
  'checks.co-sign': { id, at },
  'checks.amend': { id, checkId: id, author: id, reason: 'r', marks: [mark], at },
  'checks.find': { bikeIds: [id], checklistKeys: ['ride-out'] },
  'services.done': { id, note: '', at },
  'services.odometer': { id, km: 1, sure: false, at },
  'timed-rechecks.set': {
    id,
    kind: 'recheck',
    what: 'w',
    position: 'only',
    hours: 1,
    outings: null,
    gauged: null,
    at,
  },
  'timed-rechecks.answer': { id, gauged: null, note: '', at },
  'rounds.make': {
    id,
    siteId: id,
    name: 'r',
    checklistKey: null,
    bikeIds: [id],
    people: [],
    deadline: at,
    at,
  },
  'rounds.change': { name: 'r', bikeIds: [id], people: [], deadline: at, version: 1 },
  'rounds.close': { id, undone: [], at },
  'standing-rounds.set': {
    siteId: id,
    name: 'r',
    checklistKey: null,
    rule: ANY_BIKE,
    people: [],
    doneBy: '09:00',
    active: true,
    version: null,
  },
  'findings.set-severity': { id, severity: 'stop', reason: 'r', at },
  'repairs.start': { id, bikeId: id, findingIds: [id], at },
  'repairs.done': { id, work: [{ findingId: id, done: 'd' }], touched: [], minutes: null, at },
  'repairs.recheck': { id, at },
  'not-reassembled.open': { id, what: 'w', at },
  'not-reassembled.close': { id, at },
  'bikes.release': { id, note: '', at },
};

describe('bad input', () => {
  it('names the fields that are wrong', async () => {
    const response = await world
      .as('lead')
      .raw('POST', '/api/v1/bikes', { ...bike, id, tag: '', build: { ...build, sprockets: 99 } });
    expect(response.status).toBe(400);
    expect(response.headers.get('content-type')).toContain('application/problem+json');
    const problem = (await response.json()) as { fields: { path: string }[] };
    expect(problem.fields.map((field) => field.path)).toEqual(['tag', 'build.sprockets']);
  });

  it('that is no JSON, too large, or from another site’s page is refused as such', async () => {
    const lead = world.as('lead');
    expect((await lead.raw('POST', '/api/v1/bikes', '{"id": ')).status).toBe(400);
    expect(
      (await lead.raw('POST', '/api/v1/bikes', JSON.stringify({ tag: 'x'.repeat(600_000) }))).status,
    ).toBe(413);
    const foreign = await lead.raw('POST', '/api/v1/bikes', {}, { origin: 'https://elsewhere.example' });
    expect([foreign.status, ((await foreign.json()) as { code: string }).code]).toEqual([
      403,
      'origin.refused',
    ]);
    expect((await lead.raw('POST', '/api/v1/bikes', {}, { origin: world.base })).status).toBe(400);
  });

  it('answers an unknown error with a fixed 500 and keeps the cause in the log', async () => {
    await world.database.owner.query('RENAME TABLE rack TO rack_gone');
    const response = await world.as('lead').raw('GET', '/api/v1/wall');
    await world.database.owner.query('RENAME TABLE rack_gone TO rack');
    const problem = (await response.json()) as { code: string; requestId: string };
    expect([response.status, problem.code]).toEqual([500, 'unexpected']);
    expect(JSON.stringify(problem)).not.toContain('rack');
    expect(world.log.some((line) => line.includes(problem.requestId) && line.includes('rack'))).toBe(true);
  });
});

describe('signing in', () => {
  it('refuses an unknown name and a wrong code alike', async () => {
    expect(await refusalOf(stranger().signIn('nobody', SECRET))).toBe('401 session.refused');
    expect(await refusalOf(stranger().signIn('desk', 'wrong-1'))).toBe('401 session.refused');
  });

  it('is slowed down after too many wrong tries, for everybody who tries that name, and opens again', async () => {
    for (let attempt = 0; attempt < 6; attempt += 1)
      await refusalOf(stranger().signIn('mechanic2', `wrong-${attempt}`));
    expect(await refusalOf(stranger().signIn('mechanic2', SECRET))).toBe('429 session.throttled');
    world.clock.now += 16 * 60_000;
    expect(await refusalOf(stranger().signIn('mechanic2', SECRET))).toBe('accepted');
  });

  it('ends the old session when another person takes the browser over, and when it idles', async () => {
    const shared = stranger();
    await shared.signIn('desk', SECRET);
    const old = shared.cookie;
    await shared.signIn('inspector', SECRET);
    const ghost = stranger();
    ghost.cookie = old;
    expect((await ghost.raw('GET', '/api/v1/session')).status).toBe(401);
    expect((await shared.raw('GET', '/api/v1/session')).status).toBe(200);
    const before = world.clock.now;
    world.clock.now += 13 * 3_600_000;
    expect((await shared.raw('GET', '/api/v1/session')).status).toBe(401);
    world.clock.now = before;
  });

  it('keeps no secret in clear and no token that could be used', async () => {
    const [credential] = await world.database.owner.query<[{ hash: string }]>(
      'SELECT hash FROM credential LIMIT 1',
    );
    expect(credential.hash).toMatch(/^\$argon2id\$/);
    const [session] = await world.database.owner.query<[{ tokenHash: string }]>(
      'SELECT tokenHash FROM session LIMIT 1',
    );
    expect(world.as('lead').cookie).not.toContain(session.tokenHash);
  });

  it('does not set a program up twice', async () => {
    expect(
      (
        await stranger().raw('POST', '/api/v1/setup', {
          id: newId(),
          programName: 'p',
          siteName: 's',
          timeZone: 'Europe/London',
          opensAt: '09:00',
          leadName: 'x',
          signInName: 'xx',
          secret: 'secret-1',
        })
      ).status,
    ).toBe(409);
  });
});
