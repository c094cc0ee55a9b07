import { CHECKS } from './checks';
import { FLEET } from './fleet';
import { RECORD } from './record';
import { WORK } from './work';

export { HASH, ID, MOMENT } from './types';

/** Parents before what refers to them. CHECKs stand here because the mapper drops them. */
export const TABLES = [...RECORD, ...FLEET, ...CHECKS, ...WORK];
