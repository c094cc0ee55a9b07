import type { InjectionKey } from 'vue';
import type { RoundBoard } from './use-round-board';

/** The board of the round in front, for what stands on it. */
export const ROUND_BOARD: InjectionKey<RoundBoard> = Symbol('the board of a round');
