import { v7 as newId } from 'uuid';
import { listChecklists } from '@cadre/contract/catalogue';
import { openCheck } from '@cadre/contract/checks';
import { addRack, type Bike } from '@cadre/contract/fleet';
import { openAssessment } from '@cadre/contract/assessments';
import { lendKit, setKitItem, type KitItem } from '@cadre/contract/kit';
import { countStock, fitPart, setStockItem } from '@cadre/contract/parts';
import { finishRepair, startRepair } from '@cadre/contract/repairs';
import { leaveApart } from '@cadre/contract/reassembly';
import { handOut } from '@cadre/contract/outings';
import { makeRound } from '@cadre/contract/rounds';
import { addReport, listReports } from '@cadre/contract/reports';
import { addGroup } from '@cadre/contract/schedule';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { bikeFieldsOf, faulty } from '@cadre/test-world/builders';
import { type World } from './world';

/** What is sent to a write route: its parts of the address, its body. */
export interface Asking {
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: string;
  readonly body?: unknown;
  readonly type?: string;
}

export interface WriteAct {
  /** Somebody who may. */
  readonly by: string;
  /** Prepares what the act needs and says what is sent, as a person of this name would about this bike. */
  readonly ask: (world: World, bike: Bike, by: string) => Promise<Asking> | Asking;
}

export const act = (by: string, ask: WriteAct['ask']): WriteAct => ({ by, ask });
export const at = (world: World): number => world.clock.now;
export const stamp = (world: World) => ({ id: newId(), at: at(world) });
let named = 0;
/** So that no two things of a world are called alike. */
export const nextNumber = (): number => (named += 1);
export const name = (what: string): string => `${what} ${nextNumber()}`;

export const rack = async (world: World) =>
  world
    .as('lead')
    .send(addRack, { body: { id: newId(), siteId: world.siteId, name: name('rack'), hooks: 2 } });
export const part = () => ({
  id: newId(),
  kind: 'chain' as const,
  name: name('chain'),
  facts: {},
  markings: {},
});
export const fitted = async (world: World, bike: Bike): Promise<string> => {
  const { fitments } = await world.as('lead').send(fitPart, {
    params: { id: bike.id },
    body: { ...stamp(world), part: part(), position: 'only', anyway: '' },
  });
  return fitments[0]?.id ?? '';
};
export const groupFields = (world: World) => ({
  siteId: world.siteId,
  name: name('group'),
  outAt: at(world),
  backAt: at(world) + 7_200_000,
  wants: [{ count: 1, kind: null, size: '' }],
});
export const group = async (world: World): Promise<string> =>
  (await world.as('lead').send(addGroup, { body: { id: newId(), ...groupFields(world) } })).id;
export const helmetFields = (world: World) => ({
  ...{ siteId: world.siteId, kind: 'helmet' as const, tag: `H${nextNumber()}`, size: '52–56 cm' },
  ...{ contents: [], expiresOn: null },
});
/** An item of kit, in the store or lent. */
export async function helmet(world: World, where: 'in' | 'lent' = 'in'): Promise<KitItem> {
  const item = await world.as('lead').send(setKitItem, {
    params: { id: newId() },
    body: { id: newId(), item: helmetFields(world), version: null },
  });
  if (where === 'lent')
    await world.as('desk').send(lendKit, { body: { ...stamp(world), groupId: null, itemIds: [item.id] } });
  return item;
}
const TOMORROW = (world: World): string => new Date(at(world) + 86_400_000).toISOString().slice(0, 10);
export const dayPlanFields = (world: World, bike: Bike) => ({
  ...{ id: newId(), siteId: world.siteId, day: TOMORROW(world), unmet: [], needed: 0, gap: null },
  people: [{ personId: world.idOf('mechanic'), from: at(world), until: at(world) + 3_600_000 }],
  items: [
    {
      ...{ bikeId: bike.id, personId: world.idOf('mechanic'), work: 'check' as const, minutes: 6 },
      ...{ readyAt: at(world) + 360_000, groupId: null, byHand: false },
    },
  ],
  ...{ version: null, at: at(world) },
});
export const campaignFields = (world: World, bike: Bike) => ({
  ...{ id: newId(), siteId: world.siteId, name: name('campaign'), checklistKey: 'season-opening' },
  ...{ byDay: TOMORROW(world), stands: 2, standMinutes: 420, slips: [], gap: 0 },
  people: [{ personId: world.idOf('mechanic'), minutes: 300, away: [] }],
  bikes: [{ bikeId: bike.id, minutes: 50, partsOn: null }],
  slots: [{ bikeId: bike.id, day: TOMORROW(world), personId: world.idOf('mechanic'), fixed: false }],
  ...{ version: null, at: at(world) },
});
export const eventFields = (world: World, bike: Bike) => ({
  ...{ id: newId(), siteId: world.siteId, name: name('event'), startsAt: at(world) + 86_400_000 },
  ...{ bikeIds: [bike.id], people: [], version: null },
});
export const roundFields = (world: World, bike: Bike) => ({
  ...stamp(world),
  ...{
    siteId: world.siteId,
    name: name('round'),
    checklistKey: null,
    bikeIds: [bike.id],
    people: [],
    deadline: at(world) + 3_600_000,
  },
});
export const round = async (world: World, bike: Bike) =>
  world.as('lead').send(makeRound, { body: roundFields(world, bike) });
