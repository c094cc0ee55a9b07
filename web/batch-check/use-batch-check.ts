import { computed, onScopeDispose, shallowRef, watch } from 'vue';
import type { NewMark } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import { questionsOf, zonesOf, type Question } from '@cadre/core/catalogue';
import { askedOf } from '@cadre/core/exposure';
import { resolveMarks, progressOf, type Mark, type MarkOutcome } from '@cadre/core/checks';
import {
  batchCell,
  batchColumns,
  type BatchColumn,
  type BatchScope,
  type TypedReading,
} from '@cadre/core/batch-check';
import {
  followSaved,
  localDb,
  savedChecksOf,
  useSavedMarks,
  type SavedCheck,
  type SavedMark,
} from '@cadre/web/platform/local-db';
import { useCatalogue, usePolicyOn } from '@cadre/web/catalogue';
import {
  draftFor,
  joinChecks,
  saveMarks,
  markTime,
  marksOf,
  signDraft,
  useLiveChecks,
  useOutbox,
  useReadings,
  type BikeReadings,
  type MarkGiven,
  type NamedChecklist,
} from '@cadre/web/checks';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import type { BatchBike, BatchCheck } from './batch-bike';
import { useBatchChecklists } from './use-batch-checklists';

/**
 * Many bikes, one checklist: every mark goes into the check of its bike, begun by the first mark or joined where somebody has begun.
 * Whatever others mark meanwhile is followed. `way` tells marks keyed in from paper from those given at the bike.
 */
