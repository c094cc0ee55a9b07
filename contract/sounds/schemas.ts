import { SOUND_LIMITS } from '@cadre/core/sounds';
import { hash, id, instant, messages, note } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const sound = z.object({
  id,
  bikeId: id,
  by: id,
  at: instant,
  seconds: z.number(),
  gear: z.string(),
  doing: z.string(),
  hash,
});

export const addSound = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    /** Opus in WebM or Ogg, in base64. */
    sound: z.base64().check(z.minLength(8), z.maxLength(Math.ceil((SOUND_LIMITS.bytesMost * 4) / 3) + 4)),
    /** The gear it was heard in, and what one was doing. */
    gear: note(40),
    doing: note(120),
    at: instant,
  }),
  answer: sound,
});

export const listSounds = messages({
  params: z.object({ id }),
  answer: z.object({ sounds: z.array(sound) }),
});

export const playSound = messages({ params: z.object({ id }), answer: z.object({}) });
