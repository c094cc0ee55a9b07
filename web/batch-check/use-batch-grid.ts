import { computed, nextTick, ref, watch, type ComputedRef, type Ref } from 'vue';
import type { Question } from '@cadre/core/catalogue';
import type { Outcome } from '@cadre/core/checks';
import { readCell, type BatchColumn, type TypedCell } from '@cadre/core/batch-check';
import { useMeasuredOn } from '@cadre/web/checks';
import { cellWords, verdictWords } from '@cadre/web/measures';
import type { BatchCheck, BatchBike } from './batch-bike';
import { instrumentUnitOf, useInstrumentField, type InstrumentField } from '@cadre/web/instruments';
import { takesReading, valuesOf } from '@cadre/core/measures';
import * as t from './messages';

interface Words {
  readonly said: string;
  readonly suggestion: string;
}
/** What a text would mean in a cell: refused or asked about in words, or what it would be taken as. */
export interface Meaning extends Words {
  readonly question?: Question;
  readonly cell?: Exclude<TypedCell, { kind: 'refused' }>;
}

interface Entered extends Words {
  readonly taken: boolean;
  /** Ends when it is kept. */
  readonly saved: Promise<void>;
}
const NOTHING = Promise.resolve();
const AGAINST = t.measuredValuePastIts;

/** What a row that did not pass is opened on. */
export interface Opened {
  readonly row: BatchBike;
  readonly questions: readonly Question[];
  readonly question: Question | null;
}

export interface BatchGrid {
  readonly rowAt: Ref<number>;
  readonly columnAt: Ref<number>;
  readonly row: ComputedRef<BatchBike | null>;
  readonly column: ComputedRef<BatchColumn | null>;
  /** What is being typed into the cell; null when nothing is. */
  readonly typing: Ref<string | null>;
  readonly said: Ref<string>;
  /** Readings of instruments land in the cell in hand, and the cursor moves on. */
  readonly instrument: InstrumentField;
  readonly suggestion: Ref<string>;
  readonly opened: Ref<Opened | null>;
  /** Bikes below, from here on, that a fill down would mark. */
  readonly fillable: ComputedRef<readonly BatchBike[]>;
  go(row: number, column: number): void;
  step(rows: number, columns: number): void;
  pass(at?: { row: number; column: number }): Promise<void>;
  exception(outcome: Outcome | null, at?: { row: number; column: number }): Promise<void>;
  fillDown(): Promise<void>;
  /** Takes what was typed; on to the next bike when it was understood. */
  commit(move?: 'down' | 'right' | 'stay'): Promise<boolean>;
  meaning(row: BatchBike, column: BatchColumn, text: string): Meaning;
  /** Takes a text for a cell as if it were typed there; answers what there is to say about it. */
  enter(row: BatchBike, column: BatchColumn, text: string, sure: boolean): Entered;
  /** Moves the cursor, once what is being typed was taken. */
  select(row: number, column: number): Promise<void>;
  /** On touch, a short batch is given row by row until one look of it is chosen. */
  readonly wholeRow: Ref<boolean>;
  /** On touch: one look to go down with (its column), or the whole row. */
  showColumn(column: number | null): void;
  /** What did not pass somewhere in a row. */
  openRow(at: number): void;
  /** The whole row passed, where every question of it stands side by side. */
  rowPass(at?: number): Promise<void>;
}

