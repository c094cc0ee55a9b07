import * as z from 'zod/mini';

/** A UUID given by whoever creates the thing. */
export const id = z.uuid();

/** Text a person types: trimmed, not empty, not endless. */
export const text = (most: number) => z.string().check(z.trim(), z.minLength(1), z.maxLength(most));

/** Text that may be empty. */
export const note = (most: number) => z.string().check(z.trim(), z.maxLength(most));

/** The last moment of the year 9999: what a database holds. */
const LAST_INSTANT = 253_402_300_799_999;

/** Milliseconds since the epoch, as told by a device whose clock is set to the server's. */
export const instant = z.int().check(z.gte(0), z.lte(LAST_INSTANT));

export const clockTime = z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/));

export const version = z.int().check(z.gte(1));

export const hash = z.string().check(z.regex(/^[0-9a-f]{64}$/));

/** A day as year-month-day, or nothing. */
export const day = z.string().check(z.regex(/^(\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01]))?$/));
