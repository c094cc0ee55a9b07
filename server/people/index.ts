export { authorOf, type Author } from './author';
export { personEntity, programEntity, type PersonRow, type ProgramRow } from './entities';
export type { PeopleEvents } from './events';
export { peopleFeature } from './feature';
export { peopleRoutes } from './routes';
export { People } from './service';
export { saveSecret, mayDeliverFor, Sessions } from './sessions';
