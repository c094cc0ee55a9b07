import type { BikeKind, Build, FitList } from '@cadre/core/fleet';
import type { Column } from './columns';
import type { DateOrder } from './dates';
import type { FleetBike } from './document';
import type { WordAnswers } from './read-build';

/** What is wrong with one field of one row, as a code; `correction` is what would put it right, where that can be told. */
export interface RowIssue {
  readonly column: Column | null;
  readonly code: RowIssueCode;
  readonly value: string;
  readonly correction: string | null;
}
export const ROW_ISSUE_CODES = [
  'tag-missing',
  'tag-form',
  'tag-twice',
  'tag-in-fleet',
  'kind-missing',
  'model-missing',
  'word-unknown',
  'word-unsure',
  'date-unread',
  'number-unread',
  'out-of-range',
  'too-long',
  'site-unknown',
  'rack-unknown',
  'hook-unknown',
  'hook-taken',
  'hook-twice',
  'rack-full',
  'refused',
] as const;
export type RowIssueCode = (typeof ROW_ISSUE_CODES)[number];

export interface Difference {
  readonly column: Column;
  readonly before: string;
  readonly after: string;
}

/** What becomes of one line of the file. */
export type PlannedRow =
  | { readonly line: number; readonly act: 'add'; readonly bike: FleetBike }
  | {
      readonly line: number;
      readonly act: 'change';
      readonly bike: FleetBike;
      readonly differences: readonly Difference[];
    }
  | { readonly line: number; readonly act: 'same'; readonly bike: FleetBike }
  | {
      readonly line: number;
      readonly act: 'wrong';
      readonly tag: string;
      readonly issues: readonly RowIssue[];
    }
  | { readonly line: number; readonly act: 'skip'; readonly why: 'blank' | 'total' };

export interface ImportAnswers {
  readonly columns: readonly (Column | null)[];
  /** How words of the file are to be read, by column and plain spelling. */
  readonly words: WordAnswers;
  readonly dateOrder: DateOrder;
  /** Change bikes whose tag is in the fleet already; otherwise such a row is wrong. */
  readonly update: boolean;
  /** Make sites, racks and hooks the file names and the fleet has not. */
  readonly makePlaces: boolean;
  /** What a bike's model is called when its row names none. */
  readonly kindNames: Readonly<Record<BikeKind, string>>;
  /** Where bikes go whose row names no site. */
  readonly site: string;
}

export interface PlaceToMake {
  readonly site: string;
  readonly rack: string;
  readonly hooksBefore: number;
  readonly hooks: number;
}

export interface ImportPlan {
  readonly rows: readonly PlannedRow[];
  readonly sites: readonly string[];
  readonly racks: readonly PlaceToMake[];
  readonly models: readonly { readonly name: string; readonly build: Build; readonly fit: FitList }[];
}
