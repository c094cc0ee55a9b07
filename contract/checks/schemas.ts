import { POSITIONS, SEVERITIES } from '@cadre/core/catalogue';
import { BETTER, MARK_WAYS, MARK_OUTCOMES, OUTCOMES } from '@cadre/core/checks';
import { BECAUSE } from '@cadre/core/exposure';
import { counter, markProof, proof } from '@cadre/contract/authorship/schemas';
import { checklistVersion } from '@cadre/contract/catalogue/schemas';
import { finding, place } from '@cadre/contract/findings/schemas';
import { bike } from '@cadre/contract/fleet/schemas';
import { hash, id, instant, note, messages, text } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const reading = z.object({
  measure: text(40),
  values: z.array(z.number()).check(z.minLength(1), z.maxLength(64)),
  typed: z.string().check(z.maxLength(80)),
  unit: z.string().check(z.maxLength(16)),
  method: z.optional(z.string().check(z.maxLength(40))),
  instrumentId: z.optional(id),
  fitmentId: z.optional(id),
  aside: z.optional(text(300)),
  better: z.optional(z.enum(BETTER)),
});

const key = z.string().check(z.regex(/^[a-z0-9-]{1,60}$/));

const markFields = {
  id,
  checkpoint: key,
  position: z.enum(POSITIONS),
  outcome: z.enum(MARK_OUTCOMES),
  way: z.enum(MARK_WAYS),
  faults: z
    .array(z.object({ fault: key, place: z.optional(place), severity: z.optional(z.enum(SEVERITIES)) }))
    .check(z.maxLength(20)),
  note: note(1000),
  reading: z.optional(reading),
  /** Which series of its author it belongs to, and its number there: one's own marks stand in this order, whatever a clock says. */
  writerId: id,
  counter,
  at: instant,
};

/** A mark as given. The author travels with it: another person's session delivers it only with its author's proof. */
export const newMark = z.object({ ...markFields, author: id, proof: z.optional(markProof) });

/** What a check begun by exposure asks and why, and what rests on which pass. */
const exposure = z.object({
  asked: z.array(
    z.object({
      key: z.string(),
      because: z.object({ code: z.enum(BECAUSE), count: z.optional(z.number()) }),
    }),
  ),
  rests: z.array(z.object({ key: z.string(), markId: id, checkId: id, by: id, at: instant })),
});

export const CHECK_STATES = ['open', 'signed', 'abandoned'] as const;

export const check = z.object({
  id,
  bikeId: id,
  checklistHash: hash,
  checklist: checklistVersion,
  state: z.enum(CHECK_STATES),
  openedBy: id,
  openedAt: instant,
  signedBy: z.nullable(id),
  signedAt: z.nullable(instant),
  coSignedBy: z.nullable(id),
  complete: z.nullable(z.boolean()),
  awaitsCoSign: z.boolean(),
  repairId: z.nullable(id),
  /** The signed check this one corrects. */
  amends: z.nullable(id),
  reason: z.string(),
  /** Null where all of the checklist is asked. */
  exposure: z.nullable(exposure),
  marks: z.array(newMark),
});

export const openCheck = messages({
  body: z.object({ id, bikeId: id, checklistHash: hash, author: id, at: instant, proof: z.optional(proof) }),
  answer: check,
});

export const getCheck = messages({ params: z.object({ id }), answer: check });

export const addMarks = messages({
  params: z.object({ id }),
  body: z.object({ marks: z.array(newMark).check(z.minLength(1), z.maxLength(400)) }),
  answer: z.object({ sent: z.array(id) }),
});

export const signCheck = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    author: id,
    markIds: z.array(id).check(z.maxLength(2000)),
    at: instant,
    proof: z.optional(proof),
  }),
  answer: z.object({ check, bike, findings: z.array(finding) }),
});

export const coSignCheck = messages({
  params: z.object({ id }),
  body: z.object({ id, at: instant }),
  answer: z.object({ check, bike }),
});

export const findChecks = messages({
  body: z.object({
    bikeIds: z.array(id).check(z.minLength(1), z.maxLength(500)),
    checklistKeys: z.array(key).check(z.minLength(1), z.maxLength(20)),
  }),
  answer: z.object({
    checks: z.array(
      z.object({
        id,
        bikeId: id,
        checklistKey: key,
        checklistHash: hash,
        openedBy: id,
        openedAt: instant,
        exposure: z.nullable(exposure),
        marks: z.array(newMark),
      }),
    ),
  }),
});

export const listLooks = messages({
  params: z.object({ id }),
  answer: z.object({
    looks: z.array(
      z.object({
        key: z.string(),
        outcome: z.enum(OUTCOMES),
        faults: z.array(
          z.object({ fault: key, place: z.optional(place), severity: z.optional(z.enum(SEVERITIES)) }),
        ),
        note: z.string(),
        reading: z.nullable(reading),
        readAt: z.nullable(instant),
        by: id,
        at: instant,
      }),
    ),
  }),
});

export const checkSummary = z.object({
  id,
  checklistKey: key,
  checklistName: z.string(),
  state: z.enum(CHECK_STATES),
  openedBy: id,
  openedAt: instant,
  signedBy: z.nullable(id),
  signedAt: z.nullable(instant),
  complete: z.nullable(z.boolean()),
  hasty: z.boolean(),
  clears: z.boolean(),
  repairId: z.nullable(id),
  amends: z.nullable(id),
  /** How many questions have a mark. */
  marked: z.int(),
});

export const listServices = messages({
  params: z.object({ id }),
  answer: z.object({
    services: z.array(
      z.object({
        checklistKey: key,
        checklistName: z.string(),
        clears: z.boolean(),
        checkId: id,
        at: instant,
        by: id,
        times: z.int(),
      }),
    ),
  }),
});

export const listChecks = messages({
  params: z.object({ id }),
  query: z.object({ most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(100)), 20) }),
  answer: z.object({ checks: z.array(checkSummary) }),
});

export const amendCheck = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    checkId: id,
    author: id,
    reason: text(300),
    marks: z.array(newMark).check(z.minLength(1), z.maxLength(400)),
    at: instant,
  }),
  answer: z.object({ check, bike, findings: z.array(finding) }),
});
