import type { Model as CoreModel } from '@cadre/core/fleet';
import { route, type Told, type Versioned } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type BikeFields = Told<typeof schemas.bikeFields>;
export type Bike = Told<typeof schemas.bike>;
export type Site = Told<typeof schemas.site>;
export type Rack = Told<typeof schemas.rack>;
export type Model = Versioned<CoreModel>;

export const listBikes = route<typeof schemas.listBikes>({
  name: 'bikes.list',
  method: 'GET',
  path: '/api/v1/bikes',
  act: 'see',
});

export const getBike = route<typeof schemas.getBike>({
  name: 'bikes.get',
  method: 'GET',
  path: '/api/v1/bikes/:id',
  act: 'see',
});

export const addBike = route<typeof schemas.addBike>({
  name: 'bikes.add',
  method: 'POST',
  path: '/api/v1/bikes',
  act: 'edit-fleet',
});

export const changeBike = route<typeof schemas.changeBike>({
  name: 'bikes.change',
  method: 'PUT',
  path: '/api/v1/bikes/:id',
  act: 'edit-fleet',
});

/** What was read off its parts at the stand, where nothing was stated yet: readings are judged by it from now on. What is stated already is changed by its form. */
export const noteMarkings = route<typeof schemas.noteMarkings>({
  name: 'bikes.markings',
  method: 'POST',
  path: '/api/v1/bikes/:id/markings',
  act: 'mark',
});

/** Hand out, take back. Going out asks fitness first: what is held or due stays in. */
export const moveBike = route<typeof schemas.moveBike>({
  name: 'bikes.move',
  method: 'POST',
  path: '/api/v1/bikes/:id/move',
  act: 'hand-out',
});

export const addSite = route<typeof schemas.addSite>({
  name: 'sites.add',
  method: 'POST',
  path: '/api/v1/sites',
  act: 'edit-program',
});

export const addRack = route<typeof schemas.addRack>({
  name: 'racks.add',
  method: 'POST',
  path: '/api/v1/racks',
  act: 'edit-fleet',
});

/** The days a site opens on. */
export const setOpening = route<typeof schemas.setOpening>({
  name: 'sites.set-opening',
  method: 'PUT',
  path: '/api/v1/sites/:id/opening',
  act: 'edit-program',
});

export const changeSite = route<typeof schemas.changeSite>({
  name: 'sites.change',
  method: 'PUT',
  path: '/api/v1/sites/:id',
  act: 'edit-program',
});

/** A rack's name and how many hooks it has. Hooks go from the end, and only free ones. */
export const changeRack = route<typeof schemas.changeRack>({
  name: 'racks.change',
  method: 'PUT',
  path: '/api/v1/racks/:id',
  act: 'edit-fleet',
});

/** Takes an empty rack down. */
export const removeRack = route<typeof schemas.removeRack>({
  name: 'racks.remove',
  method: 'POST',
  path: '/api/v1/racks/:id/remove',
  act: 'edit-fleet',
});

/** The racks of a site in the order they stand. */
export const orderRacks = route<typeof schemas.orderRacks>({
  name: 'racks.order',
  method: 'POST',
  path: '/api/v1/sites/:id/racks/order',
  act: 'edit-fleet',
});

/** Hangs bikes where they now belong, one or many at once. What is asked for together is done together. */
export const hangBikes = route<typeof schemas.hangBikes>({
  name: 'bikes.hang',
  method: 'POST',
  path: '/api/v1/bikes/hang',
  act: 'edit-fleet',
});

export const addModel = route<typeof schemas.addModel>({
  name: 'models.add',
  method: 'POST',
  path: '/api/v1/models',
  act: 'edit-fleet',
});

export const changeModel = route<typeof schemas.changeModel>({
  name: 'models.change',
  method: 'PUT',
  path: '/api/v1/models/:id',
  act: 'edit-fleet',
});
