export { bikesOfOneSite } from './bikes-of-one-site';
export { documentOf, modelById, refuseBike, refusedBikes, type RebuiltBike } from './bike-document';
export {
  bikeEntity,
  fitmentEntity,
  modelEntity,
  partEntity,
  siteEntity,
  type BikeRow,
  type FitmentRow,
} from './entities';
export type { FleetEvents } from './events';
export { fleetFeature } from './feature';
export { measuredBikes } from './measured';
export { describeModels, Models } from './models';
export { policyOnBike } from './policy-on-bike';
export { Racks } from './racks';
export {
  describeBike,
  describeBikes,
  describeFleet,
  describePlaces,
  describeRacks,
  findBike,
  fittedOf,
  partsByBike,
} from './read';
export { fleetRoutes } from './routes';
export { Fleet } from './service';
