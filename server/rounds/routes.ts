import {
  listRounds,
  getRound,
  makeRound,
  changeRound,
  closeRound,
  setStandingRound,
} from '@cadre/contract/rounds';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Rounds } from './service';

export const roundsRoutes = (rounds: Rounds): readonly Implemented[] => [
  answering(listRounds, async (_call, actor) => rounds.list(actor)),
  answering(getRound, async ({ params }, actor) => rounds.get(actor, params.id)),
  answering(makeRound, async ({ body }, actor) => rounds.make(actor, body)),
  answering(changeRound, async ({ params, body }, actor) => rounds.change(actor, params.id, body)),
  answering(closeRound, async ({ params, body }, actor) => rounds.close(actor, params.id, body)),
  answering(setStandingRound, async ({ params, body }, actor) => rounds.setStanding(actor, params.id, body)),
];
