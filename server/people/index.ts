export { requireAct, type Actor } from './actor';
export { authorOf, type Author } from './author';
export { People } from './service';
export { mayDeliverFor, personOf, Sessions } from './sessions';
