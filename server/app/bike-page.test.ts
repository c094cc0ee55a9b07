import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listServices } from '@cadre/contract/checks';
import { findingsOfBike, mergeFindings } from '@cadre/contract/findings';
import type { Bike } from '@cadre/contract/fleet';
import { timeline } from '@cadre/contract/timeline';
import { faulty } from '@cadre/test-world/builders';
import { QUIET_KINDS } from '@cadre/server/app';
import { refusalOf, World } from '../../testing/world';

let world: World;
let bike: Bike;
beforeAll(async () => {
  world = await World.open();
  bike = await world.bike('PG1');
  await world.check(bike);
  world.clock.now += 60_000;
  await world.check(bike, { by: 'mechanic' });
  await world.check(bike, { checklist: 'pressures', leftOut: ['tyre-pressure'] });
  await world.check(bike, { by: 'trainee' });
});
afterAll(() => world.close());

describe('what the page of a bike asks', () => {
  it('is when it was last looked over whole: the newest by checklist, nothing incomplete, nothing that waits for a co-signature', async () => {
    const { services } = await world.as('desk').send(listServices, { params: { id: bike.id } });
    expect(services).toMatchObject([
      { checklistKey: 'ride-out', times: 2, by: world.idOf('mechanic'), clears: true },
    ]);
    expect(await refusalOf(world.as('desk').send(listServices, { params: { id: newId() } }))).toBe(
      '404 not-found',
    );
  });

  it('is its findings, open or closed, page by page, each once', async () => {
    const other = await world.bike('PG2');
    for (const [position, fault] of [
      ['front', 'worn'],
      ['front', 'small-cut'],
      ['rear', 'worn'],
      ['rear', 'small-cut'],
    ] as const) {
      world.clock.now += 60_000;
      await world.check(other, {
        exceptions: [{ checkpoint: 'tyre-casing', position, more: faulty(fault) }],
      });
    }
    const of = (query: { state?: 'open' | 'closed'; before?: string; most?: number }) =>
      world.as('desk').send(findingsOfBike, { params: { id: other.id }, query });
    const open = (await of({ state: 'open' })).findings;
    expect(open).toHaveLength(4);
    for (const position of ['front', 'rear']) {
      const [kept, gone] = open.filter((finding) => finding.position === position);
      const body = { id: newId(), otherId: gone?.id ?? '', at: world.clock.now };
      await world.as('lead').send(mergeFindings, { params: { id: kept?.id ?? '' }, body });
    }
    const first = await of({ most: 1 });
    const second = await of({ most: 1, ...(first.next ? { before: first.next } : {}) });
    expect([first.findings.length, second.findings.length, second.next]).toEqual([1, 1, null]);
    expect(first.findings[0]?.id).not.toBe(second.findings[0]?.id);
    expect(first.findings[0]?.openedAt ?? 0).toBeGreaterThan(second.findings[0]?.openedAt ?? 0);
    expect((await of({ state: 'open' })).findings).toHaveLength(2);
  });

  it('is what somebody would tell of it, without the marks a signature covers; all of it when asked', async () => {
    const of = async (kinds: 'told' | 'all') =>
      (await world.as('desk').send(timeline, { params: { id: bike.id }, query: { kinds, most: 100 } }))
        .entries;
    const [told, all] = [await of('told'), await of('all')];
    expect(told.filter((entry) => QUIET_KINDS.includes(entry.kind))).toEqual([]);
    expect(all.some((entry) => entry.kind === 'check.marked')).toBe(true);
    const signed = told.filter((entry) => entry.kind === 'check.signed');
    expect(signed).toHaveLength(4);
    for (const entry of signed) expect(entry.body).not.toHaveProperty('markIds');
    // The record itself has them.
    const [{ body }] = await world.database.owner.query<[{ body: string }]>(
      "SELECT body FROM entry WHERE kind = 'check.signed' LIMIT 1",
    );
    expect((JSON.parse(body) as { markIds: string[] }).markIds.length).toBeGreaterThan(10);
  });

  it('comes packed where the browser takes it so, and the live stream does not', async () => {
    const wall = await world.as('desk').raw('GET', '/api/v1/wall', undefined, { 'accept-encoding': 'gzip' });
    expect(wall.headers.get('content-encoding')).toBe('gzip');
    expect(((await wall.json()) as { bikes: unknown[] }).bikes).toHaveLength(2);
    const stream = await world
      .as('desk')
      .raw('GET', '/api/v1/changes', undefined, { 'accept-encoding': 'gzip' });
    expect(stream.headers.get('content-encoding')).toBeNull();
    await stream.body?.cancel();
  });
});
