import type { Mark } from '@cadre/core/checks';
import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type NewMark = Mark;
export type Check = Told<typeof schemas.check>;
export type CheckSummary = Told<typeof schemas.checkSummary>;

export const openCheck = route<typeof schemas.openCheck>({
  name: 'checks.open',
  method: 'POST',
  path: '/api/v1/checks',
  act: 'mark',
});

export const getCheck = route<typeof schemas.getCheck>({
  name: 'checks.get',
  method: 'GET',
  path: '/api/v1/checks/:id',
  act: 'see',
});

export const addMarks = route<typeof schemas.addMarks>({
  name: 'checks.mark',
  method: 'POST',
  path: '/api/v1/checks/:id/marks',
  act: 'mark',
});

export const signCheck = route<typeof schemas.signCheck>({
  name: 'checks.sign',
  method: 'POST',
  path: '/api/v1/checks/:id/sign',
  act: 'sign',
});

export const coSignCheck = route<typeof schemas.coSignCheck>({
  name: 'checks.co-sign',
  method: 'POST',
  path: '/api/v1/checks/:id/co-sign',
  act: 'co-sign',
});

/** Marks of the open checks of many bikes on some checklists: what the line and the stand follow while others mark. */
export const findChecks = route<typeof schemas.findChecks>({
  name: 'checks.find',
  method: 'POST',
  path: '/api/v1/checks/find',
  act: 'see',
});

/** What was found the last time each question of a bike was looked at. */
export const listLooks = route<typeof schemas.listLooks>({
  name: 'checks.looks',
  method: 'GET',
  path: '/api/v1/bikes/:id/looks',
  act: 'see',
});

/** When a bike was last looked over whole by each checklist: its service marks. */
export const listServices = route<typeof schemas.listServices>({
  name: 'checks.services',
  method: 'GET',
  path: '/api/v1/bikes/:id/services',
  act: 'see',
});

/** The newest checks of a bike, the open ones first. */
export const listChecks = route<typeof schemas.listChecks>({
  name: 'checks.list',
  method: 'GET',
  path: '/api/v1/bikes/:id/checks',
  act: 'see',
});

/** Corrects a signed check by a new one that names it. What was signed stays as it was signed. */
export const amendCheck = route<typeof schemas.amendCheck>({
  name: 'checks.amend',
  method: 'POST',
  path: '/api/v1/checks/:id/amend',
  act: 'sign',
});
