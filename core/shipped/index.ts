/** The shipped catalogue: prose, so it is kept apart from the words and rules the browser always needs. */
export { checkpointsAfter, NOT_BY_CRASH } from './incidents';
export { PRACTICE_PROSE } from './practices';
export { CHECKPOINTS, RIDE_OUT, RIDE_OUT_CHILDREN, SHIPPED_CHECKLISTS } from './checklists';
export { causesOfFault } from './causes';
export { shippedServices } from './services';
export { BUILT_OTHERWISE } from './built-otherwise';
export { walkChecklists } from './walk';
export { TRACES, TRACES_BY_AREA, type TraceArea } from './traces';
export { GUIDES } from './guides';
export { trailCards } from './trail-help';
