import { bike, bikeFields } from '@cadre/contract/fleet';
import { id, instant, note, route } from '@cadre/contract/http';
import { money } from '@cadre/contract/parts';
import * as z from 'zod/mini';

const minutes = z.int().check(z.gte(0), z.lte(10_000));
const price = z.object({ findingId: id, parts: money, minutes });

/** A used bike somebody offers: what it would cost to put right, and what was decided. */
export const intake = z.object({
  id,
  bikeId: id,
  from: z.string(),
  /** What is asked for it, and what a fit one of its kind is worth here. */
  asking: money,
  worth: money,
  prices: z.array(price),
  state: z.enum(['open', 'accepted', 'declined']),
  reason: z.string(),
  openedBy: id,
  openedAt: instant,
  decidedBy: z.nullable(id),
  decidedAt: z.nullable(instant),
});
export type Intake = z.infer<typeof intake>;

const intakeAnswer = z.object({ intake, bike });

export const listIntakes = route({
  name: 'intakes.list',
  method: 'GET',
  path: '/api/v1/intakes',
  act: 'see',
  answer: z.object({ intakes: z.array(intake) }),
});

/** Begins an intake: the bike stands here under a tag, held until somebody decides. */
export const openIntake = route({
  name: 'intakes.open',
  method: 'POST',
  path: '/api/v1/intakes',
  act: 'edit-fleet',
  body: z.object({
    id,
    bikeId: id,
    bike: bikeFields,
    from: note(120),
    asking: money,
    worth: money,
    at: instant,
  }),
  answer: intakeAnswer,
});

export const priceIntake = route({
  name: 'intakes.price',
  method: 'POST',
  path: '/api/v1/intakes/:id/prices',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.object({
    id,
    asking: money,
    worth: money,
    prices: z.array(price).check(z.maxLength(200)),
    at: instant,
  }),
  answer: intakeAnswer,
});

/** Taken or left, with the reason. Taken, it is of the fleet with all that was found on it; it goes out by a release as any held bike. */
export const decideIntake = route({
  name: 'intakes.decide',
  method: 'POST',
  path: '/api/v1/intakes/:id/decision',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.object({ id, accept: z.boolean(), reason: note(400), at: instant }),
  answer: intakeAnswer,
});
