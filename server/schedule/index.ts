export { outingGroupEntity } from './entities';
export { scheduleFeature } from './feature';
export { scheduleRoutes } from './routes';
export { Groups, groupsAround } from './service';
