import { POSITIONS, SEVERITIES, ZONES } from '@cadre/core/catalogue';
import { REPORT_FAULTS, REPORT_LIMITS } from '@cadre/core/reports';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, messages, note, text } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const said = {
  zone: z.nullable(z.enum(ZONES)),
  fault: z.enum(REPORT_FAULTS),
  canRide: z.boolean(),
  note: note(REPORT_LIMITS.noteMost),
};

export const report = z.object({
  id,
  bikeId: id,
  ...said,
  holds: z.boolean(),
  at: instant,
  /** Who of the program told it; null: a rider. */
  by: z.nullable(id),
  /** What the rider called themselves, for the lead; empty for everybody else and where none was given. */
  riderName: z.string(),
  /** With whom the bike was out. */
  outing: z.nullable(z.object({ at: instant, groupName: z.string() })),
  /** How often it was told. */
  times: z.int(),
  hasPhoto: z.boolean(),
  state: z.enum(['unread', 'finding', 'closed']),
  dealt: z.nullable(z.object({ by: id, at: instant, reason: z.string() })),
});

export const listReports = messages({ answer: z.object({ reports: z.array(report) }) });

export const addReport = messages({
  params: z.object({ id }),
  body: z.object({ id, ...said, at: instant }),
  answer: bike,
});

export const describeReport = messages({
  params: z.object({ id }),
  body: z.object({ id, ...said, at: instant }),
  answer: bike,
});

export const reportToFinding = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    checkpoint: text(60),
    position: z.enum(POSITIONS),
    fault: text(60),
    /** More than the fault weighs by itself; null: what it weighs. */
    severity: z.nullable(z.enum(SEVERITIES)),
    at: instant,
  }),
  answer: bike,
});

export const closeReport = messages({
  params: z.object({ id }),
  body: z.object({ id, reason: text(400), at: instant }),
  answer: bike,
});

export const showReportPhoto = messages({ params: z.object({ id }), answer: z.object({}) });
