import { JOINTS } from '@cadre/core/fleet';
import { id, instant, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const looseJoint = z.object({
  joint: z.enum(JOINTS),
  onBike: z.int(),
  onModel: z.int(),
  modelBikes: z.int(),
  last: instant,
});

export const looseJoints = messages({
  params: z.object({ id }),
  answer: z.object({ joints: z.array(looseJoint) }),
});
