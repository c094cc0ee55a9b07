export { doneBy, lastDone, type Done } from './last-done';
export { rulesOfProgram, servicesOf, type ServicedBike } from './rules-in-force';
export { ALWAYS_DRY, climateAt, seasonLine, type SeasonLine } from './season-line';
export { serviceDue, serviceLeft, type ServiceDue } from './service-due';
export { INTERVAL_RANGE, serviceIssues } from './service-issues';
export { odometerSlip, usesOf, type OdometerReading, type Use } from './uses';
