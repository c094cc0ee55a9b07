import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type { RepairPlan } from '@cadre/core/repairs';
export type Repair = Told<typeof schemas.repair>;

export const listRepairs = route<typeof schemas.listRepairs>({
  name: 'repairs.list',
  method: 'GET',
  path: '/api/v1/repairs',
  act: 'see',
});

export const startRepair = route<typeof schemas.startRepair>({
  name: 'repairs.start',
  method: 'POST',
  path: '/api/v1/repairs',
  act: 'repair',
});

/** Where, by whom, with what, and what it waits for: as it is meant from now on. */
export const planRepair = route<typeof schemas.planRepair>({
  name: 'repairs.plan',
  method: 'POST',
  path: '/api/v1/repairs/:id/plan',
  act: 'repair',
});

export const finishRepair = route<typeof schemas.finishRepair>({
  name: 'repairs.done',
  method: 'POST',
  path: '/api/v1/repairs/:id/done',
  act: 'repair',
});

export const openRecheck = route<typeof schemas.openRecheck>({
  name: 'repairs.recheck',
  method: 'POST',
  path: '/api/v1/repairs/:id/recheck',
  act: 'recheck',
});

export const releaseBike = route<typeof schemas.releaseBike>({
  name: 'bikes.release',
  method: 'POST',
  path: '/api/v1/bikes/:id/release',
  act: 'release',
});

/** A tag of cardboard or steel hung on a held bike, so that nobody takes it who has no screen in hand. */
export const hangTag = route<typeof schemas.hangTag>({
  name: 'hang-tag.hang',
  method: 'POST',
  path: '/api/v1/bikes/:id/hang-tag',
  act: 'mark',
});

/** What the repairs done between two moments cost. */
export const listCosts = route<typeof schemas.listCosts>({
  name: 'repairs.costs',
  method: 'GET',
  path: '/api/v1/costs',
  act: 'see',
});
