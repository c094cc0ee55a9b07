import { proof } from '@cadre/contract/authorship/schemas';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, messages, text } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const leaveApart = messages({
  params: z.object({ id }) /** Whoever left it so; whose session delivers it may be somebody else's. */,
  body: z.object({ id, what: text(200), at: instant, author: z.optional(id), proof: z.optional(proof) }),
  answer: bike,
});

export const putTogether = messages({
  params: z.object({ id }),
  body: z.object({ id, at: instant }),
  answer: bike,
});
