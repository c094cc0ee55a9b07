export { assessmentEntity } from './entities';
export { assessmentFeature } from './feature';
export { assessmentRoutes } from './routes';
export { Assessments } from './service';
