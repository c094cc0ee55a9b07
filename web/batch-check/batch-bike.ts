import { type ComputedRef, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { type Question } from '@cadre/core/catalogue';
import { type MarkOutcome, type Progress, type Answer } from '@cadre/core/checks';
import { type BatchCell, type BatchColumn, type TypedReading } from '@cadre/core/batch-check';
import { type SavedCheck } from '@cadre/web/platform/local-db';
import { type Said } from '@cadre/web/platform/api';
import { type MarkGiven, type NamedChecklist } from '@cadre/web/checks';

/** One bike of the batch, with what its check says so far. */
export interface BatchBike {
  readonly bike: Bike;
  readonly checklist: NamedChecklist | null;
  readonly asked: readonly Question[];
  readonly answers: ReadonlyMap<string, Answer>;
  readonly progress: Progress;
  /** Everything asked has a mark, and nothing critical is missing. */
  readonly complete: boolean;
  readonly state: 'untouched' | SavedCheck['state'];
  readonly unsent: number;
  readonly authors: readonly string[];
}

export interface BatchCheck {
  readonly rows: ComputedRef<readonly BatchBike[]>;
  readonly columns: ComputedRef<readonly BatchColumn[]>;
  readonly ready: Ref<boolean>;
  /** Why the checklists could not be had. */
  readonly trouble: Ref<Said | null>;
  /** Asks for the checklists again. */
  loadChecklists(): Promise<void>;
  readonly signable: ComputedRef<readonly BatchBike[]>;
  readonly undoable: ComputedRef<boolean>;
  cell(row: BatchBike, column: BatchColumn): BatchCell;
  /** What a sweep of the cell may mark: not what this person gives one by one, nor what a reading speaks against. */
  sweepable(row: BatchBike, column: BatchColumn): readonly Question[];
  /** The same for a sweep over several looks of a row: what is given one by one is left out even where it stands alone. */
  rowSweepable(row: BatchBike, column: BatchColumn): readonly Question[];
  typed(row: BatchBike, column: BatchColumn): TypedReading | null;
  mark(row: BatchBike, questions: readonly Question[], given: Omit<MarkGiven, 'way'>): Promise<void>;
  /** Marks many bikes as one act that is undone as one. */
  markMany(
    each: readonly {
      readonly row: BatchBike;
      readonly questions: readonly Question[];
      readonly given: Omit<MarkGiven, 'way'>;
    }[],
  ): Promise<void>;
  /** What was measured lies outside what is marked: it is fixed or a fault, never a pass. */
  speaksAgainst(row: BatchBike, question: Pick<Question, 'key'>): boolean;
  /** Takes a reading; answers the outcome it had by itself, if any. */
  read(
    row: BatchBike,
    question: Question,
    reading: TypedReading,
  ): { readonly outcome: MarkOutcome | null; readonly saved: Promise<void> };
  /** The lead leaves the verdict of a reading aside, and why; and why it was. */
  leaveAside(row: BatchBike, question: Question, reason: string): void;
  asideOf(row: BatchBike, question: Pick<Question, 'key'>): string;
  undo(): Promise<void>;
  signAll(): Promise<number>;
}
