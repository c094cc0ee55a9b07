import { MISHAP_KINDS } from '@cadre/core/mishaps';
import { bike } from '@cadre/contract/fleet';
import { id, instant, note, route } from '@cadre/contract/http';
import * as z from 'zod/mini';

/** Something happened to a bike: told by whoever takes it back. It is held at once, until somebody has looked it over for just that. */
export const reportMishap = route({
  name: 'mishaps.report',
  method: 'POST',
  path: '/api/v1/bikes/:id/mishaps',
  act: 'hand-out',
  params: z.object({ id }),
  body: z.object({ id, kind: z.enum(MISHAP_KINDS), note: note(400), at: instant }),
  answer: bike,
});
