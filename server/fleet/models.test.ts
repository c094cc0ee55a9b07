import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addBike, addModel, changeBike, changeModel, type Model } from '@cadre/contract/fleet';
import { USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { bikeFieldsOf, fieldsOf } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
let model: Model;
const wire = (build: Build) => ({ ...build, accessories: [...build.accessories] });
beforeAll(async () => {
  world = await World.open();
  model = await world.as('mechanic').send(addModel, {
    body: { id: newId(), name: 'Reed', build: wire(USUAL_BUILD.hybrid), fit: { maximumLoad: 120 } },
  });
});
afterAll(() => world.close());

const bikeOf = (tag: string, build: Build) =>
  world.as('lead').send(addBike, {
    body: {
      id: newId(),
      ...bikeFieldsOf('hybrid', {
        tag,
        siteId: world.siteId,
        modelId: model.id,
        model: 'whatever',
        build: wire(build),
      }),
    },
  });
const change = async (build: Build, more: Partial<Omit<Model, 'id'>> = {}) => {
  const answer = await world.as('mechanic').send(changeModel, {
    params: { id: model.id },
    body: {
      id: newId(),
      name: model.name,
      build: wire(build),
      fit: model.fit,
      version: model.version,
      ...more,
    },
  });
  model = answer.model;
  return answer;
};

describe('a model', () => {
  it('gives its bikes their name and build; what a bike has otherwise is its own and stays', async () => {
    const plain = await bikeOf('M1', USUAL_BUILD.hybrid);
    const odd = await bikeOf('M2', { ...USUAL_BUILD.hybrid, fork: 'suspension' });
    expect(plain).toMatchObject({ model: 'Reed', own: [] });
    expect(odd).toMatchObject({ model: 'Reed', own: ['fork'] });
    expect(
      await change({ ...USUAL_BUILD.hybrid, sprockets: 9, bar: 'riser' }, { name: 'Reed II' }),
    ).toMatchObject({ bikes: 2, due: 0 });
    expect(await world.bikeNow(plain.id)).toMatchObject({
      model: 'Reed II',
      version: plain.version + 1,
      build: { sprockets: 9, bar: 'riser', fork: 'rigid' },
    });
    expect(await world.bikeNow(odd.id)).toMatchObject({
      own: ['fork'],
      build: { sprockets: 9, fork: 'suspension' },
    });
  });

  it('whose change asks what nobody has looked at makes its cleared bikes due, and no others', async () => {
    const checked = await bikeOf('M3', model.build);
    await world.check(checked);
    expect((await world.fitness(checked.id)).fitness).toBe('cleared');
    expect(await change({ ...model.build, bar: 'swept' })).toMatchObject({ due: 0 });
    expect((await world.fitness(checked.id)).fitness).toBe('cleared');
    expect(await change({ ...model.build, brakeFront: 'hydraulic-disc' })).toMatchObject({
      due: 1,
    });
    expect(await world.fitness(checked.id)).toMatchObject({ fitness: 'due', reasons: ['no-valid-check'] });
  });

  it('is refused by field, by a name that is taken, and when somebody was faster', async () => {
    const add = (name: string, fit: Model['fit']) =>
      world
        .as('mechanic')
        .send(addModel, { body: { id: newId(), name, build: wire(USUAL_BUILD.trike), fit } });
    await expect(add('Sedge', { maximumLoad: 9000, nothing: 1 })).rejects.toMatchObject({
      problem: {
        code: 'body.invalid',
        fields: [
          { path: 'fit.maximumLoad', code: 'out-of-range' },
          { path: 'fit.nothing', code: 'unknown' },
        ],
      },
    });
    expect(await refusalOf(add(model.name, {}))).toBe('409 model.name-taken');
    await expect(change(model.build, { version: model.version - 1 })).rejects.toMatchObject({
      problem: { code: 'conflict.version', current: { id: model.id, version: model.version } },
    });
    expect(
      await refusalOf(
        world
          .as('inspector')
          .send(addModel, { body: { id: newId(), name: 'Mine', build: wire(USUAL_BUILD.trike), fit: {} } }),
      ),
    ).toBe('403 act.not-allowed');
  });
});

describe('a bike built otherwise', () => {
  it('is due when its new build asks a critical its last check did not, and never lets go of a hold', async () => {
    const bike = await world.bike('M9');
    await world.check(bike);
    const edit = async (more: Partial<Build>) => {
      const now = await world.bikeNow(bike.id);
      await world.as('lead').send(changeBike, {
        params: { id: bike.id },
        body: { ...fieldsOf(now), build: wire({ ...now.build, ...more }), version: now.version },
      });
    };
    await edit({ bar: 'flat' });
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
    await edit({ rearSuspension: 'shock' });
    expect((await world.fitness(bike.id)).fitness).toBe('due');
    await world.check(await world.bikeNow(bike.id), {
      exceptions: [{ checkpoint: 'bars', more: { outcome: 'fail', faults: [{ fault: 'bent' }] } }],
    });
    await edit({ assist: 'mid-motor' });
    expect((await world.fitness(bike.id)).fitness).toBe('held');
  });
});
