import {
  listBikes,
  getBike,
  addBike,
  changeBike,
  noteMarkings,
  moveBike,
  hangBikes,
  addSite,
  changeSite,
  setOpening,
  addRack,
  changeRack,
  removeRack,
  orderRacks,
  addModel,
  changeModel,
} from '@cadre/contract/fleet';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Fleet } from './service';
import type { Racks } from './racks';
import type { Models } from './models';

export const fleetRoutes = ({
  fleet,
  racks,
  models,
}: {
  readonly fleet: Fleet;
  readonly racks: Racks;
  readonly models: Models;
}): readonly Implemented[] => [
  answering(listBikes, async ({ query }, actor) => fleet.list(actor, query)),
  answering(getBike, async ({ params }, actor) => fleet.get(actor, params.id)),
  answering(addBike, async ({ body }, actor) => fleet.add(actor, body)),
  answering(changeBike, async ({ params, body }, actor) => fleet.change(actor, params.id, body)),
  answering(noteMarkings, async ({ params, body }, actor) => fleet.noteMarkings(actor, params.id, body)),
  answering(moveBike, async ({ params, body }, actor) => fleet.move(actor, params.id, body)),
  answering(hangBikes, async ({ body }, actor) => racks.hang(actor, body)),
  answering(addSite, async ({ body }, actor) => racks.addSite(actor, body)),
  answering(changeSite, async ({ params, body }, actor) => racks.changeSite(actor, params.id, body)),
  answering(setOpening, async ({ params, body }, actor) => racks.setOpening(actor, params.id, body)),
  answering(addRack, async ({ body }, actor) => racks.addRack(actor, body)),
  answering(changeRack, async ({ params, body }, actor) => racks.changeRack(actor, params.id, body)),
  answering(removeRack, async ({ params, body }, actor) => racks.removeRack(actor, params.id, body)),
  answering(orderRacks, async ({ params, body }, actor) => racks.orderRacks(actor, params.id, body)),
  answering(addModel, async ({ body }, actor) => models.add(actor, body)),
  answering(changeModel, async ({ params, body }, actor) => models.change(actor, params.id, body)),
];
