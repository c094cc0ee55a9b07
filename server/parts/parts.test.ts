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

  it('go as a whole wheel with tyre, rotor and cassette, both ways, and ask what must be set where they land', async () => {
    const [a, b] = [await world.bike('P10'), await world.bike('P11')];
    const part = (name: string, kind: Part['kind']): Part => wheel(name, { kind, facts: {} });
    const mine = (await fit(a, wheel('wheel a'), 'rear')).fitments.find(
      (each) => each.part.name === 'wheel a',
    );
    await fit(a, part('tyre a', 'tyre'), 'rear');
    await fit(a, part('rotor a', 'rotor'), 'rear');
    await fit(a, part('cassette a', 'cassette'), 'only');
    await fit(a, part('front tyre a', 'tyre'), 'front');
    await fit(a, part('chain a', 'chain'), 'only');
    await fit(b, wheel('wheel b'), 'rear');
    await fit(b, part('tyre b', 'tyre'), 'rear');
    await fit(b, part('pads b', 'pads'), 'rear');
    const body = { bikeId: b.id, position: 'rear' as const, swap: true, whole: true, anyway: '' };
    const [id, at] = [newId(), world.clock.now];
    const send = () =>
      world.as('mechanic').send(movePart, {
        params: { id: mine?.id ?? '' },
        body: { ...body, id, at },
      });
    await send();
    expect((await names(a)).sort()).toEqual(['chain a', 'front tyre a', 'tyre b', 'wheel b']);
    expect((await names(b)).sort()).toEqual(['cassette a', 'pads b', 'rotor a', 'tyre a', 'wheel a']);
    const asks = async (bike: Bike) =>
      (await world.bikeNow(bike.id)).facts.notReassembled.map((each) => each.what);
    expect(await asks(b)).toEqual([
      'rear wheel (wheel a) fitted. Set again: axle, tyre pressure, brake caliper and pads, gears',
    ]);
    expect(await asks(a)).toEqual([
      'rear wheel (wheel b) fitted. Set again: axle, tyre pressure, brake caliper and pads, gears',
    ]);
    expect((await world.fitness(b.id)).fitness).toBe('held');
    // Sent twice it moves once.
    await send();
    expect((await names(b)).sort()).toEqual(['cassette a', 'pads b', 'rotor a', 'tyre a', 'wheel a']);
  });

  it('leave a bike without when a whole wheel goes and none comes back, and one part is never on two bikes', async () => {
    const [a, b] = [await world.bike('P12'), await world.bike('P13')];
    const mine = (await fit(a, wheel('lone wheel'))).fitments[0];
    await fit(a, wheel('lone tyre', { kind: 'tyre', facts: {} }));
    await fit(b, wheel('old tyre', { kind: 'tyre', facts: {} }));
    await world.as('mechanic').send(movePart, {
      params: { id: mine?.id ?? '' },
      body: {
        id: newId(),
        bikeId: b.id,
        position: 'front',
        swap: false,
        whole: true,
        anyway: '',
        at: world.clock.now,
      },
    });
    expect([await names(a), (await names(b)).sort()]).toEqual([[], ['lone tyre', 'lone wheel']]);
    expect((await world.bikeNow(a.id)).facts.notReassembled).toHaveLength(1);
  });

  it('leave a bike held that gives its wheel, whatever else comes back for it', async () => {
    const [a, b] = [await world.bike('P15'), await world.bike('P16')];
    const mine = (await fit(a, wheel('only wheel'))).fitments[0];
    await fit(a, wheel('its tyre', { kind: 'tyre', facts: {} }));
    await fit(b, wheel('spare tyre', { kind: 'tyre', facts: {} }));
    const body = { bikeId: b.id, position: 'front' as const, swap: true, whole: true, anyway: '' };
    await world.as('mechanic').send(movePart, {
      params: { id: mine?.id ?? '' },
      body: { id: newId(), ...body, at: world.clock.now },
    });
    expect(await names(a)).toEqual(['spare tyre']);
    expect((await world.bikeNow(a.id)).facts.notReassembled.map((each) => each.what)).toEqual([
      'front wheel (only wheel) removed',
    ]);
    expect((await world.fitness(a.id)).fitness).toBe('held');
  });

  it('are bearings by place, each with its size, and cables as many as there are', async () => {
    const bike = await world.bike('P14');
    const bearing = (name: string, place: Part['facts']['place'], designation: string): Part =>
      wheel(name, { kind: 'bearing', facts: { place, designation } });
    await fit(bike, bearing('upper', 'headset-upper', '30.15x41.8x6.5 45°/45°'), 'only');
    await fit(bike, bearing('lower', 'headset-lower', '30.15x41.8x6.5 45°/45°'), 'only');
    const { fitments } = await fit(
      bike,
      bearing('upper new', 'headset-upper', '27.15x38x6.5 36°/45°'),
      'only',
    );
    expect((await names(bike)).sort()).toEqual(['lower', 'upper new']);
    expect(fitments.find((each) => each.part.name === 'upper new')?.part.facts.designation).toContain('36°');
    await fit(bike, wheel('brake cables', { kind: 'cables', facts: {} }), 'only');
    await fit(bike, wheel('gear cables', { kind: 'cables', facts: {} }), 'only');
    expect(await names(bike)).toHaveLength(4);
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

  it('come off at the earliest when they were fitted, by whatever clock', async () => {
    const bike = await world.bike('P19');
    const { fitments } = await fit(bike, wheel('quick'));
    const params = { id: fitments[0]?.id ?? '' };
    await world.as('mechanic').send(takePartOff, { params, body: { id: newId(), at: 0 } });
    const [off] = (await world.as('mechanic').send(listFitments, { params: { id: bike.id } })).fitments;
    expect(off?.removedAt).toBe(off?.fittedAt);
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
