import { POSITIONS, SEVERITIES, ZONES } from '@cadre/core/catalogue';
import { SIDES } from '@cadre/core/checks';
import { FINDING_STATES } from '@cadre/core/findings';
import { MEASURES, NEXT_STEPS, type Measure } from '@cadre/core/measures';
import { id, instant, messages, text } from '@cadre/contract/http/schemas';
import { rule, works } from '@cadre/contract/catalogue/schemas';
import { sourced } from '@cadre/contract/measures/schemas';
import * as z from 'zod/mini';

export const place = z.object({
  side: z.optional(z.enum(SIDES)),
  clock: z.optional(z.int().check(z.gte(1), z.lte(12))),
  words: z.optional(z.string().check(z.maxLength(200))),
  /** A point touched on the bike's drawing, as shares of its width and height. */
  spot: z.optional(
    z.object({ x: z.number().check(z.gte(0), z.lte(1)), y: z.number().check(z.gte(0), z.lte(1)) }),
  ),
});

export const finding = z.object({
  id,
  checkpoint: z.string(),
  position: z.enum(POSITIONS),
  fault: z.string(),
  zone: z.enum(ZONES),
  place: z.nullable(place),
  severity: z.enum(SEVERITIES),
  floor: z.enum(SEVERITIES),
  legal: z.optional(z.literal(true)),
  state: z.enum(FINDING_STATES),
  openedAt: instant,
  openedBy: id,
  lastSeenAt: instant,
  timesSeen: z.int(),
  limit: z.nullable(z.object({ until: instant, outings: z.int() })),
  outingsUsed: z.int(),
  repairedBy: z.nullable(id),
  /** The reading that speaks for it, in the measure's unit, against the limit it was judged by. */
  measured: z.optional(
    z.object({
      measure: z.enum(Object.keys(MEASURES) as [Measure, ...Measure[]]),
      value: z.number(),
      limit: z.nullable(sourced),
      next: z.enum(NEXT_STEPS),
    }),
  ),
  /** What putting it right disturbs at the least. */
  work: z.optional(works),
  /** On which builds its question is asked; absent: on every one. */
  applies: z.optional(rule),
  words: z.object({
    checkpoint: z.string(),
    fault: z.string(),
    doNext: z.string(),
    toMechanic: z.boolean(),
    note: z.string(),
  }),
});

export const setSeverity = messages({
  params: z.object({ id }),
  body: z.object({ id, severity: z.enum(SEVERITIES), reason: text(400), at: instant }),
  answer: finding,
});

export const findingsOfBike = messages({
  params: z.object({ id }),
  query: z.object({
    state: z._default(z.enum(['open', 'closed']), 'closed'),
    before: z.optional(id),
    most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(200)), 20),
  }),
  answer: z.object({ findings: z.array(finding), next: z.nullable(id) }),
});

export const closeFinding = messages({
  params: z.object({ id }),
  body: z.object({ id, reason: text(400), at: instant }),
  answer: finding,
});

export const mergeFindings = messages({
  params: z.object({ id }),
  body: z.object({ id, otherId: id, at: instant }),
  answer: finding,
});
