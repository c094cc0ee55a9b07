import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { placePasted, type BatchColumn, type PasteIssue } from '@cadre/core/batch-check';
import type { BatchCheck, BatchBike } from './batch-bike';
import type { BatchGrid } from './use-batch-grid';
import * as t from './messages';

/** One pasted text, for the cell it belongs to, and what it would mean there. */
export interface PastedCell {
  readonly row: BatchBike;
  readonly column: BatchColumn;
  readonly text: string;
  readonly line: number;
  readonly ready: boolean;
  readonly said: string;
}

export interface Paste {
  readonly text: Ref<string>;
  readonly by: ComputedRef<'tag' | 'order'>;
  readonly cells: ComputedRef<readonly PastedCell[]>;
  readonly issues: ComputedRef<readonly PasteIssue[]>;
  readonly ready: ComputedRef<readonly PastedCell[]>;
  /** Takes what is ready; what is not stays in the text to be corrected. Answers what each taken number said. */
  take(): Promise<readonly string[]>;
}

/** A pasted column on its way into the batch: nothing is taken before it is shown where it goes. */
export function usePaste(batch: BatchCheck, grid: BatchGrid, first: string): Paste {
  const text = ref(first);
  const from = grid.rowAt.value;
  const left = grid.columnAt.value;
  const placed = computed(() =>
    text.value.trim()
      ? placePasted(
          text.value,
          batch.rows.value.map(({ bike }) => ({ id: bike.id, tag: bike.tag })),
          from,
        )
      : { by: 'order' as const, rows: [], issues: [] },
  );
  const cells = computed((): PastedCell[] => {
    const byId = new Map(batch.rows.value.map((row) => [row.bike.id, row]));
    return placed.value.rows.flatMap((pasted) =>
      pasted.texts.flatMap((each, index): PastedCell[] => {
        const row = byId.get(pasted.bikeId);
        const column = batch.columns.value[left + index];
        const last = batch.columns.value.at(-1);
        if (!row || !each || !last) return [];
        if (!column)
          return [
            {
              row,
              column: last,
              text: each,
              line: pasted.line,
              ready: false,
              said: t.batchHasNoColumn,
            },
          ];
        const meaning = grid.meaning(row, column, each);
        const byHand = meaning.cell?.kind === 'outcome' && meaning.cell.outcome !== 'pass';
        const said = byHand ? t.chooseFaultInBikes : meaning.said;
        return [{ row, column, text: each, line: pasted.line, ready: !said, said }];
      }),
    );
  });
  const ready = computed(() => cells.value.filter((each) => each.ready));

  async function take(): Promise<readonly string[]> {
    const words: string[] = [];
    const taken = new Set(ready.value.map((each) => each.line));
    for (const each of cells.value.filter((one) => !one.ready)) taken.delete(each.line);
    for (const issue of placed.value.issues)
      if (issue.code === 'unknown-tag' || issue.code === 'tag-twice') taken.delete(issue.line);
    for (const { row, column, text: value } of ready.value) {
      const { said, saved } = grid.enter(row, column, value, false);
      await saved;
      if (said) words.push(`${row.bike.tag}: ${said}`);
    }
    // Lines left over carry their tag, so that they still find their bike when the list is shorter.
    const tagOf = new Map(
      placed.value.rows.map((row) => [
        row.line,
        batch.rows.value.find((each) => each.bike.id === row.bikeId)?.bike.tag ?? '',
      ]),
    );
    text.value = text.value
      .split('\n')
      .map((each, index) => ({ each, at: index + 1 }))
      .filter(({ each, at }) => each.trim() && !taken.has(at))
      .map(({ each, at }) =>
        placed.value.by === 'order' && tagOf.get(at) ? `${tagOf.get(at)}\t${each}` : each,
      )
      .join('\n');
    return words;
  }
  return {
    text,
    by: computed(() => placed.value.by),
    cells,
    issues: computed(() => placed.value.issues),
    ready,
    take,
  };
}
