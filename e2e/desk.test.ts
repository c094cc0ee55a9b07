import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { setKitItem } from '@cadre/contract/kit';
import { addGroup } from '@cadre/contract/schedule';
import { faulty } from '@cadre/test-world/builders';
import { HOUR_MS } from '@cadre/core/time';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

/** So soon another window shows what was done at the desk. */
const FOLLOWED_WITHIN_MS = 2000;

let world: World;
let desk: Browser;
let wall: Browser;
const bikes = new Map<string, Bike>();
const TWELVE = Array.from({ length: 12 }, (_, at) => `D${String(at + 1).padStart(2, '0')}`);
const SPARE = 'D20';

beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  for (const tag of [...TWELVE, SPARE]) {
    const bike = await world.bike(tag, 'child');
    await world.check(bike);
    bikes.set(tag, bike);
  }
  const now = Date.now();
  await world.as('lead').send(addGroup, {
    body: {
      ...{ id: newId(), siteId: world.siteId, name: 'Year 4', outAt: now, backAt: now + 3 * HOUR_MS },
      wants: [{ count: 12, kind: 'child', size: '' }],
    },
  });
  desk = await Browser.open(world.base);
  wall = await Browser.open(world.base);
  await desk.size('phone');
  await wall.size('office');
  await wall.signIn('lead', SECRET, '/');
  await wall.find('[data-rails]');
  await desk.signIn('desk', SECRET, '/desk');
});
afterAll(async () => {
  await desk?.close();
  await wall?.close();
  await world?.close();
});

/** What a hand does: each counts. */
let acts = 0;
const touch = async (css: string): Promise<void> => {
  acts += 1;
  await desk.click(css);
};
const scan = async (tag: string): Promise<void> => {
  acts += 1;
  await desk.scan(tag);
};
const now = async (tag: string): Promise<Bike> => world.bikeNow(bikes.get(tag)?.id ?? '');

it('a school group of twelve goes out by scanning, one bike held and swapped, and comes back wet, one with a problem, one crashed', async () => {
  await touch('[data-hand-out="Year 4"]');
  await desk.textIs('[data-missing]', '0 of 12 bikes ticked');
  // One is found to be unfit while the group stands there.
  await world.check(bikes.get('D12') as Bike, {
    exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
  });
  for (const tag of TWELVE.slice(0, 11)) {
    await scan(tag);
    await desk.find(`[data-place=${tag}][data-ticked=true]`);
  }
  await scan('D12');
  await desk.textIs('[data-refused]', 'D12 cannot go out: held');
  await desk.textIs('[data-refused]', 'D20');
  await touch('[data-take-instead]');
  await desk.textIs('[data-missing]', 'Nothing is missing.');
  // A closed tab loses nothing of it.
  await desk.go(new URL(await desk.driver.getCurrentUrl()).pathname);
  await desk.textIs('[data-missing]', '12 of 12 bikes ticked');
  await touch('[data-hand-out-now]');
  await desk.textIs('[data-desk-group="Year 4"]', 'All 12 bikes are out');
  expect(acts).toBeLessThanOrEqual(2 * 12);
  expect((await now('D20')).whereabouts).toBe('out');
  expect((await now('D12')).whereabouts).toBe('in');
  const onWall = (tag: string, isSo: () => Promise<boolean>): Promise<void> =>
    wall.until(isSo, `the wall does not follow ${tag}`, FOLLOWED_WITHIN_MS);
  const isOut = async (tag: string): Promise<boolean> =>
    /\bout\b/i.test(await wall.text(`[data-tag=${tag}]`));
  await onWall('D20', () => isOut('D20'));
  expect(await isOut('D12')).toBe(false);

  // Back, in the wet: said once, then one scan and one touch a bike.
  acts = 0;
  await touch('[data-desk] [data-conditions] [data-choose=wet]');
  const back = async (tag: string, way: string): Promise<void> => {
    await scan(tag);
    await touch(`[data-out=${tag}] [data-back=${way}]`);
    await desk.until(async () => (await desk.count(`[data-out=${tag}]`)) === 0, `${tag} is still out`);
  };
  for (const tag of TWELVE.slice(0, 9)) await back(tag, 'fine');
  await back('D20', 'hard');
  await onWall('D20', async () => !(await isOut('D20')));
  await back('D10', 'problem');
  await onWall('D10', async () => (await wall.attribute('[data-tag=D10]', 'data-fitness')) === 'held');
  await touch('[data-describe] [data-choose=drivetrain]');
  await touch('[data-describe] [data-choose=noisy]');
  await back('D11', 'incident');
  expect(acts).toBe(1 + 2 * 12 + 2);

  // Each is due for what the policy wants.
  for (const tag of ['D01', 'D09', 'D20', 'D10'])
    expect((await now(tag)).facts.returnCheck, tag).toMatchObject({
      because: tag === 'D20' ? 'hard' : 'conditions',
    });
  const crashed = await now('D11');
  expect(crashed.facts.returnCheck).toBeUndefined();
  expect(crashed.facts.incidents).toMatchObject([{ kind: 'crash' }]);
  expect((await now('D10')).facts.reports).toMatchObject([{ holds: true }]);
  // The other window tells of the report, and starts the check that is due.
  expect(await wall.count('[data-reports-waiting]')).toBe(1);
  await wall.go(`/bikes/${crashed.id}`);
  await wall.textIs('[data-act=check]', 'incident check');
  await wall.go(`/bikes/${bikes.get('D01')?.id ?? ''}`);
  await wall.textIs('[data-act=check]', 'return check');
  await wall.click('[data-act=check]');
  await wall.textIs('main', 'Return');
  expect([...(await desk.complaints()), ...(await wall.complaints())]).toEqual([]);
});

