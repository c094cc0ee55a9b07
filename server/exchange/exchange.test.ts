import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { getFleetDocument, importBikes } from '@cadre/contract/exchange';
import { addModel, type BikeFields } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { bikeFieldsOf, fieldsOf } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
let hook: string;
beforeAll(async () => {
  world = await World.open();
  hook = world.hooks.shift() ?? '';
});
afterAll(() => world.close());

type Row = BikeFields & { id: string; version: number | null };
const row = (tag: string, more: Partial<Row> = {}): Row => ({
  id: newId(),
  version: null,
  ...bikeFieldsOf('hybrid', { tag, siteId: world.siteId }),
  ...more,
});
const bring = (bikes: Row[], id = newId()) =>
  world.as('mechanic').send(importBikes, { body: { id, siteId: world.siteId, bikes } });
const tags = async (): Promise<string[]> =>
  (await world.as('desk').send(getWall)).bikes.map((bike) => bike.tag);

describe('a batch of an import', () => {
  it('comes in whole, each bike with its facts, and once however often it is sent', async () => {
    const id = newId();
    const bikes = [row('I1', { hookId: hook }), row('I2')];
    expect(await bring(bikes, id)).toEqual({ added: 2, changed: 0 });
    expect(await bring(bikes, id)).toEqual({ added: 2, changed: 0 });
    expect((await tags()).filter((tag) => tag.startsWith('I'))).toEqual(['I1', 'I2']);
    expect(await world.fitness(bikes[0]?.id ?? '')).toMatchObject({
      fitness: 'due',
      reasons: ['no-valid-check'],
    });
    expect(await refusalOf(bring([row('I3')], id))).toBe('409 conflict.id-reused');
  });

  it('is refused whole when rows of it cannot be, each told by its place and field', async () => {
    const before = await tags();
    const refused = bring([
      row('J1'),
      row('I1'),
      row('J1'),
      row('J2', { hookId: hook }),
      row('J3', { modelId: newId(), fit: { maximumLoad: 1 } }),
      row('J4', { version: 3 }),
      row('J5', { siteId: newId() }),
    ]);
    await expect(refused).rejects.toMatchObject({
      status: 409,
      problem: {
        code: 'import.rows-refused',
        fields: [
          { path: 'bikes.1.tag', code: 'taken' },
          { path: 'bikes.2.tag', code: 'taken' },
          { path: 'bikes.3.hookId', code: 'taken', params: { tag: 'I1' } },
          { path: 'bikes.4.modelId', code: 'unknown' },
          { path: 'bikes.4.fit.maximumLoad', code: 'out-of-range' },
          { path: 'bikes.6.siteId', code: 'unknown' },
          { path: 'bikes.5.version', code: 'changed-meanwhile' },
          { path: 'bikes.6.siteId', code: 'not-at-this-site' },
        ],
      },
    });
    expect(await tags()).toEqual(before);
  });

  it('changes bikes that stand as they were planned on, and refuses those that moved on', async () => {
    const bike = await world.bike('K1');
    const change = (version: number, size: string) =>
      bring([{ ...fieldsOf(bike), id: bike.id, version, size }]);
    expect(await change(bike.version, 'XL')).toEqual({ added: 0, changed: 1 });
    expect((await world.bikeNow(bike.id)).size).toBe('XL');
    await expect(change(bike.version, 'S')).rejects.toMatchObject({
      problem: { fields: [{ path: 'bikes.0.version', code: 'changed-meanwhile' }] },
    });
  });
});

describe('the fleet as a file', () => {
  it('names everything, in an order of its own, and its schema is published', async () => {
    const model = await world.as('lead').send(addModel, {
      body: {
        id: newId(),
        name: 'Aster',
        build: { ...USUAL_BUILD.hybrid, accessories: [] },
        fit: { maximumLoad: 110 },
      },
    });
    await bring([row('Z1', { modelId: model.id }), row('A0')]);
    const document = await world.as('desk').send(getFleetDocument);
    expect(document.bikes.map((bike) => bike.tag)).toEqual(
      [...document.bikes.map((bike) => bike.tag)].sort(),
    );
    expect(document.bikes.find((bike) => bike.tag === 'I1')).toMatchObject({
      site: 'Shed',
      rack: 'Rail',
      hook: 1,
    });
    expect(document.bikes.find((bike) => bike.tag === 'Z1')).toMatchObject({
      model: 'Aster',
      rack: '',
      hook: null,
    });
    expect(document.models).toMatchObject([{ name: 'Aster', fit: { maximumLoad: 110 } }]);
    expect(JSON.stringify(document)).not.toMatch(/[0-9a-f]{8}-[0-9a-f]{4}-7/);
    const schema = (await (await world.as('desk').raw('GET', '/api/fleet-document.schema.json')).json()) as {
      required: string[];
    };
    expect(schema.required).toEqual(['schema', 'sites', 'racks', 'models', 'bikes']);
  });
});
