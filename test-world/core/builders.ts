import { resolveMarks, type Mark } from '@cadre/core/checks';
import { asBuilt, questionsOf, DEFAULT_POLICY } from '@cadre/core/catalogue';
import { judgeCheck, type Finding, type Judgement } from '@cadre/core/findings';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { NO_FACTS, type FitnessFacts } from '@cadre/core/fitness';
import { RIDE_OUT } from '@cadre/core/shipped';

/** Builders for core's own tests: a finding, facts, a judged check, with only what matters said. */
export const NOON = Date.UTC(2026, 5, 10, 12);
export const HOUR = 3_600_000;
export const DAY = 24 * HOUR;

export function findingLike(more: Partial<Finding> = {}): Finding {
  return {
    id: 'f1',
    checkpoint: 'stops-wheel',
    position: 'front',
    fault: 'none',
    zone: 'front-brake',
    place: null,
    severity: 'stop',
    floor: 'stop',
    state: 'open',
    openedAt: NOON,
    openedBy: 'ann',
    lastSeenAt: NOON,
    timesSeen: 1,
    limit: null,
    outingsUsed: 0,
    repairedBy: null,
    words: {
      checkpoint: 'Stops the wheel',
      fault: 'Does not stop the wheel',
      doNext: 'Find the cause',
      toMechanic: false,
      note: '',
    },
    ...more,
  };
}

/** Facts of a bike checked this morning, with nothing against it. */
export function factsLike(more: Partial<FitnessFacts> = {}): FitnessFacts {
  return {
    ...NO_FACTS,
    validUntil: NOON + 6 * HOUR,
    newestCheck: {
      checkId: 'c1',
      checklistName: 'Ride-out',
      signedAt: NOON,
      complete: true,
      awaitsCoSign: false,
      criticalsMissing: 0,
    },
    ...more,
  };
}

export const hardtailAsked = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail));

export interface Said {
  readonly outcome: Mark['outcome'];
  readonly faults?: Mark['faults'];
  readonly note?: string;
}

/** A hardtail's ride-out with everything passed but what is said of some questions; null leaves one out. */
export function judged(
  said: Readonly<Record<string, Said | null>>,
  more: Partial<Parameters<typeof judgeCheck>[0]> = {},
): Judgement {
  const marks = hardtailAsked.flatMap((question, index): Mark[] => {
    const own = question.key in said ? said[question.key] : { outcome: 'pass' as const };
    if (!own) return [];
    return [
      {
        id: String(index),
        checkpoint: question.checkpoint.key,
        position: question.position,
        way: 'single',
        author: 'ann',
        writerId: 'd',
        counter: 0,
        at: NOON + index,
        faults: [],
        note: '',
        ...own,
      },
    ];
  });
  let made = 0;
  return judgeCheck({
    questions: hardtailAsked,
    answers: resolveMarks(marks),
    open: [],
    fixedBefore: new Map(),
    policy: DEFAULT_POLICY,
    signedAt: NOON,
    signedBy: 'ann',
    newId: () => `new${(made += 1)}`,
    ...more,
  });
}
