import { isRear, placeOfKey, questionKey, type Question, type ChecklistVersion } from '@cadre/core/catalogue';
import type { Mark, MarkedFault } from './mark';
import type { MarkOutcome, Outcome } from './outcome';

/** What stands for one question after everything everybody said about it. */
export interface Answer {
  readonly key: string;
  readonly outcome: Outcome;
  readonly faults: readonly MarkedFault[];
  /** The marks that stand, one a person and browser, worst first. */
  readonly marks: readonly Mark[];
}

/** Of two people's looks the worse counts; somebody's look beats nobody's. */
const WEIGHT: Record<MarkOutcome, number> = {
  fail: 5,
  watch: 4,
  fixed: 3,
  pass: 2,
  skipped: 1,
  withdrawn: 0,
};

/** Which of two marks of one series stands: the later by its counter. Marks from before there were counters stand by their time; of two at once the worse. */
function standsOver(a: Mark, b: Mark): boolean {
  if (a.counter !== b.counter) return a.counter > b.counter;
  if (a.at !== b.at) return a.at > b.at;
  if (WEIGHT[a.outcome] !== WEIGHT[b.outcome]) return WEIGHT[a.outcome] > WEIGHT[b.outcome];
  // Same instant and word: any fixed rule will do, so long as arrival order does not matter.
  return JSON.stringify([a.faults, a.note, a.id]) > JSON.stringify([b.faults, b.note, b.id]);
}

const seriesOf = (mark: Mark): string => `${mark.author} ${mark.writerId}`;

function unionOfFaults(marks: readonly Mark[]): readonly MarkedFault[] {
  const seen = new Map<string, MarkedFault>();
  for (const each of marks.flatMap((mark) => mark.faults)) seen.set(JSON.stringify(each), each);
  return [...seen.keys()].sort().map((key) => seen.get(key) as MarkedFault);
}

/**
 * The mark of one series that stands, with the last number read in it there: another outcome later does not unmeasure it. Taking the
 * mark back does.
 */
function answerOf(marks: readonly Mark[]): Mark | null {
  const inOrder = [...marks].sort((a, b) => (standsOver(a, b) ? 1 : -1));
  const reading = inOrder.reduce<Mark['reading']>(
    (last, mark) => (mark.outcome === 'withdrawn' ? undefined : (mark.reading ?? last)),
    undefined,
  );
  const newest = inOrder.at(-1);
  return newest ? (reading && !newest.reading ? { ...newest, reading } : newest) : null;
}

/**
 * Folds marks into what stands for each question. The order in which marks arrive changes nothing, and a mark given twice counts once. Of
 * two people the worse counts, and of one person on two browsers likewise: neither can take back what the other says.
 */
export function resolveMarks(marks: readonly Mark[]): ReadonlyMap<string, Answer> {
  const byQuestion = new Map<string, Map<string, Mark[]>>();
  for (const mark of marks) {
    const key = questionKey(mark);
    const series = seriesOf(mark);
    const bySeries = byQuestion.get(key) ?? new Map<string, Mark[]>();
    bySeries.set(series, [...(bySeries.get(series) ?? []), mark]);
    byQuestion.set(key, bySeries);
  }
  const answers = new Map<string, Answer>();
  for (const key of [...byQuestion.keys()].sort()) {
    const answer = [...(byQuestion.get(key)?.values() ?? [])]
      .flatMap((own) => answerOf(own) ?? [])
      .filter((mark) => mark.outcome !== 'withdrawn')
      .sort((a, b) => WEIGHT[b.outcome] - WEIGHT[a.outcome] || (seriesOf(a) < seriesOf(b) ? -1 : 1));
    const worst = answer[0];
    if (!worst) continue;
    const spoken = answer.filter((mark) => mark.outcome === 'fail' || mark.outcome === 'watch');
    answers.set(key, {
      key,
      outcome: worst.outcome as Outcome,
      faults: unionOfFaults(spoken),
      marks: answer,
    });
  }
  return answers;
}

/**
 * Questions of a checklist that hold a fault or watch though the bike, as it is built now, is not asked them: its build changed after they were marked. What was
 * seen stays seen.
 */
export function markedUnasked(
  checklist: Pick<ChecklistVersion, 'items'>,
  asked: readonly Question[],
  answers: ReadonlyMap<string, Answer>,
): readonly Question[] {
  const known = new Set(asked.map((each) => each.key));
  return [...answers.values()].flatMap((answer): Question[] => {
    if (known.has(answer.key) || (answer.outcome !== 'fail' && answer.outcome !== 'watch')) return [];
    const { checkpoint: key, position } = placeOfKey(answer.key);
    const item = checklist.items.find((each) => each.checkpoint.key === key);
    const places = item?.checkpoint.at;
    const zone = position === 'only' ? places?.only : isRear(position) ? places?.rear : places?.front;
    if (!item || !zone) return [];
    return [
      {
        key: answer.key,
        checkpoint: item.checkpoint,
        position,
        zone,
        critical: false,
        minutes: item.minutes ?? item.checkpoint.minutes,
      },
    ];
  });
}

export interface Progress {
  readonly asked: number;
  readonly looked: number;
  readonly left: readonly Question[];
  /** Criticals with no look: without them the check is incomplete. */
  readonly criticalsMissing: readonly Question[];
  readonly notPassed: readonly Answer[];
}

/** How far a check is. `not looked at` is no look: a critical one is still missing. */
export function progressOf(asked: readonly Question[], answers: ReadonlyMap<string, Answer>): Progress {
  const looked = (each: Question): boolean => {
    const answer = answers.get(each.key);
    return answer !== undefined && answer.outcome !== 'skipped';
  };
  const askedKeys = new Set(asked.map((each) => each.key));
  return {
    asked: asked.length,
    looked: asked.filter(looked).length,
    left: asked.filter((each) => !answers.has(each.key)),
    criticalsMissing: asked.filter((each) => each.critical && !looked(each)),
    notPassed: [...answers.values()].filter((each) => askedKeys.has(each.key) && each.outcome !== 'pass'),
  };
}
