export { digest, json, key, large, moment, uuid, whole, word, words, yes } from './columns';
export { connect, migrate, OlderDatabaseError, type Place } from './connect';
export { grantLeast, mayRewriteRecord } from './grants';
export { withoutValues } from './without-values';
export { jsonOf } from './json-of';
