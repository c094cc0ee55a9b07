import { askedKey, type Asked, type Position, type ChecklistVersion } from '@cadre/core/catalogue';
import type { Mark, MarkedFault } from './mark';
import type { MarkWord, Outcome } from './outcome';

/** What stands for one question after everything everybody said about it. */
export interface Standing {
  readonly key: string;
  readonly outcome: Outcome;
  readonly faults: readonly MarkedFault[];
  /** The marks that stand, one a person, worst first. */
  readonly marks: readonly Mark[];
}

/** Of two people's looks the worse counts; somebody's look beats nobody's. */
const WEIGHT: Record<MarkWord, number> = {
  fault: 5,
  watch: 4,
  'put-right': 3,
  sound: 2,
  'not-looked-at': 1,
  withdrawn: 0,
};

/** Which of one person's two marks stands: the newer; of two at the same instant, the worse. */
function standsOver(a: Mark, b: Mark): boolean {
  if (a.at !== b.at) return a.at > b.at;
  if (WEIGHT[a.word] !== WEIGHT[b.word]) return WEIGHT[a.word] > WEIGHT[b.word];
  // Same instant and word: any fixed rule will do, so long as arrival order does not matter.
  return JSON.stringify([a.faults, a.note, a.id]) > JSON.stringify([b.faults, b.note, b.id]);
}

function unionOfFaults(marks: readonly Mark[]): readonly MarkedFault[] {
  const seen = new Map<string, MarkedFault>();
  for (const each of marks.flatMap((mark) => mark.faults)) seen.set(JSON.stringify(each), each);
  return [...seen.keys()].sort().map((key) => seen.get(key) as MarkedFault);
}

/**
 * One person's mark that stands, with the last number they read there: saying something else of a look does not unmeasure it. Taking
 * a mark back does.
 */
function standingOf(marks: readonly Mark[]): Mark | null {
  const inOrder = [...marks].sort((a, b) => (standsOver(a, b) ? 1 : -1));
  const reading = inOrder.reduce<Mark['reading']>(
    (last, mark) => (mark.word === 'withdrawn' ? undefined : (mark.reading ?? last)),
    undefined,
  );
  const newest = inOrder.at(-1);
  return newest ? (reading && !newest.reading ? { ...newest, reading } : newest) : null;
}

/**
 * Folds marks into what stands for each question. The order in which marks arrive changes nothing,
 * and a mark given twice counts once.
 */
export function foldMarks(marks: readonly Mark[]): ReadonlyMap<string, Standing> {
  const byQuestion = new Map<string, Map<string, Mark[]>>();
  for (const mark of marks) {
    const key = askedKey(mark.checkpoint, mark.position);
    const byAuthor = byQuestion.get(key) ?? new Map<string, Mark[]>();
    byAuthor.set(mark.author, [...(byAuthor.get(mark.author) ?? []), mark]);
    byQuestion.set(key, byAuthor);
  }
  const standings = new Map<string, Standing>();
  for (const key of [...byQuestion.keys()].sort()) {
    const standing = [...(byQuestion.get(key)?.values() ?? [])]
      .flatMap((own) => standingOf(own) ?? [])
      .filter((mark) => mark.word !== 'withdrawn')
      .sort((a, b) => WEIGHT[b.word] - WEIGHT[a.word] || (a.author < b.author ? -1 : 1));
    const worst = standing[0];
    if (!worst) continue;
    const spoken = standing.filter((mark) => mark.word === 'fault' || mark.word === 'watch');
    standings.set(key, {
      key,
      outcome: worst.word as Outcome,
      faults: unionOfFaults(spoken),
      marks: standing,
    });
  }
  return standings;
}

/**
 * Questions of a checklist that hold a fault or watch though the bike, as it is built now, is not asked them: its build changed after they were marked. What was
 * seen stays seen.
 */
export function markedUnasked(
  checklist: Pick<ChecklistVersion, 'items'>,
  asked: readonly Asked[],
  standings: ReadonlyMap<string, Standing>,
): readonly Asked[] {
  const known = new Set(asked.map((each) => each.key));
  return [...standings.values()].flatMap((standing): Asked[] => {
    if (known.has(standing.key) || (standing.outcome !== 'fault' && standing.outcome !== 'watch')) return [];
    const [key = '', at = 'only'] = standing.key.split('@');
    const position = at as Position;
    const item = checklist.items.find((each) => each.checkpoint.key === key);
    const places = item?.checkpoint.at;
    const zone = position === 'only' ? places?.only : position === 'rear' ? places?.rear : places?.front;
    if (!item || !zone) return [];
    return [
      {
        key: standing.key,
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
  readonly left: readonly Asked[];
  /** Criticals with no look: without them the check is incomplete. */
  readonly criticalsMissing: readonly Asked[];
  readonly notSound: readonly Standing[];
}

/** How far a check is. `not looked at` is no look: a critical one is still missing. */
export function progressOf(asked: readonly Asked[], standings: ReadonlyMap<string, Standing>): Progress {
  const looked = (each: Asked): boolean => {
    const standing = standings.get(each.key);
    return standing !== undefined && standing.outcome !== 'not-looked-at';
  };
  const askedKeys = new Set(asked.map((each) => each.key));
  return {
    asked: asked.length,
    looked: asked.filter(looked).length,
    left: asked.filter((each) => !standings.has(each.key)),
    criticalsMissing: asked.filter((each) => each.critical && !looked(each)),
    notSound: [...standings.values()].filter((each) => askedKeys.has(each.key) && each.outcome !== 'sound'),
  };
}
