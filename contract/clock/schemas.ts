import { id, instant, messages, note } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const correctClock = messages({
  body: z.object({
    id,
    /** The latest time on record, as it was shown to whoever confirms that it is wrong. */
    recordedUntil: instant,
    note: note(300),
  }),
  answer: z.object({ recordedUntil: instant, now: instant }),
});
