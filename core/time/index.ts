/** Lengths of time in milliseconds. A day here is 24 hours; a site's day, which may be longer or shorter, is the schedule's. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;
