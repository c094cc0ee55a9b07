import { v7 as newId } from 'uuid';
import { addMarks, signCheck } from '@cadre/contract/checks';
import { setEquipment, type EquipmentItem } from '@cadre/contract/equipment';
import type { Bike } from '@cadre/contract/fleet';
import { finishRepair, openRecheck, startRepair } from '@cadre/contract/repairs';
import { endTrace, saveTrace, type TraceRun } from '@cadre/contract/tracing';
import type { EquipmentFields } from '@cadre/core/equipment';
import { marksFor } from '@cadre/test-world/builders';
import type { World } from './world';

export type Answers = readonly (readonly [question: string, answer: number | null])[];

export const traceFields = (world: World, bike: Bike, answers: Answers = []) => ({
  ...{ bikeId: bike.id, trace: 'front-knock', position: 'front' as const },
  ...{ from: { kind: 'symptom' as const, id: null }, at: world.clock.now },
  answers: answers.map(([question, answer]) => ({ question, answer, fromRecord: false })),
});

/** A search saved on a bike; the knock at the front. */
export const savedTrace = (
  world: World,
  bike: Bike,
  answers: Answers = [],
  before: TraceRun | null = null,
  by = 'inspector',
): Promise<TraceRun> =>
  world.as(by).send(saveTrace, {
    params: { id: before?.id ?? newId() },
    body: { id: newId(), ...traceFields(world, bike, answers), version: before?.version ?? null },
  });

export const equipmentFields = (world: World, more: Partial<EquipmentFields> = {}): EquipmentFields => ({
  ...{ siteId: world.siteId, kind: 'pressure-gauge', tag: `G-${newId().slice(-6)}`, serial: '', unit: 'bar' },
  ...{ least: null, most: null, accuracy: null, lengthMm: null, checkEveryDays: 90 },
  ...more,
});

export const anEquipment = (world: World, more: Partial<EquipmentFields> = {}): Promise<EquipmentItem> =>
  world.as('mechanic').send(setEquipment, {
    params: { id: newId() },
    body: { id: newId(), item: equipmentFields(world, more), version: null },
  });

/** One finding repaired by the mechanic and rechecked by an inspector. */
export async function repairAndRecheck(world: World, bike: Bike, findingId: string): Promise<void> {
  const repairId = newId();
  await world.as('mechanic').send(startRepair, {
    body: { id: repairId, bikeId: bike.id, findingIds: [findingId], at: world.clock.now },
  });
  await world.as('mechanic').send(finishRepair, {
    params: { id: repairId },
    body: {
      id: newId(),
      work: [{ findingId, done: 'Set' }],
      ...{ touched: [], minutes: 10, at: world.clock.now },
    },
  });
  const checkId = newId();
  const check = await world
    .as('inspector')
    .send(openRecheck, { params: { id: repairId }, body: { id: checkId, at: world.clock.now } });
  const author = world.idOf('inspector');
  const marks = marksFor(check.checklist, bike.build, author, world.clock.now, []);
  await world.as('inspector').send(addMarks, { params: { id: checkId }, body: { marks } });
  await world.as('inspector').send(signCheck, {
    params: { id: checkId },
    body: { id: newId(), author, markIds: marks.map(({ id }) => id), at: world.clock.now },
  });
}

/** A search that ended in a finding which is repaired and rechecked. */
export async function repairedTrace(world: World, bike: Bike): Promise<TraceRun> {
  const run = await savedTrace(world, bike, [['joint', 0]]);
  const ended = await world.as('inspector').send(endTrace, {
    params: { id: run.id },
    body: {
      ...{ id: newId(), result: 'finding', cause: 'headset', severity: null, note: '' },
      at: world.clock.now,
    },
  });
  await repairAndRecheck(world, bike, ended.findingId ?? '');
  return ended;
}
