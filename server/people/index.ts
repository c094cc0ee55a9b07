export { requireAct, type Actor } from './actor';
export { People, programChain } from './service';
export { mayDeliverFor, personOf, Sessions } from './sessions';
