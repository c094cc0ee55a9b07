import type { InjectionKey } from 'vue';
import type { Seen } from '@cadre/web/ui';
import type { BatchCheck } from './batch-bike';
import type { BatchGrid } from './use-batch-grid';
import * as t from './messages';

/** What every part of one batch check works with: its bikes with their marks, and where the cursor stands. */
export const BATCH: InjectionKey<{
  readonly batch: BatchCheck;
  readonly grid: BatchGrid;
  readonly seen: Seen;
}> = Symbol(t.batchCheck2);
