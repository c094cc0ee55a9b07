export { torqueRoutes } from './routes';
export { Torque } from './service';
