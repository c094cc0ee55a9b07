export { measuredStandings } from './measured-standings';
export { factsOf, gatherFacts, findingOf, markOf } from './bike-state';
export { projector } from './projector';
export { waitOf } from './wait-rows';
