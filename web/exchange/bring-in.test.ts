import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { UnreachableError } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { bringIn, makePlaces, underWay, type Progress } from './bring-in';
import type { GoodRow, Preview } from './desk';

const wall: Wall = {
  sites: [
    { id: 's1', name: 'Shed', timeZone: 'Europe/London', opensAt: '09:00' },
    { id: 's2', name: 'Hut', timeZone: 'Europe/London', opensAt: '09:00' },
  ],
  racks: [
    {
      id: 'r1',
      siteId: 's1',
      name: 'Rail',
      order: 1,
      hooks: [
        { id: 'h1', number: 1 },
        { id: 'h2', number: 2 },
      ],
    },
  ],
  models: [{ id: 'm1', name: 'Reed', build: USUAL_BUILD.hybrid, fit: {}, version: 1 }],
  groups: [],
  bikes: [],
  people: [],
  recordedUntil: 0,
  demo: false,
  policyHash: 'a'.repeat(64),
  checklistVersions: 2,
  now: 0,
};
const row = (line: number, site = 'Shed', hook: number | null = null): GoodRow => ({
  line,
  isNew: true,
  bike: {
    tag: `T${line}`,
    model: 'Reed',
    size: '',
    serial: '',
    boughtOn: '',
    warrantyUntil: '',
    site,
    rack: hook ? 'Rail' : '',
    hook,
    build: USUAL_BUILD.hybrid,
    fit: {},
  },
});

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: {
    id?: string;
    siteId?: string;
    bikes?: {
      tag: string;
      hookId: string | null;
      modelId: string | null;
      id: string;
      version: number | null;
    }[];
  } & Record<string, unknown>;
}
let sent: Sent[];
let answer: (request: Sent) => { status: number; body: unknown } | 'dead';
beforeEach(() => {
  sent = [];
  answer = ({ body }) => ({ status: 200, body: { added: body.bikes?.length ?? 0, changed: 0 } });
  vi.stubGlobal('fetch', async (path: string, init: { method: string; body: string }) => {
    const request: Sent = { method: init.method, path, body: JSON.parse(init.body) as Sent['body'] };
    sent.push(request);
    const told = answer(request);
    if (told === 'dead') throw new TypeError('network');
    return new Response(JSON.stringify(told.body), {
      status: told.status,
      headers: { 'content-type': 'application/json' },
    });
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('bringing rows in', () => {
  it('goes by batches of one site, with names turned into ids, and tells how far it is', async () => {
    const told: Progress[] = [];
    const rows = [
      ...Array.from({ length: 150 }, (_, index) => row(index + 2)),
      row(900, 'Hut'),
      row(901, 'Shed', 2),
    ];
    const result = await bringIn(useAct(), rows, wall, underWay([]), (progress: Progress) =>
      told.push(progress),
    );
    expect(sent.map((each) => [each.body.siteId, each.body.bikes?.length])).toEqual([
      ['s1', 100],
      ['s1', 51],
      ['s2', 1],
    ]);
    expect(sent[1]?.body.bikes?.at(-1)).toMatchObject({
      tag: 'T901',
      hookId: 'h2',
      modelId: 'm1',
      version: null,
    });
    expect(told.map((progress) => progress.done)).toEqual([100, 151, 152]);
    expect(result).toEqual({ added: 152, changed: 0, refused: {} });
  });

  it('leaves out what the server refuses of a batch, says why by row, and sends the rest again', async () => {
    answer = ({ body }) => {
      const bad = (body.bikes ?? []).findIndex((bike) => bike.tag === 'T3');
      if (bad < 0) return { status: 200, body: { added: body.bikes?.length, changed: 0 } };
      return {
        status: 409,
        body: {
          type: 't',
          status: 409,
          code: 'import.rows-refused',
          fields: [
            { path: `bikes.${bad}.tag`, code: 'taken', params: { tag: 'T3' } },
            { path: `bikes.${bad}.version`, code: 'changed-meanwhile' },
          ],
        },
      };
    };
    const result = await bringIn(useAct(), [row(2), row(3), row(4)], wall, underWay([]), () => undefined);
    expect(result).toEqual({
      added: 2,
      changed: 0,
      refused: { 3: 'tag: In use by T3.; another person has changed this bike. Import the row again.' },
    });
    expect(sent).toHaveLength(2);
  });

  it('keeps the id and version of a bike it changes', async () => {
    await bringIn(
      useAct(),
      [row(2)],
      wall,
      underWay([{ id: 'b2', tag: 'T2', version: 7 } as Bike]),
      () => undefined,
    );
    expect(sent[0]?.body.bikes).toMatchObject([{ id: 'b2', version: 7 }]);
  });

  it('goes on where it was after a lost answer: the same act for the batch that was on its way, none for those that are in', async () => {
    const [act, list] = [useAct(), underWay([])];
    const rows = Array.from({ length: 150 }, (_, index) => row(index + 2));
    answer = () => (sent.length === 2 ? 'dead' : { status: 200, body: { added: 0, changed: 0 } });
    const bring = () => bringIn(act, rows, wall, list, () => undefined);
    await expect(bring()).rejects.toBeInstanceOf(UnreachableError);
    expect(await bring()).toEqual({ added: 150, changed: 0, refused: {} });
    expect(sent).toHaveLength(3);
    expect(sent[2]?.body).toEqual(sent[1]?.body);
  });

  it('stops where the server is gone, and at any refusal of the batch itself', async () => {
    answer = () => 'dead';
    await expect(bringIn(useAct(), [row(2)], wall, underWay([]), () => undefined)).rejects.toBeInstanceOf(
      UnreachableError,
    );
    answer = () => ({ status: 403, body: { type: 't', status: 403, code: 'act.not-allowed' } });
    await expect(bringIn(useAct(), [row(2)], wall, underWay([]), () => undefined)).rejects.toMatchObject({
      problem: { code: 'act.not-allowed' },
    });
  });
});

it('makes the places and models a list names, with what a fleet file tells of its sites', async () => {
  let known: Wall = wall;
  const preview = {
    sites: ['Quay'],
    racks: [
      { site: 'Quay', rack: 'Long', hooksBefore: 0, hooks: 8 },
      { site: 'Shed', rack: 'Rail', hooksBefore: 2, hooks: 5 },
    ],
    models: [{ name: 'Heron', build: USUAL_BUILD.cargo, fit: {} }],
  } as unknown as Preview;
  answer = () => ({ status: 200, body: {} });
  await makePlaces(
    useAct(),
    preview,
    () => known,
    [{ name: 'Quay', timeZone: 'Europe/Paris', opensAt: '08:00' }],
    async () => {
      known = {
        ...wall,
        sites: [...wall.sites, { id: 's3', name: 'Quay', timeZone: 'Europe/Paris', opensAt: '08:00' }],
      };
    },
  );
  expect(
    sent.map(({ method, path, body }) => [method, path, body.name, body.hooks ?? body.timeZone ?? null]),
  ).toEqual([
    ['POST', '/api/v1/sites', 'Quay', 'Europe/Paris'],
    ['POST', '/api/v1/racks', 'Long', 8],
    ['PUT', '/api/v1/racks/r1', 'Rail', 5],
    ['POST', '/api/v1/models', 'Heron', null],
  ]);
});

it('makes no place twice when a list is brought in again', async () => {
  const preview = {
    sites: ['Shed'],
    racks: [],
    models: [{ name: 'Reed', build: USUAL_BUILD.hybrid, fit: {} }],
  } as unknown as Preview;
  answer = () => ({ status: 200, body: {} });
  await makePlaces(
    useAct(),
    preview,
    () => wall,
    [],
    () => Promise.resolve(),
  );
  expect(sent).toEqual([]);
});
