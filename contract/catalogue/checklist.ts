import {
  BY,
  DISTURBANCES,
  PHASES,
  POSITIONS,
  ROUTE_KEYS,
  PRACTICE_QUESTIONS,
  SEVERITIES,
  STANCES,
  WHEEL_ENDS,
  WORKS,
  ZONES,
  type Disturbance,
  type Rule,
  type PracticeQuestion,
  type Work,
} from '@cadre/core/catalogue';
import { OWN_LIMIT_SEVERITIES } from '@cadre/core/measures';
import * as z from 'zod/mini';

/** A rule as data. Its own words are checked by core when it is read, not here: a checklist is frozen. */
export const rule: z.ZodMiniType<Rule> = z.lazy(() =>
  z.union([
    z.object({ always: z.literal(true) }),
    z.object({ fitted: z.string(), in: z.array(z.string()) }),
    z.object({ carries: z.array(z.string()) }),
    z.object({ part: z.array(z.string()) }),
    z.object({ number: z.string(), least: z.optional(z.number()), most: z.optional(z.number()) }),
    z.object({ all: z.array(rule) }),
    z.object({ any: z.array(rule) }),
    z.object({ not: rule }),
  ]),
) as z.ZodMiniType<Rule>;

export const zone = z.enum(ZONES);
const keyWord = z.string().check(z.regex(/^[a-z0-9-]{1,60}$/));
const prose = (most: number) => z.string().check(z.maxLength(most));

export const works = z.array(z.enum(WORKS as [Work, ...Work[]])).check(z.maxLength(12));

const fault = z.object({
  key: keyWord,
  name: prose(160),
  floor: z.enum(SEVERITIES),
  doNext: prose(600),
  toMechanic: z.optional(z.literal(true)),
  by: z.optional(z.array(z.enum(BY))),
  legal: z.optional(z.literal(true)),
  askNext: z.optional(z.array(keyWord).check(z.maxLength(12))),
  stopWhere: z.optional(rule),
  work: z.optional(works),
});

export const practice = z.enum(PRACTICE_QUESTIONS as [PracticeQuestion, ...PracticeQuestion[]]);

const tools = z.array(prose(120)).check(z.maxLength(20));
const cautions = z.array(prose(300)).check(z.maxLength(12));
const practiceChange = z.object({
  practice,
  side: keyWord,
  how: z.optional(prose(1200)),
  passWhen: z.optional(prose(400)),
  tools: z.optional(tools),
  minutes: z.optional(z.number()),
  cautions: z.optional(cautions),
  faults: z.optional(z.array(fault).check(z.maxLength(30))),
  first: z.optional(z.literal(true)),
});

/** All of a checkpoint but its rule, which a file writes as text and a checklist keeps as data. */
export const checkpointFields = {
  key: keyWord,
  name: prose(120),
  at: z.object({ only: z.optional(zone), front: z.optional(zone), rear: z.optional(zone) }),
  phase: z.enum(PHASES),
  stance: z.optional(z.enum(STANCES)),
  how: prose(1200),
  passWhen: prose(400),
  faults: z.array(fault).check(z.maxLength(30)),
  tools,
  minutes: z.number(),
  cautions,
  measure: z.optional(keyWord),
  disturbedBy: z.optional(
    z.array(z.enum(DISTURBANCES as [Disturbance, ...Disturbance[]])).check(z.maxLength(40)),
  ),
  work: z.optional(works),
  drawing: z.optional(keyWord),
  practices: z.optional(z.array(practice)),
  byPractice: z.optional(z.array(practiceChange).check(z.maxLength(60))),
};

export const checkpoint = z.object({ ...checkpointFields, applies: rule });

export const itemFields = {
  critical: z.boolean(),
  positions: z.optional(z.array(z.enum(POSITIONS))),
  limit: z.optional(
    z.object({
      least: z.optional(z.number()),
      most: z.optional(z.number()),
      severity: z.optional(z.enum(OWN_LIMIT_SEVERITIES)),
    }),
  ),
  minutes: z.optional(z.number()),
};

export const ownRoute = z.object({
  key: keyWord,
  name: prose(80),
  zones: z.array(zone).check(z.maxLength(ZONES.length)),
});

export const checklistFields = {
  key: keyWord,
  name: prose(80),
  purpose: prose(300),
  route: z.union([z.enum(ROUTE_KEYS), ownRoute]),
  clears: z.boolean(),
  afterRideOut: z.optional(z.boolean()),
  validity: z.object({ until: z.enum(['end-of-day-or-return', 'never']) }),
  between: z.optional(z.array(z.enum(BY))),
  kinds: z.optional(z.array(prose(40))),
  newWheels: z.optional(z.array(z.enum(WHEEL_ENDS))),
};

export const checklistVersion = z.object({
  schema: z.union([z.literal(1), z.literal(2)]),
  version: z.int(),
  ...checklistFields,
  items: z.array(z.object({ checkpoint, ...itemFields })).check(z.maxLength(400)),
});
