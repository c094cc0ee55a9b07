import {
  LEGAL_WEIGHTS,
  MARKING_WAYS,
  PRACTICE_QUESTIONS,
  PRACTICES,
  type PracticeQuestion,
  type Practices,
} from '@cadre/core/catalogue';
import { JOINTS } from '@cadre/core/fleet';
import { LIMIT_KEYS, type LimitKey } from '@cadre/core/measures';
import { SIZE_SUBSTITUTIONS } from '@cadre/core/schedule';
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
  namesKeptDays: z.nullable(z.int().check(z.gte(1), z.lte(36_500))),
};
export const policyChoices = z.object(choices);

export const policyVersion = z.object({
  ...choices,
  schema: z.union([z.literal(1), z.literal(2)]),
  version: z.int(),
  note: z.string(),
});
