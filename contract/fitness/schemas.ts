import { OVERDUE_MEANINGS, POSITIONS } from '@cadre/core/catalogue';
import { LIMIT_SOURCES } from '@cadre/core/measures';
import { INCIDENT_KINDS } from '@cadre/core/incidents';
import { RETURN_CAUSES } from '@cadre/core/outings';
import { TIMED_RECHECK_KINDS } from '@cadre/core/timed-rechecks';
import { finding } from '@cadre/contract/findings/schemas';
import { id, instant } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

/** A look asked for later, as it stands on its bike. */
const timedRecheck = z.object({
  id,
  kind: z.enum(TIMED_RECHECK_KINDS),
  what: z.string(),
  position: z.enum(POSITIONS),
  since: instant,
  by: id,
  dueAt: z.nullable(instant),
  outings: z.nullable(z.int()),
  outingsUsed: z.int(),
  raisedAt: z.nullable(instant),
  gauged: z.nullable(z.object({ kpa: z.number(), typed: z.string(), at: instant })),
  floor: z.nullable(z.number()),
  floorSource: z.optional(z.enum(LIMIT_SOURCES)),
});

/** The projection row a bike's fitness is evaluated from; core does the evaluating, on either side. */
export const fitnessFacts = z.object({
  findings: z.array(finding),
  holds: z.array(
    z.object({ id, since: instant, hangTag: z.optional(z.string()), draft: z.optional(z.literal(true)) }),
  ),
  notReassembled: z.array(z.object({ id, what: z.string(), by: z.string() })),
  repairs: z.array(z.object({ id, state: z.enum(['started', 'done']) })),
  draftStops: z.array(z.object({ checkId: id, words: z.string() })),
  newestCheck: z.nullable(
    z.object({
      checkId: id,
      checklistName: z.string(),
      signedAt: instant,
      complete: z.boolean(),
      awaitsCoSign: z.boolean(),
      criticalsMissing: z.int(),
    }),
  ),
  validUntil: z.nullable(instant),
  reports: z.array(z.object({ id, holds: z.boolean() })),
  services: z.array(
    z.object({
      service: z.string(),
      name: z.string(),
      overdue: z.enum(OVERDUE_MEANINGS),
      dueAt: instant,
      until: z.optional(instant),
    }),
  ),
  /** Searches in which causes that stop the bike are not excluded. */
  traces: z.optional(z.array(z.object({ id, name: z.string(), causes: z.array(z.string()) }))),
  /** Absent on rows from before there were any. */
  timedRechecks: z.optional(z.array(timedRecheck)),
  /** Absent: nothing but a turnaround is due. */
  returnCheck: z.optional(
    z.object({ since: instant, because: z.enum(RETURN_CAUSES), awaitsCoSign: z.optional(id) }),
  ),
  /** On offer: not of the fleet until somebody takes it. */
  assessment: z.optional(z.object({ id })),
  incidents: z.optional(
    z.array(
      z.object({
        id,
        kind: z.enum(INCIDENT_KINDS),
        at: instant,
        by: id,
        note: z.string(),
        awaitsCoSign: z.optional(z.nullable(id)),
      }),
    ),
  ),
});
