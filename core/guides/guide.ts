import type { Rule, Touch, Zone } from '@cadre/core/catalogue';
import type { Joint } from '@cadre/core/fleet';
import type { GuideDrawing } from './drawing';

export interface GuideStep {
  readonly text: string;
  /** What can hurt the hand, the part or the rider in this step. */
  readonly caution?: string;
  /** The joint this step tightens: its torque is on the bike's card. */
  readonly joint?: Joint;
}

/** How a common job is done: the steps, what is set again after it, and when to stop and ask. It gives way to the maker's instructions. */
export interface Guide {
  readonly key: string;
  readonly name: string;
  readonly zones: readonly Zone[];
  /** The part it is at; without one the bike's own figure shows where the job is. */
  readonly drawing?: GuideDrawing;
  /** The findings it repairs: a checkpoint, and its faults where it is not all of them. */
  readonly repairs: readonly { readonly checkpoint: string; readonly faults?: readonly string[] }[];
  readonly applies?: Rule;
  readonly minutes: number;
  readonly tools: readonly string[];
  readonly steps: readonly GuideStep[];
  /** The work it is, whatever else the repair was: what that disturbs is rechecked. */
  readonly touches: readonly Touch[];
  /** When to stop, and who goes on. */
  readonly stopWhen: string;
}
