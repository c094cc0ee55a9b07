export { timelineRoutes } from './routes';
