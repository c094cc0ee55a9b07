export { connect, migrate, type Place } from './connect';
export { APPEND_ONLY, ENTITIES, PROJECTIONS } from './entities';
export { grantLeast, mayRewriteRecord } from './grants';
