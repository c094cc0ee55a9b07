export { createApp, type AppDeps } from './app';
export {
  connect,
  grantLeast,
  mayRewriteRecord,
  migrate,
  OlderDatabaseError,
  rebuild,
  verify,
} from './database';
export type { EventKind, Events } from './events';
export { gatherFacts, projector, PROJECTIONS, QUIET_KINDS } from './features';
export { createServices, jobsOf, type Services } from './services';
