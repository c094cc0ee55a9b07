import { POSITIONS } from '@cadre/core/catalogue';
import { EQUIPMENT_KINDS, EQUIPMENT_RANGES } from '@cadre/core/equipment';
import { JOINTS } from '@cadre/core/fleet';
import { INSTRUMENT_UNITS } from '@cadre/core/instruments';
import { id, instant, messages, note, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

type Range = (typeof EQUIPMENT_RANGES)[keyof typeof EQUIPMENT_RANGES];
const within = ({ least, most }: Range) => z.number().check(z.gte(least), z.lte(most));
/** A value on the scale of an instrument. */
const value = within(EQUIPMENT_RANGES.least);

const fields = z.object({
  siteId: id,
  kind: z.enum(EQUIPMENT_KINDS),
  tag: text(20),
  serial: note(40),
  unit: z.nullable(z.enum(INSTRUMENT_UNITS)),
  least: z.nullable(value),
  most: z.nullable(value),
  accuracy: z.nullable(within(EQUIPMENT_RANGES.accuracy)),
  lengthMm: z.nullable(within(EQUIPMENT_RANGES.lengthMm)),
  checkEveryDays: z.nullable(within(EQUIPMENT_RANGES.checkEveryDays).check(z.int())),
});

const referenceCheck = z.object({
  at: instant,
  by: id,
  reference: z.nullable(z.number()),
  shown: z.nullable(z.number()),
  passed: z.boolean(),
  note: z.string(),
});

export const equipmentItem = z.extend(fields, {
  id,
  lastCheck: z.nullable(referenceCheck),
  goodAt: z.nullable(instant),
  withdrawn: z.nullable(z.string()),
  version,
});

/** A reading, or a torque, taken with a failed instrument and not measured again. */
const doubtfulUse = z.object({
  equipmentId: id,
  bikeId: id,
  at: instant,
  checkpoint: z.nullable(z.string()),
  position: z.enum(POSITIONS),
  joint: z.nullable(z.enum(JOINTS)),
  /** As it was given. */
  typed: z.string(),
});

export const listEquipment = messages({
  answer: z.object({ items: z.array(equipmentItem), doubtful: z.array(doubtfulUse) }),
});

export const setEquipment = messages({
  params: z.object({ id }),
  body: z.object({ id, item: fields, version: z.nullable(version) }),
  answer: equipmentItem,
});

export const checkEquipment = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    reference: z.nullable(value),
    shown: z.nullable(value),
    /** By eye, for a tool that is no instrument; an instrument is judged by its two values. */
    looksGood: z.nullable(z.boolean()),
    note: note(400),
    at: instant,
  }),
  answer: equipmentItem,
});

export const withdrawEquipment = messages({
  params: z.object({ id }),
  body: z.object({ id, reason: text(400), at: instant }),
  answer: equipmentItem,
});
