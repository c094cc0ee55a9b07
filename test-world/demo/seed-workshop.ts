import { v7 as newId } from 'uuid';
import { checkEquipment, setEquipment } from '@cadre/contract/equipment';
import { addPuncture, saveTrace } from '@cadre/contract/tracing';
import { getWall } from '@cadre/contract/wall';
import { instrumentOf, type EquipmentFields } from '@cadre/core/equipment';
import { usualUnit } from '@cadre/core/instruments';
import { DAY_MS } from '@cadre/core/time';
import type { FleetSeeder } from './seed-fleet';

type Tool = Pick<EquipmentFields, 'kind' | 'tag' | 'checkEveryDays'> & Partial<EquipmentFields>;

/** The instruments of the demo: each sends as its simulated one does, so that a training reading finds it. */
const TOOLS: readonly (Tool & {
  readonly daysAgo: number;
  readonly shown: readonly [reference: number, shown: number] | null;
})[] = [
  {
    kind: 'pressure-gauge',
    tag: 'G1',
    serial: 'SIM-pressure-gauge',
    checkEveryDays: 90,
    daysAgo: 20,
    shown: [3, 3.02],
  },
  { kind: 'pressure-gauge', tag: 'G2', checkEveryDays: 90, daysAgo: 3, shown: [3, 2.8] },
  { kind: 'caliper', tag: 'C1', serial: 'SIM-caliper', checkEveryDays: 180, daysAgo: 40, shown: [10, 10.01] },
  {
    kind: 'torque-wrench',
    tag: 'W1',
    serial: 'SIM-torque-wrench',
    lengthMm: 220,
    checkEveryDays: 365,
    daysAgo: 100,
    shown: [5, 5.2],
  },
  {
    kind: 'torque-wrench',
    tag: 'W2',
    lengthMm: 420,
    least: 10,
    most: 60,
    checkEveryDays: 365,
    daysAgo: 380,
    shown: [40, 40.3],
  },
  {
    kind: 'spoke-meter',
    tag: 'M1',
    serial: 'SIM-spoke-meter',
    checkEveryDays: 365,
    daysAgo: 60,
    shown: [25, 25.5],
  },
  {
    kind: 'dial-gauge',
    tag: 'D1',
    serial: 'SIM-dial-gauge',
    checkEveryDays: 365,
    daysAgo: 60,
    shown: [1, 1.01],
  },
  { kind: 'scale', tag: 'S1', serial: 'SIM-scale', checkEveryDays: 365, daysAgo: 60, shown: [10, 10.02] },
  { kind: 'keys', tag: 'KEYS-A', checkEveryDays: 60, daysAgo: 15, shown: null },
];

/** The workshop of the demo: tools with their reference checks, a search that waits to be gone on with, and two flats at one place. */
export async function seedWorkshop(seeder: FleetSeeder, at: number): Promise<void> {
  const mechanic = seeder.as('tomas');
  const { sites, bikes } = await mechanic.send(getWall);
  const siteId = sites.find((each) => each.name === 'Boathouse')?.id ?? '';
  const bikeId = (tag: string): string => bikes.find((bike) => bike.tag === tag)?.id ?? '';
  for (const { daysAgo, shown, ...tool } of TOOLS) {
    const instrument = instrumentOf(tool.kind);
    const item: EquipmentFields = {
      ...{ siteId, serial: '', unit: instrument ? usualUnit(instrument) : null },
      ...{ least: null, most: null, accuracy: null, lengthMm: null },
      ...tool,
    };
    const id = newId();
    await mechanic.send(setEquipment, { params: { id }, body: { id: newId(), item, version: null } });
    const [reference, value] = shown ?? [null, null];
    await mechanic.send(checkEquipment, {
      params: { id },
      body: {
        ...{ id: newId(), reference, shown: value, looksGood: shown ? null : true, note: '' },
        at: at - daysAgo * DAY_MS,
      },
    });
  }
  const inspector = seeder.as('pia');
  await inspector.send(saveTrace, {
    params: { id: newId() },
    body: {
      ...{ id: newId(), bikeId: bikeId('Q14'), trace: 'weak-brake', position: 'front', version: null, at },
      ...{
        from: { kind: 'symptom', id: null },
        answers: [{ question: 'lever', answer: 0, fromRecord: false }],
      },
    },
  });
  for (const [hour, daysAgo] of [
    [4, 24],
    [5, 2],
  ] as const)
    await inspector.send(addPuncture, {
      params: { id: bikeId('Q26') },
      body: { id: newId(), position: 'rear', hour, cause: 'unknown', at: at - daysAgo * DAY_MS },
    });
}
