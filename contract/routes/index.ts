import { listSheets, publishPolicy } from '@cadre/contract/catalogue';
import { addMarks, coSignCheck, getCheck, openCheck, signCheck } from '@cadre/contract/checks';
import { setSeverity } from '@cadre/contract/findings';
import { addBike, addRack, addSite, changeBike, getBike, getWall, listBikes, moveBike } from '@cadre/contract/fleet';
import type { RouteContract } from '@cadre/contract/http';
import { addPerson, changePerson, currentSession, listPeople, setUp, setupState, signIn, signOut } from '@cadre/contract/people';
import { changes, health, timeline } from '@cadre/contract/records';
import { finishRepair, leaveApart, listRepairs, openReLook, putTogether, releaseBike, startRepair } from '@cadre/contract/repairs';

/** Every route there is. The server answers exactly these, and a test holds it to that. */
export const ROUTES: readonly RouteContract[] = [
  health,
  setupState,
  setUp,
  signIn,
  currentSession,
  signOut,
  listPeople,
  addPerson,
  changePerson,
  getWall,
  listBikes,
  getBike,
  addBike,
  changeBike,
  moveBike,
  addSite,
  addRack,
  listSheets,
  publishPolicy,
  openCheck,
  getCheck,
  addMarks,
  signCheck,
  coSignCheck,
  setSeverity,
  listRepairs,
  startRepair,
  finishRepair,
  openReLook,
  leaveApart,
  putTogether,
  releaseBike,
  timeline,
  changes,
];
