import Papa from 'papaparse';
import {
  dateQuestion,
  defuse,
  findHeadings,
  guessColumns,
  planDocument,
  planImport,
  wordQuestions,
  writeTable,
  type Column,
  type ColumnGuess,
  type FleetBike,
  type FleetDocument,
  type ImportAnswers,
  type ImportPlan,
  type PlannedRow,
  type WordQuestion,
} from '@cadre/core/exchange';
import { readFile, type FileFault } from './read-file';
import * as t from './messages';

export type Opened =
  | { readonly kind: 'fault'; readonly fault: FileFault; readonly detail: string }
  | { readonly kind: 'document'; readonly bikes: number }
  | {
      readonly kind: 'table';
      readonly headings: readonly string[];
      readonly guesses: readonly ColumnGuess[];
      readonly samples: readonly (readonly string[])[];
      readonly rows: number;
      readonly written: string;
    };

export interface Questions {
  readonly words: readonly WordQuestion[];
  readonly dates: ReturnType<typeof dateQuestion>;
}

export interface Preview extends Omit<ImportPlan, 'rows'> {
  readonly counts: Readonly<Record<PlannedRow['act'], number>>;
  /** The first of each; there may be thousands. */
  readonly wrong: readonly Extract<PlannedRow, { act: 'wrong' }>[];
  readonly changed: readonly Extract<PlannedRow, { act: 'change' }>[];
  readonly added: readonly FleetBike[];
}

/** A row ready to come in. */
export interface GoodRow {
  readonly line: number;
  readonly bike: FleetBike;
  readonly isNew: boolean;
}

const SHOWN = 300;

/** Where a file lies open: it is read, asked about, planned and copied out here, off the screen's own thread. */
export class Desk {
  private rows: readonly (readonly string[])[] = [];
  private headingAt = 0;
  private document: FleetDocument | null = null;
  private plan: ImportPlan | null = null;

  async open(file: Blob, remembered: Readonly<Record<string, string>>): Promise<Opened> {
    const read = await readFile(file);
    this.document = null;
    this.plan = null;
    if (read.kind === 'fault') return read;
    if (read.kind === 'document') {
      this.document = read.document;
      return { kind: 'document', bikes: read.document.bikes.length };
    }
    const at = findHeadings(read.rows, remembered);
    if (at === null)
      return {
        kind: 'fault',
        fault: 'no-headings',
        detail: (read.rows.find((row) => row.some((cell) => cell.trim() !== '')) ?? [])
          .slice(0, 4)
          .join(' · '),
      };
    this.rows = read.rows;
    this.headingAt = at;
    const headings = (read.rows[at] ?? []).map((cell) => cell.trim());
    const below = this.below();
    return {
      kind: 'table',
      headings,
      guesses: guessColumns(headings, remembered),
      samples: headings.map((_, index) => samplesOf(below, index)),
      rows: below.length,
      written: read.written,
    };
  }

  private below(): readonly (readonly string[])[] {
    return this.rows.slice(this.headingAt + 1);
  }

  questions(columns: readonly (Column | null)[]): Questions {
    return { words: wordQuestions(this.below(), columns), dates: dateQuestion(this.below(), columns) };
  }

  preview(answers: ImportAnswers, fleet: FleetDocument): Preview {
    const plan = this.document
      ? planDocument(this.document, answers, fleet)
      : planImport(this.below(), this.headingAt + 2, answers, fleet);
    this.plan = plan;
    const counts = { add: 0, change: 0, same: 0, wrong: 0, skip: 0 };
    for (const row of plan.rows) counts[row.act] += 1;
    return {
      counts,
      sites: plan.sites,
      racks: plan.racks,
      models: plan.models,
      wrong: plan.rows.filter((row) => row.act === 'wrong').slice(0, SHOWN),
      changed: plan.rows.filter((row) => row.act === 'change').slice(0, SHOWN),
      added: plan.rows.flatMap((row) => (row.act === 'add' ? [row.bike] : [])).slice(0, 8),
    };
  }

  /** The sites a fleet file brings, with their zones and opening times. */
  sites(): FleetDocument['sites'] {
    return this.document?.sites ?? [];
  }

  good(): readonly GoodRow[] {
    return (this.plan?.rows ?? []).flatMap((row) =>
      row.act === 'add' || row.act === 'change'
        ? [{ line: row.line, bike: row.bike, isNew: row.act === 'add' }]
        : [],
    );
  }

  wrong(): Preview['wrong'] {
    return (this.plan?.rows ?? []).filter((row) => row.act === 'wrong');
  }

  /** What did not come in, as it stood in the file, with why: to be corrected and brought in again. */
  badRows(reasons: Readonly<Record<number, string>>): string {
    const lines = Object.keys(reasons)
      .map(Number)
      .sort((a, b) => a - b);
    const table = this.document
      ? [
          [t.tag, t.reason],
          ...lines.map((line) => [this.document?.bikes[line - 1]?.tag ?? '', reasons[line] ?? '']),
        ]
      : [
          [...(this.rows[this.headingAt] ?? []), t.reason],
          ...lines.map((line) => [...(this.rows[line - 1] ?? []), reasons[line] ?? '']),
        ];
    return Papa.unparse(
      table.map((row) => row.map(defuse)),
      { newline: '\r\n' },
    );
  }
}

function samplesOf(rows: readonly (readonly string[])[], index: number): readonly string[] {
  return [...new Set(rows.map((row) => (row[index] ?? '').trim()).filter(Boolean))].slice(0, 3);
}

/** A fleet as comma separated values: the same fleet is always the same bytes. */
export function fleetCsv(fleet: FleetDocument): string {
  return `${Papa.unparse(
    writeTable(fleet).map((row) => row.map(defuse)),
    { newline: '\r\n' },
  )}\r\n`;
}

export function fleetJson(fleet: FleetDocument): string {
  return `${JSON.stringify(fleet, null, 2)}\n`;
}
