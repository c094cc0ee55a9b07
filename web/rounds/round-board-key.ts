import type { InjectionKey } from 'vue';
import type { RoundBoard } from './use-round-board';
import * as t from './messages';

/** The board of the round in front, for what stands on it. */
export const ROUND_BOARD: InjectionKey<RoundBoard> = Symbol(t.roundsBoard);
