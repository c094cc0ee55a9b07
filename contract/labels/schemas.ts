import { CODE, LABELLED } from '@cadre/core/labels';
import { id, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const code = z.string().check(z.regex(CODE));
export const labelCode = z.object({ code, kind: z.enum(LABELLED), subjectId: id });

export const listLabels = messages({
  answer: z.object({
    codes: z.array(labelCode),
    /** Under which address a label leads here; null: labels cannot be printed before the operator sets one. */
    address: z.nullable(z.string()),
  }),
});

export const makeLabels = messages({
  body: z.object({
    id,
    kind: z.enum(LABELLED),
    subjectIds: z.array(id).check(z.minLength(1), z.maxLength(500)),
    renew: z.boolean(),
  }),
  answer: z.object({ codes: z.array(labelCode) }),
});

const mm = z.coerce.number();
const sheet = {
  pageWidth: mm,
  pageHeight: mm,
  labelWidth: mm,
  labelHeight: mm,
  marginLeft: mm,
  marginTop: mm,
  gapAcross: mm,
  gapDown: mm,
};

export const printLabels = messages({
  query: z.object({
    ...sheet,
    startAt: z.coerce.number().check(z.int(), z.gte(1), z.lte(500)),
    /** Codes, in the order of the labels, with commas between. */
    codes: z.string().check(z.minLength(22), z.maxLength(12_000)),
  }),
  answer: z.object({}),
});

export const drawLabel = messages({
  query: z.object({
    code,
    labelWidth: z.coerce.number().check(z.gte(19), z.lte(300)),
    labelHeight: z.coerce.number().check(z.gte(19), z.lte(300)),
  }),
  answer: z.object({}),
});
