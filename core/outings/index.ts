export { isLate, RETURN_WAYS, type Outing, type ReturnWay } from './outing';
export { alternativesFor, proposeBikes, type ProposedPlace, type ReadyBike } from './propose';
export { remainingWants } from './remaining';
export { RETURN_CAUSES, RETURN_CHECKLIST, triageReturn, type ReturnCause } from './triage';
