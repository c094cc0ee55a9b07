import type { NotFound } from '@cadre/core/errors';
import { RefusedError } from './refusal';

/** Which chain an act belongs to, as a select of its one id: the log reads it together with the head's lock. */
export interface Chain {
  readonly sql: string;
  readonly values: readonly string[];
  /** What is said where the select finds nothing. */
  readonly missing: () => RefusedError;
}

const notFound = (what: NotFound) => () => new RefusedError('not-found', { what });

/** A chain whose id is known. */
export const chainNamed = (id: string): Chain => ({
  sql: 'SELECT ?',
  values: [id],
  missing: notFound('chain'),
});

/** The chain of what belongs to no single site: people, checklists, policy, models, stock, the sites themselves. */
export const PROGRAM_CHAIN: Chain = {
  sql: 'SELECT id FROM program LIMIT 1',
  values: [],
  missing: notFound('program'),
};

export const chainOfSite = (siteId: string): Chain => ({
  sql: 'SELECT id FROM site WHERE id = ?',
  values: [siteId],
  missing: notFound('site'),
});

/** The chain of a site named in what was sent. */
export const chainOfSentSite = (siteId: string): Chain => ({
  ...chainOfSite(siteId),
  missing: () => new RefusedError('body.invalid', {}, { fields: [{ path: 'siteId', code: 'unknown' }] }),
});

/** The chain of the site that a row of this table belongs to. */
export const chainOfSiteOf = (what: NotFound, table: string, id: string): Chain => ({
  sql: `SELECT siteId FROM \`${table}\` WHERE id = ?`,
  values: [id],
  missing: notFound(what),
});

export const chainOfBike = (bikeId: string): Chain => chainOfSiteOf('bike', 'bike', bikeId);

/** The chain of the site of the bike that a row of this table is about. */
export const chainOfBikeOf = (what: NotFound, table: string, id: string): Chain => ({
  sql: `SELECT b.siteId FROM bike b JOIN \`${table}\` t ON t.bikeId = b.id WHERE t.id = ?`,
  values: [id],
  missing: notFound(what),
});
