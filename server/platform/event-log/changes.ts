import { MoreThan, type DataSource } from 'typeorm';
import type { Change } from '@cadre/contract/timeline';
import { chainHeadEntity, entryEntity, type EntryRow } from './entities';
import type { EventLog } from './event-log';

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

const POLL_MS = 500;

/**
 * The live stream's source: looks at the chains' heads now and then (another server may have written) and
 * at once when this server wrote. It asks nothing while nobody listens.
 */
export class Changes {
  private readonly wakers = new Set<() => void>();
  private timer: ReturnType<typeof setInterval> | null = null;

  constructor(
    private readonly source: DataSource,
    log: Pick<EventLog, 'onWritten'>,
  ) {
    log.onWritten(() => this.wake());
  }

  private wake(): void {
    for (const waker of this.wakers) waker();
  }

  async heads(): Promise<Map<string, number>> {
    const heads = await this.source.getRepository(chainHeadEntity).find();
    return new Map(heads.map((head) => [head.chain, head.seq]));
  }

  private async after(cursor: Map<string, number>): Promise<Change[]> {
    const heads = await this.heads();
    const changes: Change[] = [];
    for (const [chain, seq] of heads) {
      const seen = cursor.get(chain) ?? 0;
      if (seq <= seen) continue;
      const rows = await this.source
        .getRepository(entryEntity)
        .find({ where: { chain, seq: MoreThan(seen) }, order: { seq: 'ASC' }, take: 500 });
      changes.push(...rows.map(changeOf));
      cursor.set(chain, rows.at(-1)?.seq ?? seen);
    }
    return changes;
  }

  /** Tells every change after the cursor, in order within a chain, until stopped. */
  follow(
    start: Cursor,
    tell: (change: Change, cursor: string) => void,
    failed: (error: unknown) => void,
  ): () => void {
    const cursor = new Map(start);
    let running = false;
    let again = false;
    const look = (): void => {
      if (running) {
        again = true;
        return;
      }
      running = true;
      this.after(cursor)
        .then((found) => found.forEach((change) => tell(change, cursorText(cursor))))
        .catch(failed)
        .finally(() => {
          running = false;
          if (again) {
            again = false;
            look();
          }
        });
    };
    this.wakers.add(look);
    this.timer ??= setInterval(() => this.wake(), POLL_MS);
    look();
    return () => {
      this.wakers.delete(look);
      if (this.wakers.size === 0 && this.timer) {
        clearInterval(this.timer);
        this.timer = null;
      }
    };
  }
}
