import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  checkEquipment,
  listEquipment,
  setEquipment,
  withdrawEquipment,
  type EquipmentItem,
} from '@cadre/contract/equipment';
import type { Bike } from '@cadre/contract/fleet';
import { finishRepair, startRepair } from '@cadre/contract/repairs';
import { faulty } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';
import { anEquipment, equipmentFields } from '../../testing/tracing-helpers';

let world: World;
let tags = 0;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const bike = (): Promise<Bike> => world.bike(`E${(tags += 1)}`);
const against = (
  item: EquipmentItem,
  reference: number | null,
  shown: number | null,
  looksGood: boolean | null = null,
) =>
  world.as('mechanic').send(checkEquipment, {
    params: { id: item.id },
    body: { ...{ id: newId(), reference, shown, looksGood, note: '' }, at: (world.clock.now += 60_000) },
  });
async function measured(of: Bike, instrument: EquipmentItem | null): Promise<void> {
  world.clock.now += 600_000;
  const reading = {
    ...{ measure: 'tyre-window', values: [230], typed: '2.3', unit: 'bar' },
    ...(instrument ? { instrumentId: instrument.id } : {}),
  };
  await world.check(of, {
    checklist: 'season-opening',
    exceptions: [{ checkpoint: 'tyre-pressure', position: 'front', more: { reading } as never }],
  });
}
const doubtful = async (item: EquipmentItem): Promise<string[]> =>
  (await world.as('inspector').send(listEquipment)).doubtful
    .filter(({ equipmentId }) => equipmentId === item.id)
    .map(({ bikeId, checkpoint, joint }) => `${bikeId} ${checkpoint ?? joint}`);

describe('the register of equipment', () => {
  it('names a failed gauge’s readings since it last passed, and drops each once it is measured again', async () => {
    const gauge = await anEquipment(world);
    const [before, after, again, other] = [await bike(), await bike(), await bike(), await bike()];
    await against(gauge, 3, 3.01);
    await measured(before, gauge);
    expect(await against(gauge, 3, 2.98)).toMatchObject({ lastCheck: { passed: true } });
    for (const each of [after, again]) await measured(each, gauge);
    await measured(other, null);
    expect(await doubtful(gauge)).toEqual([]);
    const failed = await against(gauge, 3, 2.7);
    expect(failed).toMatchObject({ lastCheck: { passed: false, reference: 3, shown: 2.7 } });
    const inDoubt = (...bikes: Bike[]) => bikes.map(({ id }) => `${id} tyre-pressure`).sort();
    expect((await doubtful(gauge)).sort()).toEqual(inDoubt(after, again));
    await measured(again, null);
    expect(await doubtful(gauge)).toEqual(inDoubt(after));
    // Passing again does not make the old readings good.
    await against(gauge, 3, 3);
    expect(await doubtful(gauge)).toEqual(inDoubt(after));
    await measured(after, gauge);
    expect(await doubtful(gauge)).toEqual([]);
  });

  it('names the joints a failed wrench tightened', async () => {
    const wrench = await anEquipment(world, {
      kind: 'torque-wrench',
      unit: 'N m',
      lengthMm: 200,
      serial: 'W77',
    });
    const own = await bike();
    const { findings } = await world.check(own, {
      exceptions: [{ checkpoint: 'stem-tight', position: 'only', more: faulty('turns') }],
    });
    const [finding] = findings;
    const repairId = newId();
    const at = world.clock.now;
    await world.as('mechanic').send(startRepair, {
      body: { id: repairId, bikeId: own.id, findingIds: [finding?.id ?? ''], at },
    });
    await world.as('mechanic').send(finishRepair, {
      params: { id: repairId },
      body: {
        ...{
          id: newId(),
          work: [{ findingId: finding?.id ?? '', done: 'Tight' }],
          touched: [],
          minutes: 5,
          at,
        },
        torques: [{ joint: 'stem-steerer', newtonMetres: 5, equipmentId: wrench.id, pulls: [2.5, 4, 5] }],
      },
    });
    await against(wrench, 5, 6);
    expect(await doubtful(wrench)).toEqual([`${own.id} stem-steerer`]);
  });

  it('judges keys by eye, refuses what does not fit, and takes no check of what is withdrawn', async () => {
    const keys = await anEquipment(world, { kind: 'keys', unit: null });
    expect(await refusalOf(against(keys, null, null))).toBe('400 body.invalid');
    expect(await against(keys, null, null, false)).toMatchObject({ lastCheck: { passed: false } });
    const gauge = await anEquipment(world, { serial: 'PG104' });
    expect(await refusalOf(against(gauge, 3, null))).toBe('400 body.invalid');
    expect(await refusalOf(anEquipment(world, { serial: 'PG104' }))).toBe('400 body.invalid');
    expect(await refusalOf(anEquipment(world, { tag: gauge.tag }))).toBe('409 tag.taken');
    expect(await refusalOf(anEquipment(world, { unit: 'mm' }))).toBe('400 body.invalid');
    expect(await refusalOf(anEquipment(world, { least: 4, most: 2 }))).toBe('400 body.invalid');
    const change = (version: number) =>
      world.as('mechanic').send(setEquipment, {
        params: { id: gauge.id },
        body: { id: newId(), item: equipmentFields(world, { tag: gauge.tag, most: 6 }), version },
      });
    expect(await refusalOf(change(7))).toBe('409 conflict.version');
    expect(await change(gauge.version)).toMatchObject({ most: 6, version: 2 });
    const withdraw = {
      params: { id: gauge.id },
      body: { id: newId(), reason: 'Dropped', at: world.clock.now },
    };
    expect(await refusalOf(world.as('inspector').send(withdrawEquipment, withdraw))).toBe(
      '403 act.not-allowed',
    );
    expect(await world.as('mechanic').send(withdrawEquipment, withdraw)).toMatchObject({
      withdrawn: 'Dropped',
    });
    expect(await refusalOf(against(gauge, 3, 3))).toBe('409 equipment.withdrawn');
  });
});
