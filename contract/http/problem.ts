import { ERROR_CODES, FIELD_CODES } from '@cadre/core/errors';
import type { Told } from './route';
import * as z from 'zod/mini';

const params = z.record(
  z.string(),
  z.union([z.string(), z.number(), z.boolean(), z.null(), z.array(z.string())]),
);

/** RFC 9457 problem details. `type` is stable; `fields` names what is wrong in what was sent. */
export const problem = z.object({
  type: z.string(),
  status: z.int(),
  code: z.enum(ERROR_CODES),
  params: z.optional(params),
  fields: z.optional(
    z.array(z.object({ path: z.string(), code: z.enum(FIELD_CODES), params: z.optional(params) })),
  ),
  /** Both sides of a conflict: what stands on the server. */
  current: z.optional(z.unknown()),
  requestId: z.optional(z.string()),
});
export type Problem = Told<typeof problem>;
