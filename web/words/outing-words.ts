import type { Conditions } from '@cadre/core/catalogue';
import type { ReturnWay } from '@cadre/core/outings';
import * as t from './messages';

export const CONDITION_WORDS: Record<Conditions, string> = {
  dry: t.dry,
  wet: t.wet,
  salt: t.salt,
  mud: t.mud,
};

export const RETURN_WORDS: Record<ReturnWay, string> = {
  fine: t.cameBackFine,
  hard: t.cameBackHard,
  problem: t.cameBackProblem,
  incident: t.cameBackIncident,
};
