import { computed, nextTick, ref, watch, type ComputedRef, type Ref } from 'vue';
import type { Question, Station, Zone } from '@cadre/core/catalogue';
import type { MarkGiven } from './drafts';
import type { Draft } from './use-draft';
import type { BikeReadings } from './use-readings';

export interface Stand {
  readonly at: Ref<number>;
  readonly row: Ref<number>;
  readonly open: Ref<string | null>;
  readonly signing: ComputedRef<boolean>;
  readonly station: ComputedRef<Station | null>;
  readonly current: ComputedRef<Question | null>;
  /** Where one was before jumping somewhere; null when nothing was jumped. */
  readonly cameFrom: ComputedRef<Station | null>;
  /** Rows of this station nobody has marked yet. */
  readonly left: ComputedRef<readonly Question[]>;
  /** What a sweep may mark: all of them but what this person gives one by one. */
  readonly sweepable: ComputedRef<readonly Question[]>;
  /** Those of them that were not in sight yet: a sweep shows them first. */
  readonly unseen: ComputedRef<readonly Question[]>;
  readonly doneZones: ComputedRef<readonly Zone[]>;
  readonly troubledZones: ComputedRef<readonly Zone[]>;
  goTo(index: number): void;
  goToQuestion(question: Question): void;
  /** Back to where one was before the jump. */
  goBack(): void;
  goToZone(zone: Zone): void;
  step(by: number): void;
  sweep(): Promise<void>;
  pass(question: Question): Promise<void>;
  mark(question: Question, given: MarkGiven): Promise<void>;
  undo(): Promise<void>;
}

/** Where one stands in a check, and the acts there: mark, move on by itself, go back. */
export function useStand(
  draft: Draft,
  singly: (question: Question) => boolean,
  author: () => string | null,
  readings: Pick<BikeReadings, 'markable' | 'waits' | 'unmarked'>,
  wasSeen: (question: Question) => boolean,
  at: Ref<number> = ref(0),
): Stand {
  const row = ref(0);
  const open = ref<string | null>(null);
  const jumpedFrom = ref<number | null>(null);
  const stations = draft.stations;
  const signing = computed(() => stations.value.length > 0 && at.value >= stations.value.length);
  const station = computed(() => stations.value[at.value] ?? null);
  const current = computed(() => station.value?.questions[row.value] ?? null);
  const cameFrom = computed(() =>
    jumpedFrom.value === null ? null : (stations.value[jumpedFrom.value] ?? null),
  );
  const unmarked = (asked: readonly Question[]): readonly Question[] =>
    asked.filter((each) => !draft.answers.value.has(each.key));
  const left = computed(() => unmarked(station.value?.questions ?? []));
  const sweepable = computed(() => left.value.filter((each) => !singly(each) && !readings.waits(each)));
  const unseen = computed(() => sweepable.value.filter((each) => !wasSeen(each)));
  const zonesWhere = (test: (station: Station, zone: Zone) => boolean): Zone[] =>
    stations.value.flatMap((each) => each.zones.filter((zone) => test(each, zone)));
  const doneZones = computed(() =>
    zonesWhere(
      (each, zone) => unmarked(each.questions.filter((question) => question.zone === zone)).length === 0,
    ),
  );
  const troubledZones = computed(() =>
    zonesWhere((each, zone) =>
      each.questions.some(
        (question) =>
          question.zone === zone &&
          ['fail', 'watch', 'skipped'].includes(draft.answers.value.get(question.key)?.outcome ?? ''),
      ),
    ),
  );

  function goTo(index: number): void {
    at.value = Math.max(0, Math.min(stations.value.length, index));
    open.value = null;
    const first = station.value?.questions.findIndex((each) => !draft.answers.value.has(each.key)) ?? 0;
    row.value = Math.max(0, first);
  }
  /** On to the next place where something is left, past what others have done; to the signature when all is. */
  function advance(): void {
    const later = stations.value.findIndex(
      (each, index) => index > at.value && unmarked(each.questions).length > 0,
    );
    const any = stations.value.findIndex((each) => unmarked(each.questions).length > 0);
    goTo(later >= 0 ? later : any >= 0 ? any : stations.value.length);
  }
  function afterMark(): void {
    if (left.value.length === 0) {
      // After a jump one goes on where one was.
      if (jumpedFrom.value !== null && jumpedFrom.value !== at.value) goBack();
      if (left.value.length === 0) advance();
    } else if (draft.answers.value.has(current.value?.key ?? ''))
      row.value = Math.max(
        0,
        station.value?.questions.findIndex((each) => each.key === left.value[0]?.key) ?? 0,
      );
  }
  async function mark(question: Question, given: MarkGiven): Promise<void> {
    const who = author();
    const may = readings.markable(question, given);
    if (who && may) await draft.mark([question], may, who);
  }
  async function pass(question: Question): Promise<void> {
    await mark(question, { outcome: 'pass', way: 'single' });
    open.value = null;
    afterMark();
  }
  async function sweep(): Promise<void> {
    const who = author();
    if (!who || !station.value) return;
    if (unseen.value[0]) {
      show(unseen.value[0]);
      return;
    }
    if (sweepable.value.length > 0)
      await draft.mark(sweepable.value, { outcome: 'pass', way: 'station' }, who);
    open.value = null;
    afterMark();
  }
  /** Brings a row to the top of what is in sight. */
  function show(question: Question): void {
    row.value = Math.max(0, station.value?.questions.findIndex((each) => each.key === question.key) ?? 0);
    open.value = null;
    void nextTick(() => document.querySelector('[data-current-row]')?.scrollIntoView({ block: 'start' }));
  }
  async function undo(): Promise<void> {
    const who = author();
    const question = who ? await draft.undo(who) : null;
    if (!question) return;
    readings.unmarked(question);
    goToQuestion(question);
  }
  function goToQuestion(question: Question): void {
    const index = stations.value.findIndex((each) =>
      each.questions.some((asked) => asked.key === question.key),
    );
    if (index < 0) return;
    if (index !== at.value && at.value < stations.value.length) jumpedFrom.value = at.value;
    at.value = index;
    row.value = Math.max(
      0,
      stations.value[index]?.questions.findIndex((each) => each.key === question.key) ?? 0,
    );
    open.value = null;
  }
  function goBack(): void {
    const back = jumpedFrom.value;
    jumpedFrom.value = null;
    if (back !== null) goTo(back);
  }
  function goToZone(zone: Zone): void {
    goTo(stations.value.findIndex((each) => each.zones.includes(zone)));
  }
  function step(by: number): void {
    const count = station.value?.questions.length ?? 0;
    row.value = Math.max(0, Math.min(count - 1, row.value + by));
    open.value = null;
  }
  // Keeps the row in hand in sight.
  watch(
    [at, row, open],
    () =>
      void nextTick(() => document.querySelector('[data-current-row]')?.scrollIntoView({ block: 'nearest' })),
  );
  return {
    at,
    row,
    open,
    signing,
    station,
    current,
    cameFrom,
    left,
    sweepable,
    unseen,
    doneZones,
    troubledZones,
    goTo,
    goToQuestion,
    goBack,
    goToZone,
    step,
    sweep,
    pass,
    mark,
    undo,
  };
}
