export { wallRoutes } from './routes';
export { Walls } from './service';
