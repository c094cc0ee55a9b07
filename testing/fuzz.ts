import { v7 as newId } from 'uuid';
import { ROUTES, type FullRoute } from '@cadre/contract/routes';
import { streamOf } from '@cadre/core/draws';
import { dropLoneSurrogates } from '@cadre/core/text';
import { OF_NO_BIKE } from './other-acts';
import { WRITE_ACTS } from './write-acts';
import type { Asking } from './act-helpers';
import type { World } from './world';

/** What no form sends and anybody can. */
const NASTY: readonly unknown[] = [
  null,
  true,
  '',
  ' ',
  '\u0000',
  'x'.repeat(6000),
  '😀'.repeat(60),
  '\ud83d',
  '__proto__',
  "'; DROP TABLE bike; --",
  '../../etc/passwd',
  'Ω≈ç√∫',
  '2026-02-30',
  '9999-12-31',
  '24:00',
  0,
  -0,
  -1,
  0.1,
  1e21,
  -1e308,
  2 ** 31,
  2 ** 53,
  253_402_300_799_999,
  8_640_000_000_000_001,
  [],
  [[]],
  [null],
  {},
  { constructor: 1 },
  Array.from({ length: 600 }, (_, at) => at),
];
/** A stream never ends, the program is set up already, and signing out would leave nobody to send the rest. */
const LEFT_OUT: readonly string[] = [...OF_NO_BIKE, 'timeline.changes'];
const HANGS_AFTER_MS = 10_000;

export interface Fuzzed {
  readonly sent: number;
  readonly byStatus: Readonly<Record<string, number>>;
  /** What was the server's fault, or never answered. */
  readonly faults: readonly string[];
}

type Draw = () => number;
const among = <T>(draw: Draw, all: readonly T[]): T => all[Math.floor(draw() * all.length)] as T;

/** Every place in a value that could hold something else. */
function places(value: unknown, path: readonly string[] = []): readonly (readonly string[])[] {
  if (typeof value !== 'object' || value === null) return [path];
  return [path, ...Object.entries(value).flatMap(([key, inner]) => places(inner, [...path, key]))];
}

function changed(value: unknown, [key, ...rest]: readonly string[], by: (was: unknown) => unknown): unknown {
  if (key === undefined) return by(value);
  const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...(value as object) }) as Record<
    string,
    unknown
  >;
  const next = changed(copy[key], rest, by);
  if (next === undefined) Reflect.deleteProperty(copy, key);
  else copy[key] = next;
  return copy;
}

/** A good request with one to three places of it spoilt: another of the same sort, something nasty, gone, or too many of it. */
function spoilt(draw: Draw, value: unknown, ids: readonly string[]): unknown {
  let body = value;
  for (let times = Math.floor(draw() * 3.2); times > 0; times -= 1)
    body = changed(body, among(draw, places(body)), (was) => {
      const way = draw();
      if (way < 0.5) return among(draw, NASTY);
      if (way < 0.6) return undefined;
      if (typeof was === 'number') return was * (draw() * 4 - 2) + Math.round(draw() * 2);
      if (typeof was === 'string')
        return way < 0.8 ? among(draw, ids) : was + among(draw, ['', '’', '%', 'é']);
      return Array.isArray(was) ? [...(was as unknown[]), ...(was as unknown[])] : was;
    });
  return body;
}

/** Sends so many requests that are nearly good to every route there is, and tells what the server could not bear. */
export async function fuzz(world: World, seed: number, count: number): Promise<Fuzzed> {
  const draw = streamOf(seed);
  const ids: string[] = [newId(), world.siteId, ...world.ids.values()];
  const good = new Map<string, { by: string; asking: Asking }>();
  for (const [name, { by, ask }] of Object.entries(WRITE_ACTS)) {
    const bike = await world.bike(`F${good.size}`);
    const asking = await ask(world, bike, by);
    ids.push(bike.id, ...Object.values(asking.params ?? {}));
    good.set(name, { by, asking });
  }
  const routes = ROUTES.filter((route) => !LEFT_OUT.includes(route.name));
  const byStatus: Record<string, number> = {};
  const faults: string[] = [];
  // After so many there is enough to mend.
  for (let sent = 0; sent < count && faults.length < 12; sent += 1) {
    const route = among(draw, routes);
    const { by, asking } = good.get(route.name) ?? { by: 'lead', asking: {} as Asking };
    const { status, told } = await tried(world, route, draw() < 0.9 ? by : 'trainee', asking, draw, ids);
    byStatus[status] = (byStatus[status] ?? 0) + 1;
    // A calendar that does not answer is told as such: the server is well.
    if (status === 'no answer' || (Number(status) >= 500 && route.name !== 'groups.fetch-calendar'))
      faults.push(told);
  }
  return { sent: count, byStatus, faults };
}

async function tried(
  world: World,
  route: FullRoute,
  by: string,
  asking: Asking,
  draw: Draw,
  ids: readonly string[],
): Promise<{ readonly status: string; readonly told: string }> {
  const fresh =
    typeof asking.body === 'object' && asking.body !== null && 'id' in asking.body && draw() < 0.8
      ? { ...asking.body, id: newId() }
      : asking.body;
  const body = asking.type ? asking.body : spoilt(draw, fresh, ids);
  const path = route.path.replace(/:(\w+)/g, (_all, key: string) => {
    const own = asking.params?.[key] ?? among(draw, ids);
    return draw() < 0.85
      ? own
      : encodeURIComponent(dropLoneSurrogates(String(among(draw, [...NASTY, ...ids]))));
  });
  const query =
    asking.query ??
    (draw() < 0.2
      ? `most=${encodeURIComponent(dropLoneSurrogates(String(among(draw, NASTY))))}&after=%00`
      : '');
  const told = `${route.name} ${path} ${query} ${JSON.stringify(body)?.slice(0, 1500)}`;
  const hung = new Promise<null>((done) => setTimeout(() => done(null), HANGS_AFTER_MS).unref());
  const response = await Promise.race([
    world
      .as(by)
      .raw(
        route.method,
        query ? `${path}?${query}` : path,
        route.method === 'GET' ? undefined : body,
        asking.type ? { 'content-type': asking.type } : {},
      ),
    hung,
  ]);
  if (!response || !(await Promise.race([response.arrayBuffer(), hung])))
    return { status: 'no answer', told };
  return { status: String(response.status), told };
}
