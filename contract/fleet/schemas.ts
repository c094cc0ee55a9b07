import {
  ACCESSORIES,
  ASSISTS,
  BARS,
  BIKE_KINDS,
  BRAKES,
  SECOND_BRAKES,
  BUILD_FIELDS,
  FITMENT_POSITIONS,
  FORKS,
  FRAME_SHAPES,
  GEARS,
  HEADSETS,
  MATERIALS,
  PART_KINDS,
  REAR_SUSPENSIONS,
  RETENTIONS,
  SEATPOSTS,
  TRANSMISSIONS,
  TYRES,
  WHEEL_SIZES,
  WHEREABOUTS,
} from '@cadre/core/fleet';
import { fitnessFacts } from '@cadre/contract/fitness/schemas';
import { clockTime, day, id, instant, note, messages, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const build = z.object({
  kind: z.enum(BIKE_KINDS),
  frameShape: z.enum(FRAME_SHAPES),
  frameMaterial: z.enum(MATERIALS),
  wheelSizeFront: z.enum(WHEEL_SIZES),
  wheelSizeRear: z.enum(WHEEL_SIZES),
  fork: z.enum(FORKS),
  rearSuspension: z.enum(REAR_SUSPENSIONS),
  brakeFront: z.enum(BRAKES),
  brakeRear: z.enum(BRAKES),
  brakeRearSecond: z.optional(z.enum(SECOND_BRAKES)),
  retentionFront: z.enum(RETENTIONS),
  retentionRear: z.enum(RETENTIONS),
  tyreFront: z.enum(TYRES),
  tyreRear: z.enum(TYRES),
  headset: z.enum(HEADSETS),
  bar: z.enum(BARS),
  gears: z.enum(GEARS),
  sprockets: z.int().check(z.gte(1), z.lte(14)),
  transmission: z.enum(TRANSMISSIONS),
  assist: z.enum(ASSISTS),
  seatpost: z.enum(SEATPOSTS),
  accessories: z.array(z.enum(ACCESSORIES)).check(z.maxLength(ACCESSORIES.length)),
});

/** What is stated of parts, by the fit item's key, in the core's units. Core knows which items there are and their ranges. */
export const fitList = z.record(
  z.string().check(z.maxLength(60)),
  z.union([z.number(), z.string().check(z.trim(), z.maxLength(80))]),
);

/** What the bike form holds. */
export const bikeFields = z.object({
  tag: z.string().check(z.trim(), z.toUpperCase(), z.regex(/^[A-Z0-9][A-Z0-9-]{0,11}$/)),
  /** The model it inherits from; then its name is the model's. */
  modelId: z.nullable(id),
  model: text(80),
  size: note(20),
  serial: note(60),
  boughtOn: day,
  warrantyUntil: day,
  siteId: id,
  hookId: z.nullable(id),
  build,
  /** What this bike states itself, over its model. */
  fit: fitList,
});

export const bike = z.object({
  id,
  tag: z.string(),
  modelId: z.nullable(id),
  model: z.string(),
  size: z.string(),
  serial: z.string(),
  boughtOn: z.string(),
  warrantyUntil: z.string(),
  siteId: id,
  hookId: z.nullable(id),
  build,
  /** The fields of the build in which it differs from its model. */
  own: z.array(z.enum(BUILD_FIELDS)),
  fit: fitList,
  /** Kinds of parts of its own it has now, and where. */
  parts: z.array(z.object({ kind: z.enum(PART_KINDS), position: z.enum(FITMENT_POSITIONS) })),
  /** What those parts are marked with: it beats what bike and model state. */
  marked: fitList,
  whereabouts: z.enum(WHEREABOUTS),
  version,
  facts: fitnessFacts,
  /** The unsigned check somebody has begun on it, if any. */
  openCheckId: z.nullable(id),
});

const opening = z.object({
  /** 1 for Monday to 7 for Sunday. */
  closedOn: z.array(z.int().check(z.gte(1), z.lte(7))).check(z.maxLength(7)),
  /** What is wrong with a day or a time core says. */
  exceptions: z
    .array(
      z.object({
        day: z.string().check(z.maxLength(10)),
        opensAt: z.nullable(z.string().check(z.maxLength(5))),
        name: z.string().check(z.maxLength(80)),
      }),
    )
    .check(z.maxLength(400)),
});

export const site = z.object({
  id,
  name: z.string(),
  timeZone: z.string(),
  opensAt: z.string(),
  /** Absent: it opens every day. */
  opening: z.optional(opening),
});

export const rack = z.object({
  id,
  siteId: id,
  name: z.string(),
  order: z.int(),
  hooks: z.array(z.object({ id, number: z.int() })),
});

export const model = z.object({ id, name: z.string(), build, fit: fitList, version });

export const listBikes = messages({
  query: z.object({
    after: z.optional(z.string().check(z.maxLength(12))),
    most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(500)), 100),
  }),
  answer: z.object({ bikes: z.array(bike), next: z.nullable(z.string()) }),
});

export const getBike = messages({ params: z.object({ id }), answer: bike });

export const addBike = messages({ body: z.extend(bikeFields, { id }), answer: bike });

export const changeBike = messages({
  params: z.object({ id }),
  body: z.extend(bikeFields, { id, version }),
  answer: bike,
});

export const noteMarkings = messages({
  params: z.object({ id }),
  body: z.object({ id, fit: fitList, at: instant }),
  answer: bike,
});

export const moveBike = messages({
  params: z.object({ id }),
  body: z.object({ id, to: z.enum(['in', 'out']), at: instant }),
  answer: bike,
});

export const addSite = messages({
  body: z.object({ id, name: text(80), timeZone: text(60), opensAt: clockTime }),
  answer: site,
});

export const addRack = messages({
  body: z.object({ id, siteId: id, name: text(40), hooks: z.int().check(z.gte(1), z.lte(200)) }),
  answer: rack,
});

export const changeSite = messages({
  params: z.object({ id }),
  body: z.object({ id, name: text(80), timeZone: text(60), opensAt: clockTime }),
  answer: site,
});

export const setOpening = messages({
  params: z.object({ id }),
  /** `before`: what it was made from: somebody else's newer one is told, not overwritten. */
  body: z.object({ id, opening, before: opening }),
  answer: site,
});

const hookCount = z.int().check(z.gte(1), z.lte(200));

export const changeRack = messages({
  params: z.object({ id }),
  body: z.object({ id, name: text(40), hooks: hookCount }),
  answer: rack,
});

export const removeRack = messages({
  params: z.object({ id }),
  body: z.object({ id }),
  answer: z.object({ done: z.literal(true) }),
});

export const orderRacks = messages({
  params: z.object({ id }),
  body: z.object({ id, rackIds: z.array(id).check(z.maxLength(500)) }),
  answer: z.object({ racks: z.array(rack) }),
});

export const hangBikes = messages({
  body: z.object({
    id,
    siteId: id,
    moves: z.array(z.object({ bikeId: id, hookId: z.nullable(id) })).check(z.minLength(1), z.maxLength(500)),
    at: instant,
  }),
  answer: z.object({ bikes: z.array(bike) }),
});

const modelFields = z.object({ name: text(80), build, fit: fitList });

export const addModel = messages({ body: z.extend(modelFields, { id }), answer: model });

export const changeModel = messages({
  params: z.object({ id }),
  body: z.extend(modelFields, {
    id,
    version,
  }) /** How many bikes were changed by it, and how many of them are due for a look because of it. */,
  answer: z.object({ model, bikes: z.int(), due: z.int() }),
});
