export { benchOrder, readyTimes, type Bench, type BenchJob, type BenchPlace, type BenchReason } from './bench-order';
export { costsOf, type CostedRepair, type CostRow, type Costs, type UsedPart } from './costs';
export { departures, type Departure } from './departures';
export { judgeReLook, needingSecondPerson, type ReLookInput } from './judge-re-look';
export { jobMinutes } from './job-minutes';
export { touchesOfPart, withTouches } from './part-touches';
export { NO_PLAN, WAITS_FOR, type RepairPlan, type RepairWait, type WaitsFor } from './plan';
export { reLookSheet, wheelsRenewed } from './re-look';
export { canTouch } from './can-touch';
