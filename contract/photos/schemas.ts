import { POSITIONS } from '@cadre/core/catalogue';
import { PHOTO_LIMITS, SHAPE_KINDS } from '@cadre/core/photos';
import { proof } from '@cadre/contract/authorship/schemas';
import { hash, id, instant, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const share = z.number().check(z.gte(0), z.lte(1));
const point = z.object({ x: share, y: share });
export const shape = z.object({ kind: z.enum(SHAPE_KINDS), from: point, to: point });
export const shapes = z.array(shape).check(z.maxLength(PHOTO_LIMITS.shapesMost));

export const photo = z.object({
  id,
  bikeId: id,
  checkId: z.nullable(id),
  checkpoint: z.string(),
  position: z.enum(POSITIONS),
  by: id,
  at: instant,
  width: z.int(),
  height: z.int(),
  /** Of the picture as kept: what the record names it by. */
  hash,
  shapes,
});

/** What a photo is of, beside the picture itself. It travels under its author's name, as marks do. */
export const photoOf = z.object({
  bikeId: id,
  checkId: z.nullable(id),
  checkpoint: z.string().check(z.regex(/^[a-z0-9-]{1,60}$/)),
  position: z.enum(POSITIONS),
  author: id,
  at: instant,
  shapes,
  proof: z.optional(proof),
});

export const addPhoto = messages({
  params: z.object({ id }),
  query: z.object({ of: z.string().check(z.maxLength(4000)) }),
  answer: photo,
});

export const listPhotos = messages({
  params: z.object({ id }),
  query: z.object({
    checkpoint: z.optional(z.string().check(z.maxLength(60))),
    position: z.optional(z.enum(POSITIONS)),
    before: z.optional(z.coerce.number().check(z.int(), z.gte(0))),
    most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(200)), 24),
  }),
  answer: z.object({ photos: z.array(photo), next: z.nullable(instant) }),
});

export const showPhoto = messages({
  params: z.object({ id, size: z.enum(['whole', 'small']) }),
  answer: z.object({}),
});
