import type { DataSource, EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import { canonicalJson, entryText, GENESIS, type EntryKind } from '@cadre/core/records';
import type { EntryBodies, Recorded } from './bodies';
import { hashOf, sha256 } from './digest';
import { chainHeadEntity, entryEntity, type ChainHeadRow, type EntryRow } from './entities';
import { duplicateAsRefusal, RefusedError } from './refusal';

/** What turns an entry into rows. The record does not know what entries mean. */
export interface Projector {
  /** Entries of one act, in order. */
  apply(tx: EntityManager, entries: readonly Recorded[]): Promise<void>;
}

/** What an act will say, decided inside its transaction. Null: there is nothing left to say. */
export type Saying = { readonly [K in EntryKind]: { readonly kind: K; readonly body: EntryBodies[K]; readonly happenedAt?: number } }[EntryKind];

export interface ActInput {
  readonly chain: string;
  /** Given by whoever acts, so that a repeat is known as one. */
  readonly id: string;
  /** What was asked for, to tell a repeat from another act under the same id. */
  readonly request: unknown;
  readonly author: string | null;
}

/** Any scope that holds for the whole act: the entry said, or that it had been said before. */
export interface Outcome {
  readonly repeated: boolean;
}

const DEADLOCK = new Set([1213, 1205]);

/** The record: one hash chain a site, written under the lock of its head, projected in the same transaction. */
export class Record {
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly source: DataSource,
    private readonly projector: Projector,
    private readonly now: () => number,
  ) {}

  /** Runs an act: once by id, in one transaction, again from the start when the database chose it to break a deadlock. */
  async act<T>(
    input: ActInput,
    decide: (tx: EntityManager) => Promise<Saying | readonly Saying[]>,
    answer: (tx: EntityManager, outcome: Outcome) => Promise<T>,
  ): Promise<T> {
    for (let attempt = 1; ; attempt += 1) {
      try {
        const result = await this.source.transaction('READ COMMITTED', async (tx) => {
          const head = await this.lockHead(tx, input.chain);
          if (await this.isRepeat(tx, input)) return answer(tx, { repeated: true });
          const decided = await decide(tx);
          const sayings = Array.isArray(decided) ? (decided as readonly Saying[]) : [decided as Saying];
          await this.append(tx, head, input, sayings);
          return answer(tx, { repeated: false });
        });
        for (const listener of this.listeners) listener();
        return result;
      } catch (error) {
        const errno = (error as { errno?: number }).errno ?? 0;
        if (!DEADLOCK.has(errno) || attempt >= 4) throw duplicateAsRefusal(error);
      }
    }
  }

  /** Tells when this server has written; other servers' writing shows in the chains' heads. */
  onWritten(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  private async lockHead(tx: EntityManager, chain: string): Promise<ChainHeadRow> {
    const heads = tx.getRepository(chainHeadEntity);
    const lock = { where: { chain }, lock: { mode: 'pessimistic_write' as const } };
    const head = await heads.findOne(lock);
    if (head) return head;
    // Only a chain's very first entry makes its head: an insert that finds it there takes a shared lock, and two of those deadlock.
    await tx.query('INSERT IGNORE INTO chain_head (chain, seq, hash) VALUES (?, 0, ?)', [chain, GENESIS]);
    return heads.findOneOrFail(lock);
  }

  private async isRepeat(tx: EntityManager, input: ActInput): Promise<boolean> {
    const before = await tx.getRepository(entryEntity).findOne({ where: { id: input.id }, select: { id: true, requestHash: true } });
    if (!before) return false;
    if (before.requestHash !== hashOf(input.request)) throw new RefusedError('conflict.id-reused', { id: input.id });
    return true;
  }

  private async append(tx: EntityManager, head: ChainHeadRow, input: ActInput, sayings: readonly Saying[]): Promise<void> {
    const policyHash = ((await tx.query('SELECT hash FROM policy_version ORDER BY version DESC LIMIT 1')) as { hash: string }[])[0]?.hash ?? null;
    let { seq, hash: previousHash } = head;
    const rows: Omit<EntryRow, 'ordinal'>[] = [];
    const entries: Recorded[] = [];
    for (const [index, saying] of sayings.entries()) {
      seq += 1;
      const recordedAt = this.now();
      const last = index === sayings.length - 1;
      const entry = {
        chain: input.chain,
        seq,
        previousHash,
        // The last saying carries the act's own id: it is what a repeat is known by.
        id: last ? input.id : newId(),
        kind: saying.kind,
        body: saying.body,
        policyHash,
        author: input.author,
        // No device may say that something happened after it was recorded.
        happenedAt: Math.min(saying.happenedAt ?? recordedAt, recordedAt),
        recordedAt,
      };
      const hash = sha256(entryText(entry));
      rows.push({
        ...entry,
        hash,
        body: canonicalJson(entry.body),
        bikeId: 'bikeId' in saying.body ? saying.body.bikeId : null,
        requestHash: last ? hashOf(input.request) : null,
        happenedAt: new Date(entry.happenedAt),
        recordedAt: new Date(recordedAt),
      });
      entries.push(entry as Recorded);
      previousHash = hash;
    }
    if (rows.length > 0) await tx.getRepository(entryEntity).insert(rows);
    await this.projector.apply(tx, entries);
    await tx.getRepository(chainHeadEntity).update({ chain: head.chain }, { seq, hash: previousHash });
  }
}
