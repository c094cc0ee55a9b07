export { servicesUnderPolicy } from './due';
export { forgetDoneAfter } from './events';
export { servicesFeature } from './feature';
export { serviceRoutes } from './routes';
export { BikeServices, odometerOnReturn } from './service';
