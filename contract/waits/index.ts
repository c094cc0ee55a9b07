import { POSITIONS } from '@cadre/core/catalogue';
import { WAIT_KINDS } from '@cadre/core/waits';
import { bike } from '@cadre/contract/fleet';
import { id, instant, note, route, text } from '@cadre/contract/http';
import * as z from 'zod/mini';

const typed = z.string().check(z.minLength(1), z.maxLength(40));
/** What a tyre is set to: never empty. */
const setTo = z.object({ kpa: z.number().check(z.gte(20), z.lte(1100)), typed });
/** What it has later: it may be flat. */
const gauge = z.object({ kpa: z.number().check(z.gte(0), z.lte(1100)), typed });

/** Asks for a look later: by the clock, after outings, or both, whichever comes first. */
export const setWait = route({
  name: 'waits.set',
  method: 'POST',
  path: '/api/v1/bikes/:id/waits',
  act: 'mark',
  params: z.object({ id }),
  body: z.object({
    id,
    kind: z.enum(WAIT_KINDS),
    what: text(120),
    position: z.enum(POSITIONS),
    hours: z.nullable(z.number().check(z.gt(0), z.lte(24 * 400))),
    outings: z.nullable(z.int().check(z.gte(1), z.lte(200))),
    gauged: z.nullable(setTo),
    at: instant,
  }),
  answer: bike,
});

/** What the look found: a soak by its second gauge reading, the others in words. */
export const answerWait = route({
  name: 'waits.answer',
  method: 'POST',
  path: '/api/v1/waits/:id/answer',
  act: 'mark',
  params: z.object({ id }),
  body: z.object({ id, gauged: z.nullable(gauge), note: note(400), at: instant }),
  answer: z.object({
    bike,
    /** Of a soak. */
    leak: z.nullable(
      z.object({
        word: z.enum(['sound', 'fault', 'too-soon']),
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
