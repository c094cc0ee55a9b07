import { setTimedRecheck, answerTimedRecheck } from '@cadre/contract/timed-rechecks';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { TimedRechecks } from './service';

export const timedRechecksRoutes = (rechecks: TimedRechecks): readonly Implemented[] => [
  answering(setTimedRecheck, async ({ params, body }, actor) => rechecks.set(actor, params.id, body)),
  answering(answerTimedRecheck, async ({ params, body }, actor) => rechecks.answer(actor, params.id, body)),
];
