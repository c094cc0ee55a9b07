export { describeBike, describeFleet, describeRacks, findBike, fittedOf, partsByBike } from './read';
export { documentOf, dueByBuild, modelById, refuseBike, refusedBikes, type Wanted } from './bike-document';
export { measuredBikes } from './measured';
export { Models } from './models';
export { Racks } from './racks';
export { Fleet } from './service';
