export { authorOf, authorsOf, isSignedWith, requireOwn, type Author, type Item } from './author';
export { personEntity, programEntity, type PersonRow, type ProgramRow } from './entities';
export type { PeopleEvents } from './events';
export { peopleFeature } from './feature';
export { peopleRoutes } from './routes';
export { People } from './service';
export { saveSecret, Sessions } from './sessions';
export { Writers } from './writers';
