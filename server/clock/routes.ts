import { correctClock } from '@cadre/contract/clock';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Clock } from './service';

export const clockRoutes = (clock: Clock): readonly Implemented[] => [
  answering(correctClock, async ({ body }, actor) => clock.correct(actor, body)),
];
