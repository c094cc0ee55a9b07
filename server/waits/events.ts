import type { Finding } from '@cadre/core/findings';
import type { LeakAnswer } from '@cadre/core/measures';
import type { Gauged, Wait } from '@cadre/core/waits';

export interface WaitEvents {
  'wait.set': { bikeId: string; wait: Wait };
  /** By itself, when its time had come. */
  'wait.raised': { bikeId: string; waitId: string; what: string };
  /** What the look found; `againAt` when it goes on. */
  'wait.answered': {
    bikeId: string;
    waitId: string;
    what: string;
    gauged: Gauged | null;
    note: string;
    said: string;
    perDay: number | null;
    /** What a tyre left to stand showed, as the answer tells it. */
    leak: Pick<
      LeakAnswer,
      'word' | 'because' | 'perDay' | 'perDayLeast' | 'perDayMost' | 'hoursToFloor'
    > | null;
    againAt: number | null;
    findings: readonly Finding[];
  };
}
