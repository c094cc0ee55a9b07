export { requireAct, type Actor } from './actor';
export { authorOf } from './author';
export { People } from './service';
export { mayDeliverFor, personOf, Sessions } from './sessions';
