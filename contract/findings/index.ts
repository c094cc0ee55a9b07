import { POSITIONS, SEVERITIES, ZONES } from '@cadre/core/catalogue';
import { SIDES } from '@cadre/core/checks';
import { FINDING_STATES, SIBLING_REASONS } from '@cadre/core/findings';
import { MEASURES, NEXT_STEPS, type Measure } from '@cadre/core/measures';
import { id, instant, route, text } from '@cadre/contract/http';
import { rule, works } from '@cadre/contract/catalogue';
import { sourced } from '@cadre/contract/measures';
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
  mendedBy: z.nullable(id),
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

export const setSeverity = route({
  name: 'findings.set-severity',
  method: 'POST',
  path: '/api/v1/findings/:id/severity',
  act: 'raise-severity',
  params: z.object({ id }),
  body: z.object({ id, severity: z.enum(SEVERITIES), reason: text(400), at: instant }),
  answer: finding,
});

/** Every finding a bike ever had, the newest first; `before` goes on where an answer left off. */
export const findingsOfBike = route({
  name: 'findings.of-bike',
  method: 'GET',
  path: '/api/v1/bikes/:id/findings',
  act: 'see',
  params: z.object({ id }),
  query: z.object({
    state: z._default(z.enum(['open', 'closed']), 'closed'),
    before: z.optional(id),
    most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(200)), 20),
  }),
  answer: z.object({ findings: z.array(finding), next: z.nullable(id) }),
});

/** A finding whose part is no longer on the bike, closed by name with a reason. */
export const closeFinding = route({
  name: 'findings.close',
  method: 'POST',
  path: '/api/v1/findings/:id/close',
  act: 'repair',
  params: z.object({ id }),
  body: z.object({ id, reason: text(400), at: instant }),
  answer: finding,
});

/** Two findings of one bike that are one: `otherId` is closed into this one. */
export const mergeFindings = route({
  name: 'findings.merge',
  method: 'POST',
  path: '/api/v1/findings/:id/merge',
  act: 'raise-severity',
  params: z.object({ id }),
  body: z.object({ id, otherId: id, at: instant }),
  answer: finding,
});

/** Other bikes where the fault of a finding may be too, why, and whether anybody has looked since. */
export const lookAcross = route({
  name: 'findings.look-across',
  method: 'GET',
  path: '/api/v1/findings/:id/look-across',
  act: 'see',
  params: z.object({ id }),
  answer: z.object({
    siblings: z.array(
      z.object({
        bikeId: id,
        tag: z.string(),
        because: z.enum(SIBLING_REASONS),
        what: z.string(),
        /** When this very look was last signed there since the finding. */
        lookedAt: z.nullable(instant),
        /** The same fault is open there already. */
        found: z.boolean(),
      }),
    ),
    checkpoint: z.string(),
    /** The sheet a line of it takes: null for each bike's own ride-out. */
    sheetKey: z.nullable(z.string()),
  }),
});
