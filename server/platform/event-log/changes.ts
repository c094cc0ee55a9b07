import { MoreThan, type DataSource } from 'typeorm';
import type { Change } from '@cadre/contract/timeline';
import { chainHeadEntity, entryEntity, type EntryRow } from './entities';

export type Cursor = ReadonlyMap<string, number>;

/** "chain:seq;chain:seq", as the stream's event id. Anything else is no cursor. */
export function parseCursor(text: string | undefined): Cursor | null {
  if (!text) return null;
  const pairs = text.split(';').map((pair) => /^([0-9a-f-]{36}):(\d{1,10})$/.exec(pair));
  if (pairs.some((pair) => pair === null)) return null;
  return new Map(pairs.map((pair) => [pair?.[1] ?? '', Number(pair?.[2])]));
}

export function cursorText(cursor: Cursor): string {
  return [...cursor].map(([chain, seq]) => `${chain}:${seq}`).join(';');
}

export function changeOf(row: EntryRow): Change {
  return {
    chain: row.chain,
    seq: row.seq,
    kind: row.kind,
    bikeId: row.bikeId,
    author: row.author,
    happenedAt: row.happenedAt.getTime(),
    recordedAt: row.recordedAt.getTime(),
  };
}

/** How much a browser that was away is told of what it missed; one that missed more begins anew from now. */
export const MOST_MISSED = 500;

/** Reads what was written after a cursor, whoever wrote it. */
export class Changes {
  constructor(private readonly source: DataSource) {}

  async heads(): Promise<Map<string, number>> {
    const heads = await this.source
      .getRepository(chainHeadEntity)
      .find({ select: { chain: true, seq: true } });
    return new Map(heads.map((head) => [head.chain, head.seq]));
  }

  /** What follows the cursor, at most so many a chain, in order within each. */
  async after(cursor: Cursor): Promise<Change[]> {
    const changes: Change[] = [];
    for (const [chain, seq] of await this.heads()) {
      const seen = cursor.get(chain) ?? 0;
      if (seq <= seen) continue;
      const rows = await this.source
        .getRepository(entryEntity)
        .find({ where: { chain, seq: MoreThan(seen) }, order: { seq: 'ASC' }, take: MOST_MISSED });
      changes.push(...rows.map(changeOf));
    }
    return changes;
  }
}