/** The cursor of the line and what keys and touches do at it. */
export function useBatchGrid(
  batch: BatchCheck,
  /** Whether a bike’s row, or a column, has been on the screen. */
  wasSeen: (key: string) => boolean = () => true,
): BatchGrid {
  const measuredOn = useMeasuredOn();
  const rowAt = ref(0);
  const columnAt = ref(0);
  const typing = ref<string | null>(null);
  const said = ref('');
  const suggestion = ref('');
  const opened = ref<Opened | null>(null);
  const wholeRow = ref(true);
  const askedOnce = ref('');
  const row = computed(() => batch.rows.value[rowAt.value] ?? null);
  const column = computed(() => batch.columns.value[columnAt.value] ?? null);
  watch(
    batch.columns,
    (columns) => (columnAt.value = Math.min(columnAt.value, Math.max(0, columns.length - 1))),
  );

  function go(toRow: number, toColumn: number): void {
    rowAt.value = Math.max(0, Math.min(batch.rows.value.length - 1, toRow));
    columnAt.value = Math.max(0, Math.min(batch.columns.value.length - 1, toColumn));
    typing.value = null;
    opened.value = null;
    said.value = '';
    suggestion.value = '';
    void nextTick(() =>
      document
        .querySelector('[data-cursor], [data-current-row]')
        ?.scrollIntoView({ block: 'nearest', inline: 'nearest' }),
    );
  }
  const step = (rows: number, columns: number): void => go(rowAt.value + rows, columnAt.value + columns);
  /** On to the next bike that is asked this at all; at the last one, to the top of the next column with something left, and round again. */
  function down(): void {
    const here = column.value;
    if (!here) return;
    const wants = (each: BatchBike, of: BatchColumn): boolean => batch.cell(each, of).left.length > 0;
    const below = batch.rows.value.findIndex((each, index) => index > rowAt.value && wants(each, here));
    if (below >= 0) return go(below, columnAt.value);
    const columns = [...batch.columns.value.entries()];
    for (const [index, other] of [
      ...columns.slice(columnAt.value + 1),
      ...columns.slice(0, columnAt.value + 1),
    ]) {
      const first = batch.rows.value.findIndex(
        (each, at) => wants(each, other) && !(index === columnAt.value && at === rowAt.value),
      );
      if (first >= 0) return go(first, index);
    }
    go(rowAt.value, columnAt.value);
  }
  function at(place?: { row: number; column: number }): { row: BatchBike; column: BatchColumn } | null {
    if (place) {
      rowAt.value = place.row;
      columnAt.value = place.column;
    }
    return row.value && column.value ? { row: row.value, column: column.value } : null;
  }

  async function pass(place?: { row: number; column: number }): Promise<void> {
    const here = at(place);
    if (!here || typing.value !== null) return;
    const cell = batch.cell(here.row, here.column);
    const against = cell.left.find((question) => batch.speaksAgainst(here.row, question));
    if (against && here.column.kind === 'question') {
      said.value = t.measuredValuePastItsLimit;
      return;
    }
    const waiting = here.column.kind === 'question' ? cell.left : batch.sweepable(here.row, here.column);
    // The cursor moves at once: fingers are faster than the disk.
    const marked = waiting.length > 0 ? batch.mark(here.row, waiting, { outcome: 'pass' }) : null;
    if (waiting.length < cell.left.length) said.value = t.criticalQuestionsHereAnswered;
    else down();
    await marked;
  }

  /** Only where every look stands on show: side by side, or a single column. */
  async function rowPass(index = rowAt.value): Promise<void> {
    rowAt.value = index;
    const here = row.value;
    if (!here || typing.value !== null) return;
    if (batch.columns.value.some((each) => each.kind === 'zone') && batch.columns.value.length > 1) {
      said.value = t.answerEachZoneOn;
      return;
    }
    const unseen = batch.columns.value.findIndex(
      (each) => !wasSeen(each.key) && batch.rowSweepable(here, each).length > 0,
    );
    if (unseen >= 0) {
      go(index, unseen);
      said.value = t.questionsNotInSight;
      return;
    }
    const left = batch.columns.value.flatMap((each) => batch.cell(here, each).left);
    const meant = batch.columns.value.flatMap((each) => batch.rowSweepable(here, each));
    const marked = meant.length > 0 ? batch.mark(here, meant, { outcome: 'pass' }) : null;
    if (meant.length < left.length) {
      said.value = left.some((each) => batch.speaksAgainst(here, each)) ? AGAINST : t.answerRestRowOne;
      await marked;
      return;
    }
    const next = batch.rows.value.findIndex(
      (each, at) => at > index && batch.columns.value.some((of) => batch.cell(each, of).left.length > 0),
    );
    if (next >= 0) go(next, columnAt.value);
    await marked;
  }

  async function exception(outcome: Outcome | null, place?: { row: number; column: number }): Promise<void> {
    const here = at(place);
    if (!here) return;
    const { questions } = batch.cell(here.row, here.column);
    const [only, ...more] = questions;
    if (!only) return;
    const question = more.length === 0 ? only : null;
    opened.value = { row: here.row, questions, question };
    if (question && (outcome === 'fixed' || outcome === 'skipped'))
      await batch.mark(here.row, [question], { outcome });
  }

  function showColumn(toColumn: number | null): void {
    wholeRow.value = toColumn === null;
    go(rowAt.value, toColumn ?? 0);
  }
  function openRow(index: number): void {
    rowAt.value = index;
    const here = row.value;
    if (here)
      opened.value = {
        row: here,
        questions: batch.columns.value.flatMap((each) => batch.cell(here, each).questions),
        question: null,
      };
  }

  const fillable = computed(() => {
    const [here, from] = [column.value, row.value];
    if (!here || !from || batch.cell(from, here).outcome !== 'pass' || batch.cell(from, here).left.length > 0)
      return [];
    return batch.rows.value.slice(rowAt.value + 1).filter((each) => batch.sweepable(each, here).length > 0);
  });
  /** Only soundness is filled: a reading is measured on each bike, a fault is looked at on each. */
  async function fillDown(): Promise<void> {
    const here = column.value;
    if (!here) return;
    const unseen = fillable.value.filter((each) => !wasSeen(each.bike.id));
    if (unseen[0]) {
      said.value = t.bikesNotInSight({ bikes: unseen.length });
      document.querySelector(`[data-batch-row="${unseen[0].bike.tag}"]`)?.scrollIntoView({ block: 'start' });
      return;
    }
    await batch.markMany(
      fillable.value.map((each) => ({
        row: each,
        questions: batch.sweepable(each, here),
        given: { outcome: 'pass' as const },
      })),
    );
  }

  /** What a text would mean in a cell, before it is taken. */
  function meaning(of: BatchBike, into: BatchColumn, text: string): Meaning {
    if (into.kind !== 'question')
      return {
        said: t.valueBelongsOneCheckpoint,
        suggestion: '',
      };
    const question = of.asked.find((each) => each.key === into.key);
    if (!question) return { said: t.tagNotAsked({ tag: of.bike.tag }), suggestion: '' };
    const cell = readCell(text, into.checkpoint, measuredOn(of.bike, question, of.checklist?.checklist));
    if (cell.kind === 'refused') return cellWords(cell, text);
    return {
      question,
      cell,
      ...(cell.kind === 'reading' && cell.unlikely ? cellWords(cell, text) : { said: '', suggestion: '' }),
    };
  }

  function enter(of: BatchBike, into: BatchColumn, text: string, sure: boolean): Entered {
    const { question, cell, said: words, suggestion: instead } = meaning(of, into, text);
    if (!question || !cell || (words && !sure))
      return { taken: false, said: words, suggestion: instead, saved: NOTHING };
    if (cell.kind === 'reading') {
      const from = fromInstrument.value;
      const isSent = from?.text === text && from.place === placeOf(of, into);
      const sent = isSent ? { instrumentId: from.id } : {};
      const { outcome, saved } = batch.read(of, question, { ...cell.reading, ...sent });
      return { taken: true, said: outcome ? '' : verdictWords(cell.reading).words, suggestion: '', saved };
    }
    if (cell.outcome !== 'pass') {
      opened.value = { row: of, questions: [question], question };
      return { taken: true, said: '', suggestion: '', saved: NOTHING };
    }
    if (batch.speaksAgainst(of, question))
      return { taken: false, said: AGAINST, suggestion: '', saved: NOTHING };
    return { taken: true, said: '', suggestion: '', saved: batch.mark(of, [question], { outcome: 'pass' }) };
  }

  /** What came from an instrument, while it stands in the cell as it came. */
  const fromInstrument = ref<{ readonly text: string; readonly id: string; readonly place: string } | null>(
    null,
  );
  const placeOf = (of: BatchBike | null, into: BatchColumn | null | undefined): string =>
    `${of?.bike.id} ${into?.key}`;
  const measureHere = () => {
    const here = column.value;
    const measure = here?.kind === 'question' ? here.checkpoint.measure : undefined;
    return opened.value === null && takesReading(measure) ? measure : null;
  };
  const instrument = useInstrumentField({
    unit: () => {
      const measure = measureHere();
      return measure ? instrumentUnitOf(measure) : null;
    },
    place: () => placeOf(row.value, column.value),
    take: ({ value, equipmentId }) => {
      const measure = measureHere();
      if (!measure) return;
      const before = typing.value?.trim().split(/\s+/).filter(Boolean) ?? [];
      const values = valuesOf(measure).few > 1 ? [...before, String(value)] : [String(value)];
      typing.value = values.join(' ');
      fromInstrument.value = equipmentId
        ? { text: typing.value, id: equipmentId, place: placeOf(row.value, column.value) }
        : null;
      if (values.length >= valuesOf(measure).few) void commit();
    },
  });
  instrument.claim();
  async function commit(move: 'down' | 'right' | 'stay' = 'down'): Promise<boolean> {
    const text = typing.value?.trim() ?? '';
    const here = at();
    if (!here || !text) {
      typing.value = null;
      return true;
    }
    const key = `${here.row.bike.id} ${here.column.key} ${text}`;
    const entered = enter(here.row, here.column, text, askedOnce.value === key);
    if (!entered.taken) {
      said.value = entered.said;
      suggestion.value = entered.suggestion;
      askedOnce.value = key;
      return false; // what was typed stays in the cell
    }
    typing.value = null;
    if (entered.said) said.value = entered.said;
    else if (move === 'down' && opened.value === null) down();
    else if (move === 'right') step(0, 1);
    else if (move === 'stay') said.value = '';
    await entered.saved;
    return entered.said === '';
  }
  async function select(toRow: number, toColumn: number): Promise<void> {
    if (typing.value !== null && !(await commit('stay'))) return;
    go(toRow, toColumn);
  }

  return {
    instrument,
    wholeRow,
    showColumn,
    openRow,
    select,
    rowPass,
    meaning,
    rowAt,
    columnAt,
    row,
    column,
    typing,
    said,
    suggestion,
    opened,
    fillable,
    go,
    step,
    pass,
    exception,
    fillDown,
    commit,
    enter,
  };
}
