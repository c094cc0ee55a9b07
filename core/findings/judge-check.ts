import {
  worstSeverity,
  type Question,
  type Fault,
  type PolicyVersion,
  type Severity,
} from '@cadre/core/catalogue';
import { progressOf, type MarkedFault, type Place } from '@cadre/core/checks';
import type { MeasuredAnswer } from './as-measured';
import { KEEPS_COMING_BACK, type Finding } from './finding';
import { PAST_ITS_LIMIT, recurringFault, UNNAMED } from './own-faults';
import { floorOf, limitFor, severityOf } from './severity';

/** What a signed check does to the findings of its bike. */
export type FindingChange =
  | { readonly act: 'opened'; readonly finding: Finding }
  | { readonly act: 'seen-again'; readonly finding: Finding };

export interface Judgement {
  readonly complete: boolean;
  readonly criticalsMissing: readonly string[];
  readonly changes: readonly FindingChange[];
}

export interface JudgeInput {
  readonly questions: readonly Question[];
  /** Questions with a fault marked that the bike, as it is built now, is not asked: the fault stays, the check is complete without them. */
  readonly noLongerAsked?: readonly Question[] | undefined;
  /** As readings have it, where there are any. */
  readonly answers: ReadonlyMap<string, MeasuredAnswer>;
  /** Findings of this bike that are not closed. */
  readonly open: readonly Finding[];
  /** How often each question was fixed on the spot in the policy's span before this check, by question key. */
  readonly fixedBefore: ReadonlyMap<string, number>;
  readonly policy: PolicyVersion;
  readonly signedAt: number;
  readonly signedBy: string;
  readonly newId: () => string;
}

/** An unnamed fault is judged as the worst this checkpoint can have: nobody rides on a shrug. */
function unnamedFault(question: Question, outcome: MeasuredAnswer['outcome']): Fault {
  const floors = question.checkpoint.faults.map((each) => each.floor);
  const [first, ...rest] = floors;
  return outcome === 'fail' && first ? { ...UNNAMED, floor: worstSeverity([first, ...rest]) } : UNNAMED;
}

/** Clock places an hour or less apart are the same place; places without a clock cannot be told apart. */
function samePlace(a: Place | null, b: Place | null): boolean {
  if (a?.side && b?.side && a.side !== b.side) return false;
  if (!a?.clock || !b?.clock) return true;
  const apart = Math.abs(a.clock - b.clock) % 12;
  return Math.min(apart, 12 - apart) <= 1;
}

/** Limit and outings of a finding seen again: a soon keeps its own, one that rises to soon gets a whole one from now. */
function limitOnceSeen(
  before: Finding,
  severity: Severity,
  { signedAt, policy }: JudgeInput,
): Pick<Finding, 'limit' | 'outingsUsed'> {
  const { limit, outingsUsed } = before;
  if (severity !== 'soon') return { limit: null, outingsUsed };
  return before.severity === 'soon' && limit
    ? { limit, outingsUsed }
    : { limit: limitFor(severity, signedAt, policy), outingsUsed: 0 };
}

function judgeFault(
  question: Question,
  answer: MeasuredAnswer,
  marked: MarkedFault | null,
  input: JudgeInput,
  known: readonly Finding[],
): FindingChange {
  const named =
    marked && [...question.checkpoint.faults, PAST_ITS_LIMIT].find((each) => each.key === marked.fault);
  const fault = named ?? unnamedFault(question, answer.outcome);
  const floor = floorOf(fault, input.policy);
  const severity = severityOf(answer.outcome, floor, marked ?? { fault: fault.key });
  const place = marked?.place ?? null;
  const work = fault.work ?? question.checkpoint.work;
  const { applies } = question.checkpoint;
  const measured = answer.measured?.get(fault.key);
  const before = known.find(
    (each) =>
      each.state !== 'closed' &&
      each.checkpoint === question.checkpoint.key &&
      each.position === question.position &&
      each.fault === fault.key &&
      samePlace(each.place, place),
  );
  const note = answer.marks
    .map((mark) => mark.note)
    .filter(Boolean)
    .join(' · ');
  if (before) {
    const worse = worstSeverity([before.severity, severity]);
    return {
      act: 'seen-again',
      finding: {
        ...before,
        severity: worse,
        // A finding seen again is not repaired, whatever the bench said of it.
        state: before.state === 'repaired' || before.state === 'rechecked' ? 'open' : before.state,
        repairedBy: before.state === 'repaired' || before.state === 'rechecked' ? null : before.repairedBy,
        place: before.place ?? place,
        ...limitOnceSeen(before, worse, input),
        lastSeenAt: input.signedAt,
        timesSeen: before.timesSeen + 1,
        ...(measured ? { measured } : {}),
      },
    };
  }
  return {
    act: 'opened',
    finding: {
      id: input.newId(),
      checkpoint: question.checkpoint.key,
      position: question.position,
      fault: fault.key,
      zone: question.zone,
      place,
      severity,
      floor,
      ...(fault.legal ? { legal: true as const } : {}),
      state: 'open',
      openedAt: input.signedAt,
      openedBy: input.signedBy,
      lastSeenAt: input.signedAt,
      timesSeen: 1,
      limit: limitFor(severity, input.signedAt, input.policy),
      outingsUsed: 0,
      repairedBy: null,
      ...(measured ? { measured } : {}),
      ...(work ? { work } : {}),
      ...('always' in applies ? {} : { applies }),
      words: {
        checkpoint: question.checkpoint.name,
        fault: fault.name,
        doNext: fault.doNext,
        toMechanic: fault.toMechanic === true,
        note,
      },
    },
  };
}

/** Judges a check that is about to be signed. Source: judging rules 1 to 7. */
export function judgeCheck(input: JudgeInput): Judgement {
  const changes: FindingChange[] = [];
  const known = (): readonly Finding[] => [
    ...changes.map((change) => change.finding),
    ...input.open.filter((finding) => !changes.some((change) => change.finding.id === finding.id)),
  ];
  for (const question of [...input.questions, ...(input.noLongerAsked ?? [])]) {
    const answer = input.answers.get(question.key);
    if (!answer) continue;
    if (answer.outcome === 'fail' || answer.outcome === 'watch') {
      const marked: readonly (MarkedFault | null)[] = answer.faults.length > 0 ? answer.faults : [null];
      for (const each of marked) changes.push(judgeFault(question, answer, each, input, known()));
    }
    const times = (input.fixedBefore.get(question.key) ?? 0) + 1;
    if (answer.outcome === 'fixed' && times >= input.policy.comingBack.times) {
      const again: Question = {
        ...question,
        checkpoint: {
          ...question.checkpoint,
          faults: [recurringFault(question.checkpoint.name, input.policy.comingBack)],
        },
      };
      changes.push(
        judgeFault(again, { ...answer, outcome: 'fail' }, { fault: KEEPS_COMING_BACK }, input, known()),
      );
    }
  }
  const criticalsMissing = progressOf(input.questions, input.answers).criticalsMissing.map(
    (each) => each.key,
  );
  return { complete: criticalsMissing.length === 0, criticalsMissing, changes: lastOfEach(changes) };
}

/** Two faults of one check may touch one finding: only how it ends up counts. */
function lastOfEach(changes: readonly FindingChange[]): readonly FindingChange[] {
  const byId = new Map<string, FindingChange>();
  for (const change of changes) {
    const earlier = byId.get(change.finding.id);
    byId.set(change.finding.id, earlier?.act === 'opened' ? { ...change, act: 'opened' } : change);
  }
  return [...byId.values()];
}
