import { POSITIONS } from '@cadre/core/catalogue';
import { TIMED_RECHECK_KINDS } from '@cadre/core/timed-rechecks';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, note, messages, text } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const typed = z.string().check(z.minLength(1), z.maxLength(40));
/** What a tyre is set to: never empty. */
const setTo = z.object({ kpa: z.number().check(z.gte(20), z.lte(1100)), typed });
/** What it has later: it may be flat. */
const gauge = z.object({ kpa: z.number().check(z.gte(0), z.lte(1100)), typed });

export const setTimedRecheck = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    kind: z.enum(TIMED_RECHECK_KINDS),
    what: text(120),
    position: z.enum(POSITIONS),
    hours: z.nullable(z.number().check(z.gt(0), z.lte(24 * 400))),
    outings: z.nullable(z.int().check(z.gte(1), z.lte(200))),
    gauged: z.nullable(setTo),
    at: instant,
  }),
  answer: bike,
});

export const answerTimedRecheck = messages({
  params: z.object({ id }),
  body: z.object({ id, gauged: z.nullable(gauge), note: note(400), at: instant }),
  answer: z.object({
    bike,
    /** Of a soak. */
    leak: z.nullable(
      z.object({
        outcome: z.enum(['pass', 'fail', 'too-soon']),
        because: z.enum(['floor', 'rate', 'holds', 'hours', 'gauges']),
        perDay: z.number(),
        perDayLeast: z.number(),
        perDayMost: z.number(),
        hoursToFloor: z.nullable(z.number()),
      }),
    ),
    againAt: z.nullable(instant),
  }),
});
