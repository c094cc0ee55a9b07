export { describeBike, describeFleet, describeRacks, findBike, fittedOf } from './read';
export { documentOf, dueByBuild, refusedBikes, type Wanted } from './bike-document';
export { Models } from './models';
export { Racks } from './racks';
export { Fleet } from './service';
