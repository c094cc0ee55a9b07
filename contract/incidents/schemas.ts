import { INCIDENT_KINDS } from '@cadre/core/incidents';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, note, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const reportIncident = messages({
  params: z.object({ id }),
  body: z.object({ id, kind: z.enum(INCIDENT_KINDS), note: note(400), at: instant }),
  answer: bike,
});

export const reportIncidents = messages({
  body: z.object({
    id,
    kind: z.enum(INCIDENT_KINDS),
    bikeIds: z.array(id).check(z.minLength(1), z.maxLength(200)),
    note: note(400),
    at: instant,
  }),
  answer: z.object({ bikes: z.array(bike) }),
});
