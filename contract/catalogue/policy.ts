import {
  LEGAL_WEIGHTS,
  MARKING_WAYS,
  POSITIONS,
  PRACTICE_QUESTIONS,
  PRACTICES,
  type PracticeQuestion,
  type Practices,
} from '@cadre/core/catalogue';
import { JOINTS } from '@cadre/core/fleet';
import { FITNESSES } from '@cadre/core/fitness';
import { LIMIT_KEYS, MEASURES, type LimitKey, type Measure } from '@cadre/core/measures';
import { SIZE_SUBSTITUTIONS } from '@cadre/core/schedule';
import { verdict } from '@cadre/contract/measures/schemas';
import { hash, id, instant, messages, text } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';
import { ownRoute, zone } from './checklist';

const practices = z.object(
  Object.fromEntries(
    PRACTICE_QUESTIONS.map((question) => [
      question,
      z.enum(PRACTICES[question] as unknown as [string, ...string[]]),
    ]),
  ) as unknown as {
    readonly [Q in PracticeQuestion]: z.ZodMiniType<Practices[Q]>;
  },
);

/** What the lead chooses. */
const choices = {
  marking: z.enum(MARKING_WAYS),
  soonDays: z.int().check(z.gte(1), z.lte(90)),
  soonOutings: z.int().check(z.gte(1), z.lte(200)),
  comingBack: z.object({
    times: z.int().check(z.gte(2), z.lte(20)),
    days: z.int().check(z.gte(1), z.lte(365)),
  }),
  secondPersonZones: z.array(zone),
  hasteSecondsEach: z.number().check(z.gte(0), z.lte(60)),
  legal: z.enum(LEGAL_WEIGHTS),
  substitution: z.enum(SIZE_SUBSTITUTIONS),
  practices,
  torqueMost: z.partialRecord(z.enum(JOINTS), z.number().check(z.gte(0.5), z.lte(80))),
  limits: z.partialRecord(z.enum(LIMIT_KEYS as [LimitKey, ...LimitKey[]]), z.number()),
  money: z.object({
    currency: z.string().check(z.regex(/^[A-Z]{3}$/)),
    hourlyRate: z.int().check(z.gte(0), z.lte(10_000_000)),
  }),
  ownRoutes: z.array(ownRoute).check(z.maxLength(20)),
};
export const policyChoices = z.object(choices);

export const policyVersion = z.object({
  ...choices,
  schema: z.union([z.literal(1), z.literal(2)]),
  version: z.int(),
  note: z.string(),
});

/** A bike whose fitness a change of policy would change, by the words of core's reasons. */
const effect = z.object({
  bikeId: id,
  tag: z.string(),
  before: z.enum(FITNESSES),
  after: z.enum(FITNESSES),
  findings: z.array(
    z.object({ id, words: z.string(), because: z.enum(['limit', 'legal']), until: z.nullable(instant) }),
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
  answer: z.object({ bikes: z.array(effect), readings: z.array(readingEffect), at: instant }),
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
