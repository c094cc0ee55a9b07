import type { Rule } from '@cadre/core/catalogue';
import type { RecordRule } from './record';

/** Where a cause is found and written down: a fault of the catalogue. */
interface CausePlace {
  readonly checkpoint: string;
  readonly fault: string;
}

/** What may be behind a symptom. */
export interface Cause {
  readonly key: string;
  readonly name: string;
  /** How often it is this, before anything was asked, as a weight beside the others of its trace. */
  readonly prior: number;
  readonly place: CausePlace;
  /** What is done about it, in one line. */
  readonly repair: string;
  /** A bike that may have this must not be ridden until it is excluded. */
  readonly stop?: true;
  /** From here on it is for a qualified mechanic or the maker. */
  readonly mechanic?: true;
  readonly applies?: Rule;
}

/** How likely each answer is under a cause, in the order of the answers. */
export type Likelihood = readonly number[];

export interface TraceQuestion {
  readonly key: string;
  readonly text: string;
  /** What to do to find out, in one or two sentences. */
  readonly how: string;
  readonly answers: readonly string[];
  readonly minutes: number;
  readonly tools?: readonly string[];
  /** What can hurt the hand or the rider while finding out. */
  readonly caution?: string;
  readonly likelihoods: Readonly<Record<string, Likelihood>>;
  readonly applies?: Rule;
  /** What of a bike's record answers it without asking; the first that speaks. */
  readonly record?: readonly RecordRule[];
}

/** The search for the cause of one symptom. */
export interface Trace {
  readonly key: string;
  readonly name: string;
  /** In what words people look for it. */
  readonly seeks: readonly string[];
  readonly applies?: Rule;
  /** The end of the bike the symptom is at, where it can be at one only. */
  readonly at?: 'front' | 'rear';
  readonly causes: readonly Cause[];
  readonly questions: readonly TraceQuestion[];
}

/** What was answered so far: the index of an answer, or null where nobody could tell. */
export type TraceAnswers = ReadonlyMap<string, number | null>;
