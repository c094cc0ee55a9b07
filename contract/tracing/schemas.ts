import { POSITIONS, SEVERITIES } from '@cadre/core/catalogue';
import { TRACE_ORIGINS, TRACE_RESULTS } from '@cadre/core/tracing';
import { id, instant, messages, note, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const key = z.string().check(z.minLength(1), z.maxLength(60));
const position = z.enum(POSITIONS);
const answer = z.object({
  question: key,
  /** The place of the answer in its question; null: cannot tell. */
  answer: z.nullable(z.int().check(z.gte(0), z.lte(20))),
  fromRecord: z.boolean(),
});
const origin = z.object({ kind: z.enum(TRACE_ORIGINS), id: z.nullable(z.string().check(z.maxLength(140))) });

export const traceRun = z.object({
  id,
  bikeId: id,
  trace: z.string(),
  position,
  from: origin,
  state: z.enum(['open', 'ended', 'closed']),
  answers: z.array(answer),
  /** Causes that were repaired and did not end the symptom. */
  refuted: z.array(z.string()),
  cause: z.nullable(z.string()),
  result: z.nullable(z.enum(TRACE_RESULTS)),
  findingId: z.nullable(id),
  note: z.string(),
  /** The names of the causes that keep the bike held. */
  holding: z.array(z.string()),
  beganBy: id,
  beganAt: instant,
  changedBy: id,
  changedAt: instant,
  version,
});

export const openTraces = messages({
  answer: z.object({
    runs: z.array(traceRun),
    /** How often each cause was proved by its repair in this program. */
    proved: z.array(z.object({ trace: z.string(), cause: z.string(), count: z.int() })),
  }),
});

const placed = { checkpoint: z.string(), position, at: instant };
export const traceRecord = messages({
  params: z.object({ id }),
  answer: z.object({
    runs: z.array(traceRun),
    record: z.object({
      readings: z.array(
        z.object({
          ...placed,
          values: z.array(z.number()),
          method: z.nullable(z.string()),
          typed: z.string(),
        }),
      ),
      answers: z.array(z.object({ ...placed, outcome: z.string() })),
      findings: z.array(z.object({ ...placed, fault: z.string(), words: z.string() })),
      servicesOverdue: z.array(z.object({ service: z.string(), name: z.string(), since: instant })),
      incidents: z.array(z.object({ kind: z.string(), at: instant })),
      work: z.array(z.object({ touch: z.string(), position, at: instant })),
      punctures: z.array(z.object({ position, hour: z.int(), cause: z.string(), at: instant })),
    }),
  }),
});

export const saveTrace = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    bikeId: id,
    trace: key,
    position,
    from: origin,
    answers: z.array(answer).check(z.maxLength(40)),
    version: z.nullable(version),
    at: instant,
  }),
  answer: traceRun,
});

export const endTrace = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    result: z.enum(TRACE_RESULTS),
    cause: z.nullable(key),
    /** Worse than the fault's own, where the person says so. */
    severity: z.nullable(z.enum(SEVERITIES)),
    note: note(400),
    at: instant,
  }),
  answer: traceRun,
});

export const proveTrace = messages({
  params: z.object({ id }),
  body: z.object({ id, gone: z.boolean(), at: instant }),
  answer: traceRun,
});

export const closeTrace = messages({
  params: z.object({ id }),
  body: z.object({ id, reason: text(400), at: instant }),
  answer: traceRun,
});

/** Where a tube was holed and by what. */
export const addPuncture = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    position: z.enum(['front', 'rear']),
    /** The hour on the tyre, 12 at the valve. */
    hour: z.int().check(z.gte(1), z.lte(12)),
    cause: z.enum(['thorn', 'spoke-side', 'pinch', 'valve', 'bead', 'unknown']),
    at: instant,
  }),
  answer: z.object({ sameHour: z.boolean() }),
});
