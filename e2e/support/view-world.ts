import { v7 as newId } from 'uuid';
import { addModel } from '@cadre/contract/fleet';
import { makeRound } from '@cadre/contract/rounds';
import { openAssessment } from '@cadre/contract/assessments';
import { setStockItem } from '@cadre/contract/parts';
import { startRepair } from '@cadre/contract/repairs';
import { checkEquipment } from '@cadre/contract/equipment';
import { setKitItem } from '@cadre/contract/kit';
import { addPuncture, endTrace } from '@cadre/contract/tracing';
import { addReport } from '@cadre/contract/reports';
import { addGroup } from '@cadre/contract/schedule';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { bikeFieldsOf, faulty } from '@cadre/test-world/builders';
import { anEquipment, savedTrace } from '../../testing/tracing-helpers';
import type { World } from '../../testing/world';

/** Something to see in every view: bikes, findings, a round, a group, stock, a repair, an offer. Gives the ids the views are opened with. */
export async function fillViews(world: World): Promise<Record<string, string>> {
  const held = await world.bike('K1');
  const { check: signed } = await world.check(held, {
    exceptions: [
      { checkpoint: 'bars', more: faulty('bent') },
      { checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn') },
    ],
  });
  const fresh = await world.bike('K2', 'step-through');
  await world.check(await world.bike('K3', 'child'), { checklist: 'ride-out-children' });
  const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
  const model = await world.as('lead').send(addModel, {
    body: {
      id: newId(),
      name: 'Reed',
      build,
      fit: {
        maximumLoad: 120,
        'torqueMax:stem-faceplate': 6,
        'torqueMax:bar-clamp': 5,
        'torqueMax:rotor-bolt': 6,
      },
    },
  });
  const carded = await world.bikeOf(model, 'K4');
  const worn = await world.bike('K5');
  for (const value of [2.8, 2.4]) {
    const reading = { measure: 'disc-pad', values: [value], typed: String(value), unit: 'mm' };
    await world.check(worn, {
      checklist: 'wet-season',
      exceptions: [{ checkpoint: 'disc-pads', position: 'front', more: { reading } }],
    });
  }
  const now = Date.now();
  await world.as('lead').send(addGroup, {
    body: {
      id: newId(),
      siteId: world.siteId,
      name: 'Year 5',
      outAt: now + 600_000,
      backAt: now + 7_200_000,
      wants: [{ count: 8, kind: 'child', size: '24 in' }],
    },
  });
  await world.as('lead').send(setKitItem, {
    params: { id: newId() },
    body: {
      id: newId(),
      item: {
        ...{ siteId: world.siteId, kind: 'repair-kit', tag: 'RK1', size: '', expiresOn: '2031-03-31' },
        contents: [{ name: 'Tyre levers', count: 2, stockItemId: null }],
      },
      version: null,
    },
  });
  const traced = await world.bike('SR1');
  const gauge = await anEquipment(world, { tag: 'G1', serial: 'SIM-pressure-gauge', checkEveryDays: null });
  const pressure = {
    measure: 'tyre-window',
    values: [230],
    typed: '2.3',
    unit: 'bar',
    instrumentId: gauge.id,
  };
  await world.check(traced, {
    checklist: 'season-opening',
    exceptions: [{ checkpoint: 'tyre-pressure', position: 'front', more: { reading: pressure } as never }],
  });
  await world.as('mechanic').send(checkEquipment, {
    params: { id: gauge.id },
    body: { id: newId(), reference: 3, shown: 2.6, looksGood: null, note: '', at: now },
  });
  for (const hour of [4, 5])
    await world.as('inspector').send(addPuncture, {
      params: { id: traced.id },
      body: { id: newId(), position: 'rear', hour, cause: 'thorn', at: now - hour },
    });
  const handed = await savedTrace(world, traced, [
    ['joint', null],
    ['axle', 1],
  ]);
  await world.as('inspector').send(endTrace, {
    params: { id: handed.id },
    body: { id: newId(), result: 'handed-over', cause: null, severity: null, note: '', at: now },
  });
  await world.as('desk').send(addReport, {
    params: { id: worn.id },
    body: {
      id: newId(),
      zone: 'rear-brake',
      fault: 'rubs',
      canRide: true,
      note: 'Squeals downhill',
      at: now,
    },
  });
  const round = newId();
  await world.as('lead').send(makeRound, {
    body: {
      id: round,
      siteId: world.siteId,
      name: 'Morning',
      checklistKey: null,
      bikeIds: [held.id, fresh.id],
      people: [],
      deadline: now + 3_600_000,
      at: now,
    },
  });
  const stocked = newId();
  const item = {
    kind: 'rotor' as const,
    name: 'Rotor, 180 mm',
    facts: {},
    modelIds: [],
    markings: {},
    least: 2,
    price: 2600,
    leadDays: 5,
    supplier: 'Reed',
  };
  await world
    .as('lead')
    .send(setStockItem, { params: { id: stocked }, body: { id: newId(), item, version: null, at: now } });
  const work = await world.bike('K6');
  const { findings } = await world.check(work, {
    exceptions: [{ checkpoint: 'rotor', position: 'rear', more: faulty('crack') }],
  });
  await world.as('mechanic').send(startRepair, {
    body: { id: newId(), bikeId: work.id, findingIds: [findings[0]?.id ?? ''], at: now },
  });
  const offered = bikeFieldsOf('hybrid', { tag: 'K7', siteId: world.siteId });
  const { bike: used } = await world.as('lead').send(openAssessment, {
    body: {
      id: newId(),
      bikeId: newId(),
      bike: offered,
      from: 'A club',
      asking: 9000,
      worth: 20_000,
      at: now,
    },
  });
  await world.check(used, {
    checklist: 'assessment',
    exceptions: [{ checkpoint: 'grips', more: faulty('torn') }],
  });
  return {
    traced: traced.id,
    search: handed.id,
    work: work.id,
    carded: carded.id,
    worn: worn.id,
    held: held.id,
    fresh: fresh.id,
    model: model.id,
    round,
    check: signed.id,
  };
}
