export { doneBy, lastDone, settlingQuestions, type Done, type ServicePlan } from './last-done';
export { rulesOfProgram, servicePlan, type ServicedBike } from './rules-in-force';
export { ALWAYS_DRY, climateAt, seasonLine, type SeasonLine } from './season-line';
export { servicesEffect } from './services-effect';
export { serviceDue, serviceLeft, type ServiceDue } from './service-due';
export { serviceIssues } from './service-issues';
export { odometerSlip, usesOf, type OdometerReading, type Use } from './uses';