/** Laxer than as shipped wherever it can be: what a policy may do to a hold at most. */
export const lax = async (world: World) => {
  const { policy } = await world.as('lead').send(listChecklists);
  const {
    schema: _schema,
    version: _version,
    note: _note,
    ...rest
  } = { ...DEFAULT_POLICY, ...policy.policy };
  return {
    base: policy.hash,
    policy: { ...rest, soonDays: 90, soonOutings: 200, secondPersonZones: [], legal: 'soon' },
  };
};
export const ownChecklist = (world: World) => ({
  ...world.checklists.get('ride-out')?.checklist,
  key: `own-${nextNumber()}`,
  name: name('Own'),
});
/** The finding that matters: what holds the bike, else one open on it now made for it. */
export async function findingOn(world: World, bike: Bike): Promise<string> {
  const known = (await world.bikeNow(bike.id)).facts.findings[0];
  if (known) return known.id;
  const { findings } = await world.check(bike, {
    exceptions: [
      {
        checkpoint: 'tyre-casing',
        position: 'rear',
        more: { outcome: 'watch', way: 'single', faults: [{ fault: 'small-cut' }] },
      },
    ],
  });
  return findings[0]?.id ?? '';
}
export async function repairOf(
  world: World,
  bike: Bike,
  done: boolean,
): Promise<{ repairId: string; findingId: string }> {
  const findingId = await findingOn(world, bike);
  const repairId = newId();
  await world
    .as('mechanic')
    .send(startRepair, { body: { id: repairId, bikeId: bike.id, findingIds: [findingId], at: at(world) } });
  if (done)
    await world.as('mechanic').send(finishRepair, {
      params: { id: repairId },
      body: { ...stamp(world), work: [{ findingId, done: 'Repaired' }], touched: [], minutes: 1 },
    });
  return { repairId, findingId };
}
export const stockFields = () => ({
  ...{ kind: 'pads' as const, name: name('pads'), facts: {}, modelIds: [], markings: {} },
  ...{ least: 2, price: 1450, leadDays: 5, supplier: 'Reed and Rush' },
});
/** An item on the shelf, so many of it. */
export async function stocked(world: World, onHand: number): Promise<string> {
  const id = newId();
  await world
    .as('lead')
    .send(setStockItem, { params: { id }, body: { ...stamp(world), item: stockFields(), version: null } });
  await world
    .as('lead')
    .send(countStock, { params: { id }, body: { ...stamp(world), by: onHand, why: 'delivered', note: '' } });
  return id;
}
export const offered = (world: World) => ({
  ...stamp(world),
  ...{ bikeId: newId(), bike: bikeFieldsOf('hybrid', { tag: `U${nextNumber()}`, siteId: world.siteId }) },
  ...{ from: 'A family', asking: 12_000, worth: 30_000 },
});
export const assessment = async (world: World): Promise<string> =>
  (await world.as('lead').send(openAssessment, { body: offered(world) })).assessment.id;
export const rideOut = (world: World): string => world.checklists.get('ride-out')?.hash ?? '';
/** Begun by this person: marks under their own name. */
export async function begun(world: World, bike: Bike, by: string): Promise<string> {
  const id = newId();
  const author = world.idOf(by);
  return (
    await world.as(by).send(openCheck, {
      body: { id, bikeId: bike.id, checklistHash: rideOut(world), author, at: at(world) },
    })
  ).id;
}
export const apart = async (world: World, bike: Bike): Promise<string> => {
  const { id, ...rest } = stamp(world);
  await world
    .as('lead')
    .send(leaveApart, { params: { id: bike.id }, body: { id, what: 'Wheel out', ...rest } });
  return id;
};

/** A bike that a stop holds. */
export async function heldByStop(world: World): Promise<Bike> {
  const held = await world.bike(`P${nextNumber()}`);
  await world.check(held, {
    exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
  });
  return held;
}

/** A bike that is out. */
export async function sentOut(world: World): Promise<Bike> {
  const bike = await world.bike(`X${nextNumber()}`);
  await world.check(bike);
  const going = { bikeIds: [bike.id], groupId: null, dueBackAt: null };
  await world.as('desk').send(handOut, { body: { ...stamp(world), ...going } });
  return bike;
}

/** A report of a bike that nobody has dealt with. */
export async function reported(world: World, bike: Bike): Promise<string> {
  const { id, at: told } = stamp(world);
  const body = {
    id,
    zone: 'rear-wheel' as const,
    fault: 'loose' as const,
    canRide: true,
    note: '',
    at: told,
  };
  await world.as('desk').send(addReport, { params: { id: bike.id }, body });
  const { reports } = await world.as('desk').send(listReports);
  // Told before and not dealt with yet, it is one.
  return reports.find((each) => each.bikeId === bike.id && each.state === 'unread')?.id ?? id;
}
