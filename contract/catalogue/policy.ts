import {
  CLIMATES,
  CONDITIONS,
  LEGAL_WEIGHTS,
  MARKING_WAYS,
  OVERDUE_MEANINGS,
  PRACTICE_QUESTIONS,
  PRACTICES,
  REST_DAYS,
  TOUCHES,
  WEATHERED,
  type PracticeQuestion,
  type Practices,
} from '@cadre/core/catalogue';
import { BIKE_KINDS, JOINTS, PART_KINDS } from '@cadre/core/fleet';
import { LIMIT_KEYS, type LimitKey } from '@cadre/core/measures';
import { SIZE_SUBSTITUTIONS } from '@cadre/core/schedule';
import * as z from 'zod/mini';
import { id } from '@cadre/contract/http/schemas';
import { ownRoute, practice, rule, zone } from './checklist';

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

const words = z.string().check(z.maxLength(80));
const count = z.optional(z.number());
const serviceRule = z.object({
  key: words,
  name: words,
  applies: rule,
  sites: z.optional(z.array(id)),
  climates: z.optional(z.array(z.enum(CLIMATES))),
  every: z.object({ days: count, hours: count, km: count, outings: count }),
  weathered: z.nullable(z.enum(WEATHERED)),
  settledBy: z.object({
    checkpoints: z.array(words),
    works: z.array(z.enum(TOUCHES)),
    parts: z.array(z.enum(PART_KINDS)),
    services: z.array(words),
  }),
  overdue: z.enum(OVERDUE_MEANINGS),
  instead: z.optional(words),
  off: z.optional(z.literal(true)),
});

/** The days are read by core, which says what is wrong with them. */
const season = z.object({
  siteId: id,
  climate: z.enum(CLIMATES),
  from: z.string().check(z.maxLength(5)),
  to: z.string().check(z.maxLength(5)),
  factors: z.optional(z.partialRecord(z.enum(WEATHERED), z.number())),
});

/** Which side of a practice, on which bikes, in which weather: core says what is wrong with it. */
const practiceException = z.object({
  practice,
  side: words,
  kinds: z.optional(z.array(z.enum(BIKE_KINDS))),
  climates: z.optional(z.array(z.enum(CLIMATES))),
});

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
  practiceExceptions: z.array(practiceException).check(z.maxLength(100)),
  torqueMost: z.partialRecord(z.enum(JOINTS), z.number().check(z.gte(0.5), z.lte(80))),
  limits: z.partialRecord(z.enum(LIMIT_KEYS as [LimitKey, ...LimitKey[]]), z.number()),
  money: z.object({
    currency: z.string().check(z.regex(/^[A-Z]{3}$/)),
    hourlyRate: z.int().check(z.gte(0), z.lte(10_000_000)),
  }),
  ownRoutes: z.array(ownRoute).check(z.maxLength(20)),
  services: z.array(serviceRule).check(z.maxLength(200)),
  seasons: z.array(season).check(z.maxLength(100)),
  exposure: z.object({
    kinds: z.array(z.enum(BIKE_KINDS)).check(z.maxLength(BIKE_KINDS.length)),
    restDays: z.int().check(z.gte(REST_DAYS.least), z.lte(REST_DAYS.most)),
    lockedSites: z.array(id).check(z.maxLength(200)),
  }),
  returns: z.object({
    afterHard: z.boolean(),
    conditions: z.array(z.enum(CONDITIONS)).check(z.maxLength(CONDITIONS.length)),
    everyOutings: z.nullable(z.int().check(z.gte(1), z.lte(500))),
  }),
  ridersKeptDays: z.int().check(z.gte(1), z.lte(365)),
  namesKeptDays: z.nullable(z.int().check(z.gte(1), z.lte(36_500))),
};
export const policyChoices = z.object(choices);

export const policyVersion = z.object({
  ...choices,
  schema: z.union([z.literal(1), z.literal(2)]),
  version: z.int(),
  note: z.string(),
});
