import type { Rule } from './rule';
import type { Phase, Severity, Zone } from './words';

/** A usual fault of a checkpoint: the least severity it may be given, and what to do about it. */
export interface Fault {
  readonly key: string;
  readonly name: string;
  readonly floor: Severity;
  readonly doNext: string;
  /** Past what the house decides: a qualified mechanic (or the maker) has the word. */
  readonly toMechanic?: true;
}

/** Where it is asked: once per entry. `front` becomes left and right front on a trike. */
export type At = Readonly<Partial<Record<'only' | 'front' | 'rear', Zone>>>;

export interface Checkpoint {
  readonly key: string;
  readonly name: string;
  readonly at: At;
  readonly phase: Phase;
  readonly how: string;
  readonly sound: string;
  readonly faults: readonly Fault[];
  readonly applies: Rule;
  readonly tools: readonly string[];
  /** Minutes for one position by a practised hand. */
  readonly minutes: number;
  readonly cautions: readonly string[];
  /** The measure that gives this checkpoint a reading, by its key in core/measures. */
  readonly measure?: string;
}
