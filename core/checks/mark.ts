import type { Position, Severity } from '@cadre/core/catalogue';
import type { Proof } from '@cadre/core/authorship';
import type { MarkWay, MarkOutcome } from './outcome';

export const SIDES = ['left', 'right', 'drive-side', 'off-side', 'top', 'under'] as const;
export type Side = (typeof SIDES)[number];

/** A point of the bike's drawing, as shares of its width and height from the top left, 0 to 1. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Where on the part: a side, the hour from the valve (12 at the valve), a point touched on the drawing, or words. */
export interface Place {
  readonly side?: Side | undefined;
  readonly clock?: number | undefined;
  readonly words?: string | undefined;
  readonly spot?: Spot | undefined;
}

export interface MarkedFault {
  readonly fault: string;
  readonly place?: Place | undefined;
  /** Chosen by the person when it is worse than the fault's floor. */
  readonly severity?: Severity | undefined;
}

/** Why a part that only wears reads better than last time. */
export const BETTER = ['renewed', 'measured'] as const;

/** A measured value as the person gave it and in the unit the core works in. */
export interface Reading {
  readonly measure: string;
  readonly values: readonly number[];
  readonly typed: string;
  readonly unit: string;
  readonly method?: string | undefined;
  readonly instrumentId?: string | undefined;
  readonly fitmentId?: string | undefined;
  /** It reads better than last time: the part was renewed or moved, or it is only measured better. */
  readonly better?: (typeof BETTER)[number] | undefined;
  /** Why the lead leaves its verdict aside. Counts for nobody else, and never against a stop. */
  readonly aside?: string | undefined;
}

/** What a mark's author signed it with: the hash of the item before, and the signature. */
export type MarkProof = Pick<Proof, 'previous' | 'signature'>;

/** One person's outcome for one checkpoint and position. Only ever added. */
export interface Mark {
  readonly id: string;
  readonly checkpoint: string;
  readonly position: Position;
  readonly outcome: MarkOutcome;
  readonly way: MarkWay;
  readonly faults: readonly MarkedFault[];
  /** What was done (fixed), why (not looked at), or a note. */
  readonly note: string;
  readonly reading?: Reading | undefined;
  readonly author: string;
  /** Which series of its author it belongs to: one a person and browser. */
  readonly writerId: string;
  /** Its number in that series: it grows with every mark, whatever a clock says. */
  readonly counter: number;
  /** Milliseconds since the epoch, by the device's clock set to the server's. */
  readonly at: number;
  readonly proof?: MarkProof | undefined;
}
