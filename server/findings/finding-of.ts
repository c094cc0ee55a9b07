import {
  questionKey,
  type Checkpoint,
  type PolicyVersion,
  type Position,
  type Question,
  type Severity,
  type Zone,
} from '@cadre/core/catalogue';
import { judgeCheck, type Finding } from '@cadre/core/findings';

/** What a mechanic makes of a report: which question of the bike failed, and how. */
export interface MadeOf {
  readonly checkpoint: Checkpoint;
  readonly position: Position;
  readonly fault: string;
  readonly severity: Severity | null;
}

/** Where a question of a checkpoint stands at a position; undefined: it is not asked there. */
export function zoneOfQuestion({ at }: Pick<Checkpoint, 'at'>, position: Position): Zone | undefined {
  switch (position) {
    case 'left-front':
    case 'right-front':
      return at.front;
    case 'rear-second':
      return at.rear;
    default:
      return at[position];
  }
}

/** A report as a finding: the one already open at that place, or a new one. Judged as if the question had failed in a check. */
export function findingOfFault(
  { checkpoint, position, fault, severity }: MadeOf,
  of: {
    readonly open: readonly Finding[];
    readonly policy: PolicyVersion;
    readonly by: string;
    readonly at: number;
    readonly note: string;
    readonly newId: () => string;
  },
): Finding {
  const key = questionKey({ checkpoint: checkpoint.key, position });
  const zone = zoneOfQuestion(checkpoint, position);
  if (!zone) throw new Error(`${checkpoint.key} is not asked at ${position}`);
  const question: Question = {
    key,
    checkpoint,
    position,
    zone,
    critical: false,
    minutes: checkpoint.minutes,
  };
  const { changes } = judgeCheck({
    questions: [question],
    answers: new Map([
      [
        key,
        {
          key,
          outcome: 'fail',
          faults: [severity === null ? { fault } : { fault, severity }],
          marks: [],
          measured: new Map(),
        },
      ],
    ]),
    open: of.open,
    fixedBefore: new Map(),
    policy: of.policy,
    signedAt: of.at,
    signedBy: of.by,
    newId: of.newId,
  });
  const [change] = changes;
  if (!change) throw new Error('a fault that failed makes a finding');
  return { ...change.finding, words: { ...change.finding.words, note: of.note } };
}
