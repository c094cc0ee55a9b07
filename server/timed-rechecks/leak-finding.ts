import { questionKey, type Question, type PolicyVersion } from '@cadre/core/catalogue';
import { judgeCheck, type Finding } from '@cadre/core/findings';
import { pressureVerdict, type LeakAnswer } from '@cadre/core/measures';
import { CHECKPOINTS } from '@cadre/core/shipped';
import type { Gauged, TimedRecheck } from '@cadre/core/timed-rechecks';
import * as t from './messages';

const PRESSURE = 'tyre-pressure';
const LOW_AGAIN = 'low-again';
/** Nothing in it carries a rider: its floor is a stop. */
const FLAT = 'flat';

/** A tyre that lost air over its soak, as a finding: the one already open there, or a new one. */
export function leakFinding(
  recheck: Pick<TimedRecheck, 'position'>,
  gauged: Gauged,
  answer: LeakAnswer,
  of: {
    readonly open: readonly Finding[];
    readonly policy: PolicyVersion;
    readonly by: string;
    readonly newId: () => string;
  },
): Finding {
  const checkpoint = CHECKPOINTS.find((each) => each.key === PRESSURE);
  if (!checkpoint) throw new Error(`no checkpoint ${PRESSURE} ships`);
  const zone = recheck.position === 'rear' ? 'rear-wheel' : 'front-wheel';
  const key = questionKey({ checkpoint: PRESSURE, position: recheck.position });
  const question: Question = {
    key,
    checkpoint,
    position: recheck.position,
    zone,
    critical: false,
    minutes: checkpoint.minutes,
  };
  const isEmpty = pressureVerdict(gauged.kpa, { floor: null, ceiling: null }) === 'empty';
  const fault = isEmpty ? FLAT : LOW_AGAIN;
  const measured = {
    measure: 'tyre-window',
    value: gauged.kpa,
    limit: answer.because === 'floor' ? answer.limit : null,
    next: 'find-leak',
  } as const;
  const { changes } = judgeCheck({
    questions: [question],
    answers: new Map([
      [
        key,
        {
          key,
          outcome: 'fail',
          faults: [isEmpty ? { fault } : { fault, severity: 'soon' }],
          marks: [],
          measured: new Map([[fault, measured]]),
        },
      ],
    ]),
    open: of.open,
    fixedBefore: new Map(),
    policy: of.policy,
    signedAt: gauged.at,
    signedBy: of.by,
    newId: of.newId,
  });
  const [change] = changes;
  if (!change) throw new Error('a leak that is a fault makes a finding');
  const rate = t.lostOverTest({ percent: Math.round(answer.perDay * 1000) / 10 });
  return { ...change.finding, words: { ...change.finding.words, note: rate } };
}
