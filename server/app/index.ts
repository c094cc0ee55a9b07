export { createApp } from './app';
export {
  anchorNow,
  connect,
  grantLeast,
  mayRewriteRecord,
  migrate,
  OlderDatabaseError,
  replayed,
  rebuild,
  verify,
} from './database';
export { gatherFacts, projector, PROJECTIONS, QUIET_KINDS, SECRET_TABLES } from './features';
export { createServices, jobsOf, type Services } from './services';
