import { CLIMATES, POSITIONS } from '@cadre/core/catalogue';
import { FITNESSES } from '@cadre/core/fitness';
import { MEASURES, type Measure } from '@cadre/core/measures';
import { verdict } from '@cadre/contract/measures/schemas';
import { hash, id, instant, messages, text } from '@cadre/contract/http/schemas';
import { policyChoices, policyVersion, practice } from '@cadre/contract/catalogue/schemas';
import * as z from 'zod/mini';

/** A bike whose fitness a change of policy would change, by the words of core's reasons. */
const effect = z.object({
  bikeId: id,
  tag: z.string(),
  before: z.enum(FITNESSES),
  after: z.enum(FITNESSES),
  findings: z.array(
    z.object({ id, words: z.string(), because: z.enum(['limit', 'legal']), until: z.nullable(instant) }),
  ),
  /** Overdue ones that its fitness would be judged by. */
  services: z.array(z.string()),
});

/** What would become of a service over the fleet. */
const serviceEffect = z.object({
  service: z.string(),
  name: z.string(),
  sooner: z.int(),
  later: z.int(),
  added: z.int(),
  gone: z.int(),
  /** Tags of bikes on which it would be overdue at once. */
  overdueNow: z.array(z.string()),
});

/** A practice that would be another on these bikes, in these climates or whatever the season. */
const practiceEffect = z.object({
  practice,
  from: z.string(),
  to: z.string(),
  climates: z.nullable(z.array(z.enum(CLIMATES))),
  tags: z.array(z.string()),
});

/** What a ride-out begun now would ask of a bike that is asked by exposure, and whose passes the rest would stand on. */
const exposureEffect = z.object({
  bikeId: id,
  tag: z.string(),
  asked: z.int(),
  whole: z.int(),
  minutesAsked: z.number(),
  minutesWhole: z.number(),
  passes: z.array(
    z.object({
      by: id,
      at: instant,
      questions: z.array(z.object({ checkpoint: z.string(), position: z.enum(POSITIONS) })),
    }),
  ),
});

/** A reading on record that would mean something else: nothing is rewritten, but these are the bikes to look at. */
const readingEffect = z.object({
  bikeId: id,
  tag: z.string(),
  checkpoint: z.string(),
  position: z.enum(POSITIONS),
  measure: z.enum(Object.keys(MEASURES) as [Measure, ...Measure[]]),
  typed: z.string(),
  readAt: instant,
  before: verdict,
  after: verdict,
});

export const previewPolicy = messages({
  body: z.object({ policy: policyChoices }),
  answer: z.object({
    bikes: z.array(effect),
    readings: z.array(readingEffect),
    services: z.array(serviceEffect),
    practices: z.array(practiceEffect),
    exposure: z.array(exposureEffect),
    at: instant,
  }),
});

export const publishPolicy = messages({
  /** `base` is the version it was made from: somebody else's newer one is told, not overwritten. */
  body: z.object({ id, base: hash, policy: policyChoices, note: text(300) }),
  answer: z.object({ hash, policy: policyVersion, bikes: z.int() }),
});

export const policyVersions = messages({
  answer: z.object({
    versions: z.array(
      z.object({
        hash,
        policy: policyVersion,
        publishedBy: z.nullable(id),
        publishedAt: z.nullable(instant),
      }),
    ),
  }),
});
