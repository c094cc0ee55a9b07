import { PREP_STEPS } from '@cadre/core/event-prep';
import { id, instant, messages, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const prepStep = z.object({
  step: z.enum(PREP_STEPS),
  roundId: id,
  /** When its round is made. */
  makeAt: instant,
  deadline: instant,
  /** It was to be done before the event was planned. */
  late: z.boolean(),
  state: z.enum(['coming', 'open', 'closed']),
});

export const eventPrep = z.object({
  id,
  siteId: id,
  name: z.string(),
  startsAt: instant,
  bikeIds: z.array(id),
  people: z.array(id),
  steps: z.array(prepStep),
  version,
});

export const listEventPreps = messages({ answer: z.object({ events: z.array(eventPrep) }) });

/** Plans an event, or changes one: `version` is null for a new one. */
export const setEventPrep = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    siteId: id,
    name: text(60),
    startsAt: instant,
    bikeIds: z.array(id).check(z.minLength(1), z.maxLength(500)),
    people: z.array(id).check(z.maxLength(50)),
    version: z.nullable(version),
  }),
  answer: eventPrep,
});

export const callOffEvent = messages({
  params: z.object({ id }),
  body: z.object({ id }),
  answer: z.object({ events: z.array(eventPrep) }),
});
