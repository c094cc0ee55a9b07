import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { fitPart, listFitments, movePart, takePartOff, type Part } from '@cadre/contract/parts';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const wheel = (name: string, more: Partial<Part> = {}): Part => ({
  id: newId(),
  kind: 'wheel',
  name,
  facts: { wheelSize: '29', brake: 'hydraulic-disc', retention: 'thru-axle' },
  markings: {},
  ...more,
});
const fit = (bike: Bike, part: Part, position: 'only' | 'front' | 'rear' = 'front', anyway = '') =>
  world.as('mechanic').send(fitPart, {
    params: { id: bike.id },
    body: { id: newId(), part, position, anyway, at: world.clock.now },
  });
const move = (
  fitmentId: string,
  bike: Bike,
  more: { swap?: boolean; anyway?: string; position?: 'only' | 'front' | 'rear' } = {},
) =>
  world.as('mechanic').send(movePart, {
    params: { id: fitmentId },
    body: {
      id: newId(),
      bikeId: bike.id,
      position: more.position ?? 'front',
      swap: more.swap ?? false,
      anyway: more.anyway ?? '',
      at: world.clock.now,
    },
  });
const names = async (bike: Bike): Promise<string[]> =>
  (await world.as('desk').send(listFitments, { params: { id: bike.id } })).fitments
    .filter((each) => each.removedAt === null)
    .map((each) => each.part.name);

describe('parts', () => {
  it('are fitted and renewed: what sat in the place comes off, with dates, and the last check no longer counts', async () => {
    const bike = await world.bike('P1');
    await world.check(bike);
    const first = await fit(bike, wheel('old wheel'));
    expect((await world.fitness(bike.id)).fitness).toBe('due');
    expect(first.fitments).toMatchObject([
      { part: { name: 'old wheel' }, position: 'front', removedAt: null },
    ]);
    await fit(bike, wheel('rear one'), 'rear');
    const { fitments } = await fit(bike, wheel('new wheel'));
    expect(await names(bike)).toEqual(expect.arrayContaining(['new wheel', 'rear one']));
    expect(fitments.find((each) => each.part.name === 'old wheel')?.removedAt).toBeGreaterThanOrEqual(
      first.fitments[0]?.fittedAt ?? Infinity,
    );
  });

  it('move to another bike, and a bike left without is held until it is whole', async () => {
    const [from, to] = [await world.bike('P2'), await world.bike('P3')];
    const fitted = (await fit(from, wheel('wanderer'))).fitments[0];
    await world.check(from);
    await world.check(to);
    const answer = await move(fitted?.id ?? '', to);
    expect(answer.to.fitments.map((each) => each.part.name)).toEqual(['wanderer']);
    expect(await names(from)).toEqual([]);
    expect(await world.fitness(from.id)).toMatchObject({
      fitness: 'held',
      reasons: ['not-reassembled', 'no-valid-check'],
    });
    expect(await world.fitness(to.id)).toMatchObject({ fitness: 'due' });
    expect((await world.bikeNow(from.id)).facts.notReassembled[0]?.what).toContain(
      'front wheel (wanderer) removed',
    );
    // Its history went with it.
    expect(answer.from.fitments).toMatchObject([
      { part: { id: fitted?.part.id }, removedAt: expect.any(Number) },
    ]);
    expect(await refusalOf(move(fitted?.id ?? '', await world.bike('P9')))).toBe('409 part.not-fitted');
  });

  it('change places when asked to', async () => {
    const [a, b] = [await world.bike('P4'), await world.bike('P5')];
    const mine = (await fit(a, wheel('of a'))).fitments[0];
    await fit(b, wheel('of b'));
    await move(mine?.id ?? '', b, { swap: true });
    expect([await names(a), await names(b)]).toEqual([['of b'], ['of a']]);
    expect((await world.fitness(a.id)).reasons).not.toContain('not-reassembled');
  });

  it('the build speaks against are asked about, with the reasons, and go on only when somebody says why', async () => {
    const hybrid = await world.bike('P6', 'hybrid');
    await expect(fit(hybrid, wheel('disc wheel'))).rejects.toMatchObject({
      problem: {
        code: 'part.does-not-fit',
        params: { tag: 'P6', mismatches: ['wheel-size', 'brake', 'retention'] },
      },
    });
    expect(await names(hybrid)).toEqual([]);
    await fit(hybrid, wheel('disc wheel'), 'front', 'Trying it as a spare');
    expect(await names(hybrid)).toEqual(['disc wheel']);
    // A place that is none is no matter of opinion.
    expect(await refusalOf(fit(hybrid, wheel('third wheel'), 'only', 'Why not'))).toBe(
      '409 part.does-not-fit',
    );
    const fitted = (await fit(await world.bike('P7'), wheel('goer'))).fitments[0];
    expect(await refusalOf(move(fitted?.id ?? '', hybrid))).toBe('409 part.does-not-fit');
  });

  it('come off for good, once; markings out of range are named', async () => {
    const bike = await world.bike('P8');
    const { fitments } = await fit(bike, wheel('leaver'));
    const off = () =>
      world.as('mechanic').send(takePartOff, {
        params: { id: fitments[0]?.id ?? '' },
        body: { id: newId(), at: world.clock.now },
      });
    expect((await off()).bike.facts.notReassembled).toHaveLength(1);
    expect(await refusalOf(off())).toBe('409 part.not-fitted');
    await expect(fit(bike, wheel('odd', { markings: { rotorMinFront: 30 } }))).rejects.toMatchObject({
      problem: { fields: [{ path: 'part.markings.rotorMinFront', code: 'out-of-range' }] },
    });
  });
});