export function useBatchCheck(input: {
  readonly bikes: () => readonly Bike[];
  readonly checklistKey: () => string;
  readonly scope: () => BatchScope;
  readonly way: () => 'batch' | 'paper';
}): BatchCheck {
  const catalogue = useCatalogue();
  const fleet = useFleet();
  const session = useSession();
  const outbox = useOutbox();
  const policyOn = usePolicyOn();
  const readings = useReadings();
  const { checklists, ready, trouble, loadChecklists } = useBatchChecklists(input, () => live.refresh());
  const checks = shallowRef<readonly SavedCheck[]>([]);
  const marks = useSavedMarks();
  /** Marked here and not read back from the disk yet. */
  const pending = shallowRef<readonly SavedMark[]>([]);
  /** What was marked here, act by act, to be taken back in that order. */
  const acts = shallowRef<
    readonly (readonly { bikeId: string; checkId: string; questions: readonly Question[] }[])[]
  >([]);
  const ids = computed(() => input.bikes().map((bike) => bike.id));
  const checklistOf = (bike: Bike): NamedChecklist | null => checklists.value.get(bike.build.kind) ?? null;
  const checklistKeys = computed(() => [
    ...new Set([...checklists.value.values()].map((each) => each.checklist.key)),
  ]);

  const live = useLiveChecks({
    bikeIds: () => ids.value,
    checklistKeys: () => checklistKeys.value,
    follow: fleet.onChanged,
    onOpen: (open) =>
      joinChecks(
        open,
        (id) => fleet.bikeById.get(id),
        (hash) => [...checklists.value.values()].find((each) => each.hash === hash) ?? null,
        session.person?.id ?? '',
      ),
  });

  let newest: readonly SavedCheck[] = [];
  /** A check shows once its marks have been read: without them all of it would seem to be left. */
  async function show(found: readonly SavedCheck[]): Promise<void> {
    newest = found;
    await marks.follow(found.map((check) => check.id));
    if (newest === found) checks.value = found;
  }
  let subscription: { unsubscribe(): void } | null = null;
  watch(
    ids,
    (wanted) => {
      subscription?.unsubscribe();
      subscription = followSaved(
        () => savedChecksOf(wanted),
        (found) => void show(found),
      );
    },
    { immediate: true },
  );
  onScopeDispose(() => subscription?.unsubscribe());
  watch([() => input.checklistKey(), () => ids.value.join()], () => void loadChecklists(), {
    immediate: true,
  });

  const signedHere = new Set<string>();
  /** Signed here since the batch was opened: shown as done, while an older signature says nothing of today. */
  const checksByBike = computed(() => {
    const byBike = new Map<string, SavedCheck[]>();
    for (const check of checks.value) byBike.set(check.bikeId, [...(byBike.get(check.bikeId) ?? []), check]);
    return byBike;
  });
  function checkOf(bike: Bike, checklist: NamedChecklist | null): SavedCheck | null {
    const own = (checksByBike.value.get(bike.id) ?? []).filter(
      (check) => check.checklist.key === checklist?.checklist.key,
    );
    return (
      own.find((check) => check.repairId === null && check.state !== 'signed') ??
      own.findLast((check) => check.state === 'signed' && signedHere.has(check.id)) ??
      null
    );
  }

  function marksOfCheck(checkId: string): readonly SavedMark[] {
    const own = marks.byCheck.get(checkId) ?? [];
    const fresh = pending.value.filter(
      (each) => each.checkId === checkId && !own.some((mark) => mark.id === each.id),
    );
    return fresh.length > 0 ? [...own, ...fresh] : own;
  }
  /** Rows are made anew only where something changed: a batch of hundreds answers a key at once. */
  const made = new Map<string, { key: string; row: BatchBike }>();
  const rows = computed(() =>
    input.bikes().map((bike): BatchBike => {
      const checklist = checklistOf(bike);
      const check = checkOf(bike, checklist);
      const own = check ? marksOfCheck(check.id) : [];
      const unsent = own.filter((mark) => mark.sent === 0).length;
      const key = `${bike.version} ${checklist?.hash ?? ''} ${check?.id ?? ''} ${check?.state ?? ''} ${check?.exposure?.rests.length ?? ''} ${own.length} ${unsent}`;
      const before = made.get(bike.id);
      if (before?.key === key) return before.row;
      const answers = resolveMarks(own.map((each) => each.mark));
      const asked = check
        ? askedOf(
            questionsOf(
              check.checklist,
              { build: check.build, parts: check.parts ?? [] },
              policyOn(bike, check.openedAt).practices,
            ),
            check.exposure,
            answers,
          )
        : checklist
          ? questionsOf(
              checklist.checklist,
              { build: bike.build, parts: bike.parts },
              policyOn(bike).practices,
            )
          : [];
      const progress = progressOf(asked, answers);
      const row: BatchBike = {
        bike,
        checklist: check ? { hash: check.checklistHash, checklist: check.checklist } : checklist,
        asked,
        answers,
        progress,
        complete: asked.length > 0 && progress.left.length === 0 && progress.criticalsMissing.length === 0,
        state: check?.state ?? 'untouched',
        unsent,
        authors: [...new Set(own.map((each) => each.mark.author))],
      };
      made.set(bike.id, { key, row });
      return row;
    }),
  );
  const zones = computed(() => {
    const first = [...checklists.value.values()][0];
    return zonesOf(first?.checklist.route ?? 'm-front-first');
  });
  let columnsBefore: readonly BatchColumn[] = [];
  /** The same columns stay the same: rows look at them. */
  const columns = computed(() => {
    const fresh = batchColumns(
      rows.value.map((row) => row.asked),
      input.scope(),
      zones.value,
    );
    const same =
      fresh.length === columnsBefore.length &&
      fresh.every((column, index) => column.key === columnsBefore[index]?.key);
    if (!same) columnsBefore = fresh;
    return columnsBefore;
  });
  const readingsOf = (row: BatchBike): BikeReadings => readings(row.bike.id);
  const recalled = new WeakSet<BatchBike>();
  watch(
    rows,
    (all) => {
      for (const row of all) {
        if (row.state !== 'open' || !row.checklist || recalled.has(row)) continue;
        recalled.add(row);
        readingsOf(row).recall(row.bike, row.checklist.checklist, row.asked, row.answers);
      }
    },
    { immediate: true },
  );
  const signable = computed(() =>
    rows.value.filter(
      (row) => row.complete && row.state === 'open' && !readingsOf(row).passedAgainst(row.asked, row.answers),
    ),
  );

  function sweepable(row: BatchBike, column: BatchColumn): readonly Question[] {
    return batchCell(column, row.asked, row.answers).left.filter(
      (question) =>
        (column.kind === 'question' || !catalogue.isGivenSingly(session.person, question)) &&
        !readingsOf(row).waits(question),
    );
  }

  function showAtOnce(checkId: string, fresh: readonly NewMark[]): void {
    const stillPending = pending.value.filter(
      (each) => !marks.byCheck.get(each.checkId)?.some((mark) => mark.id === each.id),
    );
    pending.value = [
      ...stillPending,
      ...fresh.map((mark): SavedMark => ({ id: mark.id, checkId, mark, sent: 0 })),
    ];
  }

  /** Marks still on their way to the disk: an undo right after them means them, not the act before. */
  let giving: Promise<unknown> = Promise.resolve();
  const markMany: BatchCheck['markMany'] = (each) => {
    const given = giveMarks(each);
    giving = Promise.allSettled([giving, given]);
    return given;
  };
  async function giveMarks(
    each: readonly {
      readonly row: BatchBike;
      readonly questions: readonly Question[];
      readonly given: Omit<MarkGiven, 'way'>;
    }[],
  ): Promise<void> {
    const author = session.person?.id;
    if (!author) return;
    const at = markTime();
    const act = [];
    for (const { row, questions, given } of each) {
      if (questions.length === 0 || !row.checklist || row.state === 'signing' || row.state === 'signed')
        continue;
      const known = checkOf(row.bike, row.checklist);
      const check = known?.state === 'open' ? known : await draftFor(row.bike, row.checklist, author);
      const meant = questions.flatMap((question) => {
        const may = readingsOf(row).markable(question, given);
        return may ? [{ question, given: { ...may, way: input.way() } }] : [];
      });
      if (meant.length === 0) continue;
      const fresh = meant.flatMap((each) => marksOf([each.question], each.given, author, at));
      // Shown before it is on the disk: what is kept is followed a moment later, and later still while much is being kept.
      if (!checks.value.some((each) => each.id === check.id)) checks.value = [...checks.value, check];
      showAtOnce(check.id, fresh);
      await saveMarks(check.id, fresh);
      act.push({ bikeId: row.bike.id, checkId: check.id, questions: meant.map((each) => each.question) });
    }
    if (act.length > 0 && each.some(({ given }) => given.outcome !== 'withdrawn'))
      acts.value = [...acts.value, act];
    void outbox.flush();
  }

  const mark = (
    row: BatchBike,
    questions: readonly Question[],
    given: Omit<MarkGiven, 'way'>,
  ): Promise<void> => markMany([{ row, questions, given }]);

  const ownMark = (row: BatchBike, question: Pick<Question, 'key'>): Mark | null =>
    row.answers.get(question.key)?.marks.find((each) => each.author === session.person?.id) ?? null;

  function read(
    row: BatchBike,
    question: Question,
    reading: TypedReading,
  ): { readonly outcome: MarkOutcome | null; readonly saved: Promise<void> } {
    const given = readingsOf(row).take(question, reading, ownMark(row, question));
    if (!given) return { outcome: null, saved: Promise.resolve() };
    return {
      outcome: given.outcome === 'withdrawn' ? null : given.outcome,
      saved: mark(row, [question], given),
    };
  }

  function leaveAside(row: BatchBike, question: Question, reason: string): void {
    readingsOf(row).leaveAside(question, reason);
    const own = ownMark(row, question);
    if (own) void mark(row, [question], { outcome: own.outcome, faults: [...own.faults], note: own.note });
  }

  async function undo(): Promise<void> {
    await giving;
    const last = acts.value.at(-1);
    const author = session.person?.id;
    if (!last || !author) return;
    acts.value = acts.value.slice(0, -1);
    const at = markTime();
    for (const { bikeId, checkId, questions } of last) {
      const check = await localDb.checks.get(checkId);
      if (check?.state !== 'open') continue;
      for (const question of questions) readings(bikeId).unmarked(question);
      const fresh = marksOf(questions, { outcome: 'withdrawn', way: input.way() }, author, at);
      showAtOnce(checkId, fresh);
      await saveMarks(checkId, fresh);
    }
    void outbox.flush();
  }

  async function signAll(): Promise<number> {
    const author = session.person?.id;
    if (!author) return 0;
    const ripe = signable.value;
    for (const row of ripe) {
      const check = checkOf(row.bike, row.checklist);
      if (!check) continue;
      signedHere.add(check.id);
      await signDraft(check.id, author);
      readingsOf(row).done();
    }
    acts.value = [];
    void outbox.flush();
    return ripe.length;
  }

  return {
    rows,
    columns,
    ready,
    trouble,
    loadChecklists,
    signable,
    undoable: computed(() => acts.value.length > 0),
    cell: (row, column) => batchCell(column, row.asked, row.answers),
    sweepable,
    rowSweepable: (row, column) =>
      sweepable(row, column).filter((question) => !catalogue.isGivenSingly(session.person, question)),
    typed: (row, column) => (column.kind === 'question' ? readingsOf(row).typed(column) : null),
    mark,
    markMany,
    speaksAgainst: (row, question) => readingsOf(row).speaksAgainst(question),
    read,
    leaveAside,
    asideOf: (row, question) => readingsOf(row).asideOf(question),
    undo,
    signAll,
  };
}
