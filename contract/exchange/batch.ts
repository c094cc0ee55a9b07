/** At most this many bikes in one batch of an import: one act, all or none. */
export const BATCH = 100;
