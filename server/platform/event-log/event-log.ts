import { Between, IsNull, LessThan, Not, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import { canonicalJson, entryText, GENESIS } from '@cadre/core/event-log';
import type { ErrorCode } from '@cadre/core/errors';
import { bikeOf, type AnyBodies, type EventOf, type NewEvent, type StoredEvent } from './events';
import type { Chain } from './chain';
import { hashOf, sha256 } from './digest';
import { entryEntity, type EntryRow } from './entities';
import { beginUnder } from './policy-in-force';
import type { RecordKey } from './record-key';
import { duplicateAsRefusal, isDuplicate, RefusedError } from './refusal';
import { storedEvent } from './stored-event';
import { Turns } from './turns';

/** What turns events into rows. The log does not know what its events mean. */
export interface Projector {
  /** Events of one act, in order. */
  apply(tx: EntityManager, events: readonly StoredEvent[]): Promise<void>;
  /** Around a replay of the whole record in one transaction: what only its end shows need not be written before. */
  beginReplay(tx: EntityManager): void;
  endReplay(tx: EntityManager): Promise<void>;
}

export interface Act {
  /** The chain it is written on, found under the lock of its head. */
  readonly chain: Chain;
  /** Given by whoever acts, so that the same act sent again is known. */
  readonly id: string;
  /** What was asked for: the same id with another request is refused. */
  readonly request: unknown;
  readonly author: string | null;
  /** It changes bikes of every site: nothing happens at any of them meanwhile. */
  readonly everySite?: boolean;
}

export interface Outcome<B extends object = AnyBodies> {
  /** It was done before: this is the answer once more. */
  readonly repeated: boolean;
  /** The act's own events of one kind, in order: an answer that is not read off rows is read off these. */
  events<K extends keyof B & string>(kind: K): Promise<readonly EventOf<B, K>[]>;
}

export type Decide<B extends object = AnyBodies> = (
  tx: EntityManager,
) => Promise<NewEvent<B> | readonly NewEvent<B>[]>;

type Answer<B extends object, T> = (tx: EntityManager, outcome: Outcome<B>) => Promise<T>;

const outcomeOf = <B extends object>(
  repeated: boolean,
  events: () => Promise<readonly StoredEvent[]>,
): Outcome<B> => ({
  repeated,
  events: async <K extends keyof B & string>(kind: K) =>
    (await events()).filter((event) => event.kind === kind) as unknown as readonly EventOf<B, K>[],
});

const DEADLOCK = new Set([1213, 1205]);
const ATTEMPTS = 5;

interface Head {
  readonly chain: string;
  readonly seq: number;
  readonly hash: string;
  readonly policyHash: string | null;
  /** The request of an act done before under this id; empty where the id is that of an event within another act. */
  readonly requestHash: string | null;
}

/** What the act is on changed its chain while the lock of the old one was waited for. */
class ChainMoved extends Error {}

/** A little later each time, and not at once with whoever waits too. */
const pause = (attempt: number): Promise<void> =>
  new Promise((done) => setTimeout(done, 2 ** attempt * (5 + 10 * Math.random())));

/**
 * The record: one hash chain a site, written under the lock of its head, projected in the same transaction. A service asks for the log of
 * the events it writes.
 */
export class EventLog<B extends object = AnyBodies> {
  private readonly listeners = new Set<() => void>();
  private readonly turns: Turns;

  constructor(
    private readonly source: DataSource,
    private readonly projector: Projector,
    private readonly now: () => number,
    /** Unique indexes that acts on two chains can both run into, and what the second is told. */
    private readonly taken: Readonly<Record<string, ErrorCode>> = {},
    /** Signs what is written; without it entries are not signed. */
    private readonly key: RecordKey | null = null,
  ) {
    this.turns = new Turns(source);
  }

  /**
   * Does an act once by its id, in one transaction; sent again it is answered without being done. Tried again when the database broke a deadlock with it, and
   * when it failed while a twin of it, sent at the same moment, was done.
   */
  async act<T>(act: Act, decide: Decide<B>, answer: Answer<B, T>): Promise<T> {
    for (let attempt = 1; ; attempt += 1) {
      try {
        const result = await this.turns.take(act.chain, () =>
          this.source.transaction((tx) => this.attempt(tx, act, decide, answer)),
        );
        for (const listener of this.listeners) listener();
        return result;
      } catch (error) {
        if (attempt >= ATTEMPTS || !(await this.isWorthAnother(error, act)))
          throw duplicateAsRefusal(error, this.taken);
        await pause(attempt);
      }
    }
  }

  /** This same log for a service that writes these events only. An event no feature projects is refused when it is written. */
  for<S extends object>(): EventLog<S> {
    return this as unknown as EventLog<S>;
  }

  /** Tells when this server has written; other servers' writing shows in the chains' heads. */
  onWritten(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  private async attempt<T>(tx: EntityManager, act: Act, decide: Decide<B>, answer: Answer<B, T>): Promise<T> {
    const head = await this.lockHead(tx, act);
    if (head.requestHash !== null) return answer(tx, await this.before(tx, act, head.requestHash));
    const decided = await decide(tx);
    const events = await this.append(
      tx,
      head,
      act,
      Array.isArray(decided) ? (decided as readonly NewEvent[]) : [decided as NewEvent],
    );
    return answer(
      tx,
      outcomeOf<B>(false, () => Promise.resolve(events)),
    );
  }

  private async isWorthAnother(error: unknown, act: Act): Promise<boolean> {
    if (error instanceof ChainMoved || DEADLOCK.has((error as { errno?: number }).errno ?? 0)) return true;
    if (!isDuplicate(error) && !(error instanceof RefusedError)) return false;
    if (error instanceof RefusedError && error.code === 'conflict.id-reused') return false;
    return this.source.getRepository(entryEntity).existsBy({ id: act.id });
  }

  /** Locks the head of the act's chain, then reads what every act needs as it is under that lock. */
  private async lockHead(tx: EntityManager, act: Act): Promise<Head> {
    const { sql, values } = act.chain;
    // Past the mapper: one statement finds the chain and locks its head; an inner select takes no lock.
    const lock = async (): Promise<Pick<Head, 'chain' | 'seq' | 'hash'> | undefined> => {
      const heads = await tx.query(
        `SELECT h.chain, h.seq, h.hash FROM chain_head h WHERE h.chain = (${sql}) FOR UPDATE`,
        [...values],
      );
      return (heads as Head[])[0];
    };
    let head = await lock();
    if (!head) {
      const [found] = await tx.query<{ chain: string | null }[]>(`SELECT (${sql}) AS chain`, [...values]);
      if (!found?.chain) return this.headOfDone(tx, act);
      // Only a chain's very first entry makes its head: an insert that finds it there takes a shared lock, and two of those deadlock.
      await tx.query('INSERT IGNORE INTO chain_head (chain, seq, hash, recordedUntil) VALUES (?, 0, ?, ?)', [
        found.chain,
        GENESIS,
        new Date(0),
      ]);
      head = (await lock()) as Head;
    }
    // In one order, after its own: two of these wait for each other and never block each other.
    if (act.everySite)
      await tx.query('SELECT chain FROM chain_head WHERE chain <> ? ORDER BY chain FOR UPDATE', [head.chain]);
    const [known] = await tx.query<
      [Pick<Head, 'policyHash' | 'requestHash'> & { readonly chain: string | null }]
    >(
      `SELECT (SELECT p.hash FROM policy_version p ORDER BY p.version DESC LIMIT 1) AS policyHash, (SELECT COALESCE(e.requestHash, '') FROM entry e WHERE e.id = ?) AS requestHash, (${sql}) AS chain`,
      [act.id, ...values],
    );
    // The bike went to another site while the lock was waited for.
    if (known.chain !== head.chain && known.requestHash === null) throw new ChainMoved();
    beginUnder(tx, known.policyHash);
    return { ...head, policyHash: known.policyHash, requestHash: known.requestHash };
  }

  /** What the act is on is not there (any more): it may be this very act that removed it. */
  private async headOfDone(tx: EntityManager, act: Act): Promise<Head> {
    const done = await tx.getRepository(entryEntity).findOneBy({ id: act.id });
    if (!done) throw act.chain.missing();
    return {
      chain: done.chain,
      seq: done.seq,
      hash: done.hash,
      policyHash: done.policyHash,
      requestHash: done.requestHash ?? '',
    };
  }

  private async before(tx: EntityManager, act: Act, requestHash: string): Promise<Outcome<B>> {
    if (requestHash !== hashOf(act.request))
      throw new RefusedError(
        'conflict.id-reused',
        { id: act.id },
        { current: await this.requestOf(tx, act.id) },
      );
    return outcomeOf<B>(true, () => this.eventsOf(tx, act.id));
  }

  /** What was done under an id, for whoever used it twice. */
  private async requestOf(tx: EntityManager, id: string): Promise<unknown> {
    const { kind, body, recordedAt } = await tx.getRepository(entryEntity).findOneByOrFail({ id });
    return { kind, body: JSON.parse(body) as unknown, recordedAt: recordedAt.getTime() };
  }

  /** The events of an act: its last, which has its id, and those before it back to the last of the act before. */
  private async eventsOf(tx: EntityManager, id: string): Promise<readonly StoredEvent[]> {
    const entries = tx.getRepository(entryEntity);
    const { chain, seq } = await entries.findOneByOrFail({ id });
    const before = await entries.findOne({
      where: { chain, seq: LessThan(seq), requestHash: Not(IsNull()) },
      order: { seq: 'DESC' },
    });
    const own = await entries.find({
      where: { chain, seq: Between((before?.seq ?? 0) + 1, seq) },
      order: { seq: 'ASC' },
    });
    return own.map(storedEvent);
  }

  private async append(
    tx: EntityManager,
    head: Head,
    act: Act,
    decided: readonly NewEvent[],
  ): Promise<readonly StoredEvent[]> {
    let { seq, hash: previousHash } = head;
    const rows: Omit<EntryRow, 'ordinal'>[] = [];
    const events: StoredEvent[] = [];
    for (const [index, event] of decided.entries()) {
      seq += 1;
      const recordedAt = this.now();
      const last = index === decided.length - 1;
      const entry = {
        chain: head.chain,
        seq,
        previousHash,
        // The last event carries the act's own id: it is what a repeat is known by.
        id: last ? act.id : newId(),
        kind: event.kind,
        body: event.body,
        policyHash: head.policyHash,
        author: act.author,
        // No device may say that something happened after it was recorded.
        happenedAt: Math.min(event.happenedAt ?? recordedAt, recordedAt),
        recordedAt,
      };
      const hash = sha256(entryText(entry));
      rows.push({
        ...entry,
        hash,
        body: canonicalJson(entry.body),
        bikeId: bikeOf(event),
        requestHash: last ? hashOf(act.request) : null,
        happenedAt: new Date(entry.happenedAt),
        recordedAt: new Date(recordedAt),
        signature: this.key?.sign(hash) ?? null,
      });
      events.push(entry);
      previousHash = hash;
    }
    if (rows.length === 0) return [];
    await tx.getRepository(entryEntity).insert(rows);
    await this.projector.apply(tx, events);
    await tx.query(
      'UPDATE chain_head SET seq = ?, hash = ?, recordedUntil = GREATEST(recordedUntil, ?) WHERE chain = ?',
      [seq, previousHash, new Date(Math.max(...events.map((event) => event.recordedAt))), head.chain],
    );
    return events;
  }
}
