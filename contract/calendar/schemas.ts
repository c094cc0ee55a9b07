import { id, instant, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

/** 128 bits and more, made by the browser that shows it once: the server keeps nothing but its digest. */
export const calendarToken = z.string().check(z.regex(/^[A-Za-z0-9_-]{22,64}$/));

const address = z.object({ id, siteId: id, madeAt: instant });

export const listCalendarAddresses = messages({ answer: z.object({ addresses: z.array(address) }) });

export const makeCalendarAddress = messages({
  body: z.object({ id, siteId: id, token: calendarToken }),
  answer: address,
});

export const endCalendarAddress = messages({
  params: z.object({ id }),
  body: z.object({ id }),
  answer: z.object({ addresses: z.array(address) }),
});
