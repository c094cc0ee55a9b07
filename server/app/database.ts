import type { DataSource } from 'typeorm';
import {
  connect as connectWith,
  grantLeast as grantWith,
  mayRewriteRecord as mayRewrite,
  type Place,
} from '@cadre/server/platform/database';
import { rebuildProjections, verifyRecord } from '@cadre/server/platform/event-log';
import { APPEND_ONLY, ENTITIES, projector, PROJECTIONS, VERIFIERS } from './features';

export { migrate, OlderDatabaseError } from '@cadre/server/platform/database';

/** A pool of connections to this program's tables. */
export const connect = (place: Place, connections?: number): Promise<DataSource> =>
  connectWith(place, ENTITIES, connections);

/** Makes the application's user, with the rights it needs and no more. */
export const grantLeast = (owner: DataSource, user: string, password: string, name: string): Promise<void> =>
  grantWith(owner, { user, password, database: name, appendOnly: APPEND_ONLY });

/** Whether this connection could rewrite the record. */
export const mayRewriteRecord = (source: DataSource): Promise<boolean> => mayRewrite(source, APPEND_ONLY);

/** Makes every projection again from the log. */
export const rebuild = (source: DataSource): Promise<number> =>
  rebuildProjections(source, projector, PROJECTIONS);

/** Looks for what was altered, removed or added past the log. */
export const verify = (source: DataSource) => verifyRecord(source, VERIFIERS);
