import { POSITIONS } from '@cadre/core/catalogue';
import { LIMIT_SOURCES } from '@cadre/core/measures';
import { WEAR_UNITS, WORN_MEASURES, type WornMeasure } from '@cadre/core/wear';
import { id, instant, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const wearSeries = z.object({
  key: z.string(),
  measure: z.enum(WORN_MEASURES as readonly [WornMeasure, ...WornMeasure[]]),
  position: z.enum(POSITIONS),
  method: z.nullable(z.string()),
  partId: z.nullable(id),
  partName: z.nullable(z.string()),
  /** The bike it is on now; null when something newer is in its place. */
  onBike: z.nullable(id),
  since: instant,
  unit: z.enum(WEAR_UNITS),
  points: z.array(z.object({ at: instant, usage: z.number(), value: z.number(), bikeId: id })),
  usageNow: z.number(),
  perDay: z.number(),
  /** Where the measure says fault on this bike; null: no limit is known. */
  limit: z.nullable(z.object({ value: z.number(), source: z.enum(LIMIT_SOURCES) })),
  /** What the fleet knows of parts like it on bikes of this kind. */
  prior: z.object({ rate: z.number(), spread: z.number(), noise: z.number(), changes: z.number() }),
});

export const wearOfBike = messages({
  params: z.object({ id }),
  answer: z.object({ series: z.array(wearSeries), at: instant }),
});

export const sagOfBike = messages({
  params: z.object({ id }),
  answer: z.object({
    /** kPa, and sag as a share. */
    fork: z.nullable(z.object({ kPa: z.number(), sag: z.number() })),
  }),
});
