import {
  accessoriesIn,
  BUILD_WORDS,
  plain,
  sprocketsIn,
  USUAL_BUILD,
  wordFor,
  type BikeKind,
  type Build,
  type BuildWord,
  type ReadWord,
} from '@cadre/core/fleet';
import { PAIRED, type Column, type Paired } from './columns';
import { nearestOf } from '@cadre/core/spelling';
import type { RowIssue } from './planned';

/** What somebody said a word of the file means: by column, by its plain spelling. An empty answer leaves the cell out. */
export type WordAnswers = Readonly<Record<string, Readonly<Record<string, string>>>>;

/** Columns of the file whose cells are words of the build. */
export type WordColumn = BuildWord | Paired | 'sprockets' | 'accessories';

const isPaired = (column: string): column is Paired => (PAIRED as readonly string[]).includes(column);
const isWord = (column: string): column is BuildWord => Object.hasOwn(BUILD_WORDS, column);

export function isWordColumn(column: Column | null): column is WordColumn {
  return (
    column !== null &&
    (isPaired(column) || isWord(column) || column === 'sprockets' || column === 'accessories')
  );
}

/** The words a column may have, for a person to choose from. */
export function wordsOf(column: WordColumn): readonly string[] {
  if (column === 'sprockets') return Array.from({ length: 14 }, (_, index) => String(index + 1));
  if (column === 'accessories') return [];
  const field: BuildWord = isPaired(column) ? `${column}Front` : column;
  return BUILD_WORDS[field];
}

/** What one cell of a column is likely to mean. */
export function readWord(column: WordColumn, text: string): ReadWord | null {
  if (column === 'sprockets') return sprocketsIn(text);
  if (column === 'accessories') {
    const { found, unknown } = accessoriesIn(text);
    return unknown.length > 0 ? null : { word: found.join(', '), sure: true };
  }
  return wordFor(isPaired(column) ? `${column}Front` : column, text);
}

export interface WordQuestion {
  readonly column: WordColumn;
  readonly text: string;
  readonly times: number;
  readonly proposal: string | null;
}

/** Words of the file that are not read for certain, each once, with a proposal: what a person is asked before the plan. */
export function wordQuestions(
  rows: readonly (readonly string[])[],
  columns: readonly (Column | null)[],
): readonly WordQuestion[] {
  return columns.flatMap((column, index): WordQuestion[] => {
    if (!isWordColumn(column)) return [];
    const seen = new Map<string, { text: string; times: number }>();
    for (const row of rows) {
      const text = (row[index] ?? '').trim();
      if (text === '' || text.length > 80) continue;
      const known = seen.get(plain(text));
      seen.set(plain(text), { text: known?.text ?? text, times: (known?.times ?? 0) + 1 });
    }
    return [...seen.values()].flatMap(({ text, times }) => {
      const read = readWord(column, text);
      return read?.sure ? [] : [{ column, text, times, proposal: read?.word ?? null }];
    });
  });
}

interface Source {
  readonly cells: ReadonlyMap<Column, string>;
  readonly words: WordAnswers;
  /** What the row is built on: the bike as it stands, or its model. */
  readonly base: Build | null;
  readonly size: string;
}

/** A build out of a row: what the bike or its model has, with what the row says over it. Null when even the kind is open. */
export function readBuild(source: Source, issues: RowIssue[]): Build | null {
  const said = new Map<WordColumn, string>();
  for (const [column, cell] of source.cells) {
    const text = cell.trim();
    if (!isWordColumn(column) || text === '') continue;
    const answered = source.words[column]?.[plain(text)];
    if (answered === '') continue;
    const read = answered !== undefined ? { word: answered, sure: true } : readWord(column, text);
    if (!read)
      issues.push({
        column,
        code: 'word-unknown',
        value: text,
        correction: column === 'accessories' ? null : nearestOf(text, wordsOf(column)),
      });
    else if (!read.sure) issues.push({ column, code: 'word-unsure', value: text, correction: read.word });
    else said.set(column, read.word);
  }
  const kind = said.get('kind') as BikeKind | undefined;
  const base =
    source.base && (!kind || source.base.kind === kind)
      ? source.base
      : kind
        ? USUAL_BUILD[kind]
        : source.base;
  if (!base) {
    if (!issues.some((issue) => issue.column === 'kind'))
      issues.push({ column: 'kind', code: 'kind-missing', value: '', correction: null });
    return null;
  }
  const build: Record<string, unknown> = { ...base };
  // A child's bike is sold by its wheel: "24 in" in the column of sizes says how big that is.
  const bySize = base.kind === 'child' && !source.base ? wordFor('wheelSizeFront', source.size) : null;
  if (bySize?.sure) Object.assign(build, { wheelSizeFront: bySize.word, wheelSizeRear: bySize.word });
  for (const column of PAIRED) {
    const word = said.get(column);
    if (word) Object.assign(build, { [`${column}Front`]: word, [`${column}Rear`]: word });
  }
  // A trike's and a child's rear brake follow their kind when a list says one brake for both.
  if (said.has('brake') && !said.has('brakeRear') && base.brakeRear === 'none') build.brakeRear = 'none';
  for (const [column, word] of said) {
    if (isWord(column)) build[column] = word;
    if (column === 'sprockets') build.sprockets = Number(word);
    if (column === 'accessories') build.accessories = accessoriesIn(word).found;
  }
  // "11sp" in a column of gears says how many sprockets there are as well.
  const counted =
    said.has('sprockets') || build.gears !== 'derailleur'
      ? null
      : sprocketsIn((source.cells.get('gears') ?? '').trim());
  if (counted) build.sprockets = Number(counted.word);
  return impliedGears(build as unknown as Build, said);
}

/** "10sp" in a list that has no column of gears says there is a derailleur; one sprocket with nothing said leaves the kind's own. */
function impliedGears(build: Build, said: ReadonlyMap<WordColumn, string>): Build {
  if (said.has('gears') || !said.has('sprockets') || build.sprockets < 5 || build.gears === 'derailleur')
    return build;
  return { ...build, gears: 'derailleur' };
}
