import { listSheets, publishPolicy } from '@cadre/contract/catalogue';
import { addMarks, coSignCheck, getCheck, openCheck, signCheck } from '@cadre/contract/checks';
import { setSeverity } from '@cadre/contract/findings';
import { getFleetDocument, importBikes } from '@cadre/contract/exchange';
import {
  addBike,
  addModel,
  addRack,
  addSite,
  changeBike,
  changeModel,
  changeRack,
  changeSite,
  getBike,
  getWall,
  hangBikes,
  listBikes,
  moveBike,
  orderRacks,
  removeRack,
} from '@cadre/contract/fleet';
import type { RouteContract } from '@cadre/contract/http';
import { addPerson, changePerson, currentSession, listPeople, setUp, setupState, signIn, signOut } from '@cadre/contract/people';
import { fitPart, listFitments, movePart, takePartOff } from '@cadre/contract/parts';
import { changes, health, timeline } from '@cadre/contract/records';
import { finishRepair, leaveApart, listRepairs, openReLook, putTogether, releaseBike, startRepair } from '@cadre/contract/repairs';
import { addGroup, changeGroup, listGroups, removeGroup } from '@cadre/contract/schedule';

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
  hangBikes,
  getBike,
  addBike,
  changeBike,
  moveBike,
  addSite,
  changeSite,
  addRack,
  changeRack,
  removeRack,
  orderRacks,
  addModel,
  changeModel,
  listFitments,
  fitPart,
  movePart,
  takePartOff,
  listGroups,
  addGroup,
  changeGroup,
  removeGroup,
  getFleetDocument,
  importBikes,
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