it('kit is packed for a group, goes out with its bikes, and a pouch that comes back with something missing stays here', async () => {
  const item = (kind: 'helmet' | 'repair-kit', tag: string, contents: readonly string[] = []) =>
    world.as('mechanic').send(setKitItem, {
      params: { id: newId() },
      body: {
        id: newId(),
        item: {
          ...{ siteId: world.siteId, kind, tag, size: '', expiresOn: null },
          contents: contents.map((name) => ({ name, count: 1, stockItemId: null })),
        },
        version: null,
      },
    });
  await item('helmet', 'K1');
  await item('repair-kit', 'RK1', ['Tyre levers', 'Multi-tool']);
  await world.check(await world.bike('D30', 'child'));
  const now = Date.now();
  await world.as('lead').send(addGroup, {
    body: {
      ...{ id: newId(), siteId: world.siteId, name: 'Club', outAt: now, backAt: now + 3 * HOUR_MS },
      wants: [{ count: 1, kind: 'child', size: '' }],
    },
  });
  await desk.go('/desk');
  await desk.click('[data-hand-out="Club"]');
  await desk.click('[data-pack-kit]');
  await desk.textIs('[data-kit-for-group]', '2 items are packed. They go out with the bikes.');
  await desk.scan('D30');
  await desk.find('[data-place=D30][data-ticked=true]');
  await desk.click('[data-hand-out-now]');
  await desk.textIs('[data-desk-group=Club]', 'The bike is out');
  await desk.go('/kit');
  await desk.find('[data-kit=K1][data-state=out]');
  await desk.type('[data-kit-field]', 'RK1\n');
  await desk.textIs('[data-kit-detail]', 'Out · with Club');
  await desk.click('[data-there="Multi-tool"]');
  await desk.click('[data-take-kit-back]');
  await desk.textIs('[data-kit=RK1]', 'Incomplete');
  await desk.textIs('[data-kit-view]', '1 × Tyre levers for RK1');
  await desk.click('[data-all-back=Club]');
  await desk.find('[data-kit=K1][data-state=ready]');
  expect(await desk.complaints()).toEqual([]);
});
