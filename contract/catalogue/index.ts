import { MARKING_WAYS, PHASES, POSITIONS, ROUTE_KEYS, SEVERITIES, ZONES, type Rule } from '@cadre/core/catalogue';
import { hash, route } from '@cadre/contract/http';
import * as z from 'zod/mini';

/** A rule as data. Its own words are checked by core when it is read, not here: a sheet is frozen. */
const rule: z.ZodMiniType<Rule> = z.lazy(() =>
  z.union([
    z.object({ always: z.literal(true) }),
    z.object({ fitted: z.string(), in: z.array(z.string()) }),
    z.object({ carries: z.array(z.string()) }),
    z.object({ all: z.array(rule) }),
    z.object({ any: z.array(rule) }),
    z.object({ not: rule }),
  ]),
) as z.ZodMiniType<Rule>;

const zone = z.enum(ZONES);

export const checkpoint = z.object({
  key: z.string(),
  name: z.string(),
  at: z.object({ only: z.optional(zone), front: z.optional(zone), rear: z.optional(zone) }),
  phase: z.enum(PHASES),
  how: z.string(),
  sound: z.string(),
  faults: z.array(
    z.object({ key: z.string(), name: z.string(), floor: z.enum(SEVERITIES), doNext: z.string(), toMechanic: z.optional(z.literal(true)) }),
  ),
  applies: rule,
  tools: z.array(z.string()),
  minutes: z.number(),
  cautions: z.array(z.string()),
  measure: z.optional(z.string()),
});

export const sheetVersion = z.object({
  schema: z.literal(1),
  key: z.string(),
  version: z.int(),
  name: z.string(),
  purpose: z.string(),
  route: z.enum(ROUTE_KEYS),
  clears: z.boolean(),
  validity: z.object({ until: z.enum(['end-of-day-or-return', 'never']) }),
  items: z.array(z.object({ checkpoint, critical: z.boolean(), positions: z.optional(z.array(z.enum(POSITIONS))) })),
});

export const policyVersion = z.object({
  schema: z.literal(1),
  version: z.int(),
  note: z.string(),
  marking: z.enum(MARKING_WAYS),
  soonDays: z.number(),
  soonOutings: z.int(),
  comingBack: z.object({ times: z.int(), days: z.number() }),
  secondPersonZones: z.array(zone),
  hasteSecondsEach: z.number(),
});

export const listSheets = route({
  name: 'sheets.list',
  method: 'GET',
  path: '/api/v1/sheets',
  act: 'see',
  answer: z.object({ sheets: z.array(z.object({ hash, sheet: sheetVersion })), policy: z.object({ hash, policy: policyVersion }) }),
});

export const publishPolicy = route({
  name: 'policy.publish',
  method: 'POST',
  path: '/api/v1/policy',
  act: 'edit-program',
  body: z.object({ id: z.uuid(), marking: z.enum(MARKING_WAYS), note: z.string().check(z.trim(), z.minLength(1), z.maxLength(200)) }),
  answer: z.object({ hash, policy: policyVersion }),
});
