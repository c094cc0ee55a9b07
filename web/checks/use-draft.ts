import { computed, onScopeDispose, shallowRef, type ComputedRef, type Ref } from 'vue';
import { questionsOf, stationsOf, type Question, type Station } from '@cadre/core/catalogue';
import { askedOf, type Because, type Rest } from '@cadre/core/exposure';
import { resolveMarks, progressOf, type Mark, type Progress, type Answer } from '@cadre/core/checks';
import type { NewMark } from '@cadre/contract/checks';
import {
  followSaved,
  localDb,
  withChecklists,
  type SavedCheck,
  type SavedMark,
} from '@cadre/web/platform/local-db';
import { usePolicyOn } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { readWriter } from '@cadre/web/platform/authorship';
import { saveMarks, marksOf, signDraft, type MarkGiven } from './drafts';
import { useOutbox } from './use-outbox';

export interface Resting {
  readonly question: Question;
  readonly rest: Rest;
}

export interface Draft {
  readonly check: Ref<SavedCheck | null>;
  readonly stations: ComputedRef<readonly Station[]>;
  readonly answers: ComputedRef<ReadonlyMap<string, Answer>>;
  readonly progress: ComputedRef<Progress>;
  /** What is not asked, with the pass it rests on. */
  readonly resting: ComputedRef<readonly Resting[]>;
  /** Why a question is asked, where the check is by exposure. */
  because(key: string): Because | null;
  /** Asks questions all the same that rest. */
  askAlso(questions: readonly Question[]): void;
  readonly marks: ComputedRef<readonly SavedMark[]>;
  /** How many marks of this check are kept here and not sent. */
  readonly unsent: ComputedRef<number>;
  mark(asked: readonly Question[], given: MarkGiven, author: string): Promise<void>;
  undo(author: string): Promise<Question | null>;
  sign(author: string): Promise<void>;
}

/** A draft: what is kept of one check, folded by core, and the acts on it. Everything is kept before it is sent. */
export function useDraft(id: string, raised: () => ReadonlySet<string> = () => new Set()): Draft {
  const outbox = useOutbox();
  const policyOn = usePolicyOn();
  const fleet = useFleet();
  const check = shallowRef<SavedCheck | null>(null);
  const rows = shallowRef<readonly SavedMark[]>([]);
  const subscription = followSaved(
    async () => ({
      check: (await withChecklists([await localDb.checks.get(id)]))[0] ?? null,
      rows: await localDb.marks.where('checkId').equals(id).toArray(),
    }),
    (found) => {
      check.value = found.check;
      rows.value = found.rows;
    },
  );
  onScopeDispose(() => subscription.unsubscribe());

  const answers = computed(() => resolveMarks(rows.value.map((row) => row.mark)));
  const every = computed(() =>
    check.value
      ? questionsOf(
          check.value.checklist,
          { build: check.value.build, parts: check.value.parts ?? [] },
          policyOn(fleet.bikeById.get(check.value.bikeId), check.value.openedAt).practices,
        )
      : [],
  );
  /** What rests but is to be asked here all the same. */
  const also = shallowRef<ReadonlySet<string>>(new Set());
  const asked = computed(() =>
    askedOf(every.value, check.value?.exposure, {
      has: (key) => answers.value.has(key) || also.value.has(key),
    }),
  );
  const resting = computed<readonly Resting[]>(() => {
    const known = new Set(asked.value.map((each) => each.key));
    const rests = new Map(check.value?.exposure?.rests.map((rest) => [rest.key, rest]));
    return every.value.flatMap((question) => {
      const rest = rests.get(question.key);
      return rest && !known.has(question.key) ? [{ question, rest }] : [];
    });
  });
  const because = (key: string): Because | null =>
    check.value?.exposure?.asked.find((each) => each.key === key)?.because ?? null;
  function askAlso(questions: readonly Question[]): void {
    also.value = new Set([...also.value, ...questions.map((question) => question.key)]);
  }
  /** What is open already comes first at its station: it is looked at before anything hides it. */
  const firstRaised = (questions: readonly Question[]): readonly Question[] => [
    ...questions.filter((each) => raised().has(each.key)),
    ...questions.filter((each) => !raised().has(each.key)),
  ];
  const stations = computed(() =>
    check.value
      ? stationsOf(asked.value, check.value.checklist.route).map((station) => ({
          ...station,
          asked: firstRaised(station.questions),
        }))
      : [],
  );
  const progress = computed(() => progressOf(asked.value, answers.value));
  const unsent = computed(() => rows.value.filter((row) => row.sent === 0).length);

  async function add(marks: readonly NewMark[]): Promise<void> {
    const added = await saveMarks(id, marks);
    rows.value = [...rows.value, ...added.filter((each) => !rows.value.some((row) => row.id === each.id))];
    void outbox.flush();
  }

  async function mark(questions: readonly Question[], given: MarkGiven, author: string): Promise<void> {
    await add(marksOf(questions, given, author));
  }

  /** Takes back the newest mark that this person gave on this browser and that still stands, or the whole sweep it came with. What they said on another is taken back there. */
  async function undo(author: string): Promise<Question | null> {
    const { id: writerId } = await readWriter(author);
    const own = [...answers.value.values()]
      .flatMap((answer) => answer.marks)
      .filter((each) => each.author === author && each.writerId === writerId);
    const newest = own.reduce<Mark | null>(
      (latest, each) => (!latest || each.at > latest.at ? each : latest),
      null,
    );
    if (!newest) return null;
    const together = own.filter((each) => each.at === newest.at);
    const questions = asked.value.filter((question) =>
      together.some(
        (each) => each.checkpoint === question.checkpoint.key && each.position === question.position,
      ),
    );
    await mark(questions, { outcome: 'withdrawn', way: 'single' }, author);
    return questions[0] ?? null;
  }

  async function sign(author: string): Promise<void> {
    await signDraft(id, author);
    void outbox.flush();
  }

  return {
    check,
    stations,
    answers,
    progress,
    resting,
    because,
    askAlso,
    marks: computed(() => rows.value),
    unsent,
    mark,
    undo,
    sign,
  };
}
