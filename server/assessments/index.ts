export { assessmentEntity } from './entities';
export type { AssessmentEvents } from './events';
export { assessmentFeature } from './feature';
export { assessmentRoutes } from './routes';
export { Assessments } from './service';
