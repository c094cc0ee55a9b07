import { POSITIONS } from '@cadre/core/catalogue';
import { TOUCHES } from '@cadre/core/repairs';
import { check } from '@cadre/contract/checks';
import { bike } from '@cadre/contract/fleet';
import { id, instant, note, route, text } from '@cadre/contract/http';
import * as z from 'zod/mini';

const touched = z.object({ touch: z.enum(TOUCHES), position: z.enum(POSITIONS) });

export const repair = z.object({
  id,
  bikeId: id,
  state: z.enum(['started', 'done', 're-looked']),
  findingIds: z.array(id),
  startedBy: id,
  startedAt: instant,
  doneBy: z.nullable(id),
  doneAt: z.nullable(instant),
  work: z.array(z.object({ findingId: id, done: z.string() })),
  touched: z.array(touched),
  minutes: z.nullable(z.int()),
  reLookCheckId: z.nullable(id),
});
export type Repair = z.infer<typeof repair>;

export const listRepairs = route({
  name: 'repairs.list',
  method: 'GET',
  path: '/api/v1/repairs',
  act: 'see',
  query: z.object({ after: z.optional(id), most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(500)), 200) }),
  answer: z.object({ repairs: z.array(repair), next: z.nullable(id) }),
});

const repairAnswer = z.object({ repair, bike });

export const startRepair = route({
  name: 'repairs.start',
  method: 'POST',
  path: '/api/v1/repairs',
  act: 'repair',
  body: z.object({ id, bikeId: id, findingIds: z.array(id).check(z.minLength(1), z.maxLength(50)), at: instant }),
  answer: repairAnswer,
});

export const finishRepair = route({
  name: 'repairs.done',
  method: 'POST',
  path: '/api/v1/repairs/:id/done',
  act: 'repair',
  params: z.object({ id }),
  body: z.object({
    id,
    work: z.array(z.object({ findingId: id, done: text(400) })).check(z.minLength(1), z.maxLength(50)),
    touched: z.array(touched).check(z.maxLength(40)),
    minutes: z.nullable(z.int().check(z.gte(0), z.lte(10_000))),
    at: instant,
  }),
  answer: repairAnswer,
});

export const openReLook = route({
  name: 'repairs.re-look',
  method: 'POST',
  path: '/api/v1/repairs/:id/re-look',
  act: 're-look',
  params: z.object({ id }),
  body: z.object({ id, at: instant }),
  answer: check,
});

export const leaveApart = route({
  name: 'left-apart.open',
  method: 'POST',
  path: '/api/v1/bikes/:id/left-apart',
  act: 'mark',
  params: z.object({ id }),
  /** Whoever left it so; whose session delivers it may be somebody else's. */
  body: z.object({ id, what: text(200), at: instant, author: z.optional(id) }),
  answer: bike,
});

export const putTogether = route({
  name: 'left-apart.close',
  method: 'POST',
  path: '/api/v1/left-apart/:id/close',
  act: 'mark',
  params: z.object({ id }),
  body: z.object({ id, at: instant }),
  answer: bike,
});

export const releaseBike = route({
  name: 'bikes.release',
  method: 'POST',
  path: '/api/v1/bikes/:id/release',
  act: 'release',
  params: z.object({ id }),
  body: z.object({ id, note: note(400), at: instant }),
  answer: bike,
});
