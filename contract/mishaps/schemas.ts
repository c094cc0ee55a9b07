import { MISHAP_KINDS } from '@cadre/core/mishaps';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, note, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const reportMishap = messages({
  params: z.object({ id }),
  body: z.object({ id, kind: z.enum(MISHAP_KINDS), note: note(400), at: instant }),
  answer: bike,
});
