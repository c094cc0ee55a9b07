/** A bike of the batch, as far as pasting goes. */
export interface BatchRow {
  readonly id: string;
  readonly tag: string;
}

/** The texts of one pasted row, for the bike it belongs to: the first for the column one stands in, the others to its right. */
export interface PastedRow {
  readonly bikeId: string;
  readonly texts: readonly string[];
  /** Which line of what was pasted, from 1. */
  readonly line: number;
}

export type PasteIssue =
  | { readonly code: 'unknown-tag'; readonly line: number; readonly text: string }
  | { readonly code: 'tag-twice'; readonly line: number; readonly text: string }
  /** More lines than bikes from here down: these found no bike. */
  | { readonly code: 'too-many'; readonly lines: readonly number[] }
  /** Fewer lines than bikes from here down: these got nothing. */
  | { readonly code: 'too-few'; readonly tags: readonly string[] };

export interface Pasted {
  readonly by: 'tag' | 'order';
  readonly rows: readonly PastedRow[];
  readonly issues: readonly PasteIssue[];
}

const same = (tag: string): string => tag.trim().toUpperCase();

/**
 * Places a pasted column (tabs or semicolons between columns) on the bikes of a batch: by tag when its first column is mostly
 * tags of the batch, else by order from the row one stands in. Whatever does not fit is told, by line or by tag; nothing is guessed.
 */
export function placePasted(text: string, rows: readonly BatchRow[], from: number): Pasted {
  const lines = text.replace(/\r/g, '').replace(/\n+$/, '').split('\n');
  const cells = lines.map((line) => line.split(/[\t;]/).map((cell) => cell.trim()));
  const byTag = new Map(rows.map((row) => [same(row.tag), row]));
  const tagged = cells.filter((line) => line.length > 1 && byTag.has(same(line[0] ?? ''))).length;
  return tagged * 2 > cells.length ? placeByTag(cells, byTag) : placeByOrder(cells, rows.slice(from));
}

function placeByTag(cells: readonly (readonly string[])[], byTag: ReadonlyMap<string, BatchRow>): Pasted {
  const placed = new Map<string, PastedRow>();
  const issues: PasteIssue[] = [];
  for (const [index, [tag = '', ...texts]] of cells.entries()) {
    const row = byTag.get(same(tag));
    if (!row) issues.push({ code: 'unknown-tag', line: index + 1, text: tag });
    else if (placed.has(row.id)) issues.push({ code: 'tag-twice', line: index + 1, text: row.tag });
    else placed.set(row.id, { bikeId: row.id, texts, line: index + 1 });
  }
  return { by: 'tag', rows: [...placed.values()], issues };
}

function placeByOrder(cells: readonly (readonly string[])[], rows: readonly BatchRow[]): Pasted {
  const issues: PasteIssue[] = [];
  if (cells.length > rows.length)
    issues.push({
      code: 'too-many',
      lines: Array.from({ length: cells.length - rows.length }, (_, index) => rows.length + index + 1),
    });
  if (cells.length < rows.length && cells.length > 1)
    issues.push({ code: 'too-few', tags: rows.slice(cells.length).map((row) => row.tag) });
  return {
    by: 'order',
    rows: cells
      .slice(0, rows.length)
      .map((texts, index) => ({ bikeId: rows[index]?.id ?? '', texts, line: index + 1 })),
    issues,
  };
}
