export { factsOf, findingOf, markOf } from './bike-state';
export { projector } from './projector';
