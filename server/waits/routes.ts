import { setWait, answerWait } from '@cadre/contract/waits';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Waits } from './service';

export const waitsRoutes = (waits: Waits): readonly Implemented[] => [
  answering(setWait, async ({ params, body }, actor) => waits.set(actor, params.id, body)),
  answering(answerWait, async ({ params, body }, actor) => waits.answer(actor, params.id, body)),
];
