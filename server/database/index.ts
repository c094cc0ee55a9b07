export { digest, json, key, moment, uuid, whole, word, words, yes } from './columns';
export { jsonOf } from './json-of';
