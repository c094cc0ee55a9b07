export { createApp } from './app';
export {
  connect,
  grantLeast,
  mayRewriteRecord,
  migrate,
  OlderDatabaseError,
  rebuild,
  verify,
} from './database';
export { gatherFacts, projector, PROJECTIONS, QUIET_KINDS } from './features';
export { createServices, jobsOf, type Services } from './services';
