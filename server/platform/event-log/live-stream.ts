import type { Response } from 'express';
import type { Change } from '@cadre/contract/timeline';
import { cursorText, MOST_MISSED, type Changes, type Cursor } from './changes';
import { sha256 } from './digest';
import type { EventLog } from './event-log';
import { RefusedError } from './refusal';

const POLL_MS = 500;
/** What is written within so long of each other is told together. */
const GATHER_MS = 50;
const BEAT_MS = 20_000;
/** Open at once in one session; a browser has six connections to a server. */
const MOST_STREAMS = 12;
/** Whoever reads slower than they are told is let go, and catches up when they come again. */
const MOST_UNREAD = 1 << 20;

interface Told {
  readonly chain: string;
  readonly seq: number;
  readonly bikeId: string | null;
  readonly text: string;
}
interface Listener {
  readonly res: Response;
  readonly session: string;
  /** Only bikes of these sites; null: all. */
  readonly sites: ReadonlySet<string> | null;
  /** Up to where it was told what it had missed. */
  from: Cursor;
  joined: boolean;
}

export interface LiveStreamDeps {
  readonly log: Pick<EventLog, 'onWritten'>;
  readonly changes: Changes;
  /** Bikes as they are now, by id: told with their change, so that nobody has to ask for them. */
  readonly bikesNow: (ids: readonly string[]) => Promise<ReadonlyMap<string, unknown>>;
  /** Which of these sessions go on. */
  readonly goingOn: (sessions: readonly string[]) => Promise<ReadonlySet<string>>;
  readonly failed: (error: unknown) => void;
}

/**
 * Server-sent events: every change as it comes to all who listen, and a beat so that dead lines are noticed. The chains are looked at once
 * for all of them, now and then (another server may have written) and when this server wrote; not at all while nobody listens.
 */
export class LiveStream {
  private readonly listeners = new Set<Listener>();
  private timers: ReturnType<typeof setInterval>[] = [];
  /** Up to where everything was told. */
  private told: Map<string, number> | null = null;
  /** Digests of bikes as they were told last. */
  private readonly rows = new Map<string, string>();
  private gathering: ReturnType<typeof setTimeout> | null = null;
  private work: Promise<void> = Promise.resolve();

  constructor(private readonly deps: LiveStreamDeps) {
    deps.log.onWritten(() => this.wake());
  }

  /** Opens the stream of one session, from where its browser was. */
  open(
    res: Response,
    options: {
      readonly session: string;
      readonly start: Cursor | null;
      readonly sites: ReadonlySet<string> | null;
    },
  ): void {
    const { session, start, sites } = options;
    const own = [...this.listeners].filter((each) => each.session === session);
    if (own.length >= MOST_STREAMS) throw new RefusedError('server.busy');
    const listener: Listener = { res, session, sites, from: start ?? new Map(), joined: false };
    this.listeners.add(listener);
    res.on('close', () => this.leave(listener));
    res.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      connection: 'keep-alive',
      'x-accel-buffering': 'no',
    });
    this.next(() => this.join(listener, start !== null));
    if (this.timers.length === 0)
      this.timers = [
        setInterval(() => this.wake(), POLL_MS),
        setInterval(() => this.next(() => this.beat()), BEAT_MS),
      ];
  }

  private leave(listener: Listener): void {
    this.listeners.delete(listener);
    if (this.listeners.size > 0) return;
    this.timers.forEach(clearInterval);
    this.timers = [];
    this.told = null;
    this.rows.clear();
  }

  /** One thing after another: what is told keeps its order. */
  private next(work: () => Promise<void>): void {
    this.work = this.work.then(work).catch(this.deps.failed);
  }

  private wake(): void {
    if (this.listeners.size === 0) return;
    this.gathering ??= setTimeout(() => {
      this.gathering = null;
      this.next(() => this.look());
    }, GATHER_MS);
  }

  private async join(listener: Listener, catchUp: boolean): Promise<void> {
    const heads = await this.deps.changes.heads();
    this.told ??= heads;
    listener.res.write('event: hello\ndata: {}\n\n');
    const missed = catchUp ? await this.deps.changes.after(listener.from) : [];
    const tooMany = missed.length >= MOST_MISSED;
    const reached = new Map(catchUp && !tooMany ? listener.from : heads);
    if (!tooMany) this.tell(listener, this.textsOf(missed, reached, new Map()));
    listener.from = reached;
    listener.joined = true;
  }

  private async look(): Promise<void> {
    const { told: reached } = this;
    if (this.listeners.size === 0 || !reached) return;
    const changes = await this.deps.changes.after(reached);
    if (changes.length === 0) return;
    const bikes = new Set(changes.flatMap((change) => change.bikeId ?? []));
    const told = this.textsOf(changes, reached, await this.deps.bikesNow([...bikes]));
    await this.letGo();
    for (const listener of this.listeners) if (listener.joined) this.tell(listener, told);
  }

  private async beat(): Promise<void> {
    await this.letGo();
    for (const { res, joined } of this.listeners) if (joined) res.write(': beat\n\n');
  }

  /** Ends the streams whose session is over: nothing more is told to those. */
  private async letGo(): Promise<void> {
    const sessions = new Set([...this.listeners].map((each) => each.session));
    const still = await this.deps.goingOn([...sessions]);
    for (const listener of this.listeners)
      if (sessions.has(listener.session) && !still.has(listener.session)) {
        this.leave(listener);
        listener.res.end();
      }
  }

  /** Each change as it is sent, the cursor going on with it. With the last of a bike goes the bike, or that it is as it was told last. */
  private textsOf(
    changes: readonly Change[],
    cursor: Map<string, number>,
    bikes: ReadonlyMap<string, unknown>,
  ): Told[] {
    const last = new Map(changes.map((change) => [change.bikeId, change]));
    return changes.map((change) => {
      cursor.set(change.chain, change.seq);
      const more =
        change.bikeId && bikes.size > 0
          ? this.rowOf(change.bikeId, last.get(change.bikeId) === change, bikes)
          : {};
      const text = `id: ${cursorText(cursor)}\ndata: ${JSON.stringify({ ...change, ...more })}\n\n`;
      return { chain: change.chain, seq: change.seq, bikeId: change.bikeId, text };
    });
  }

  private rowOf(id: string, isLast: boolean, bikes: ReadonlyMap<string, unknown>): { bike?: unknown } {
    const bike = bikes.get(id);
    if (!bike) return {};
    if (!isLast) return { bike: null };
    const digest = sha256(JSON.stringify(bike));
    const same = this.rows.get(id) === digest;
    this.rows.set(id, digest);
    return { bike: same ? null : bike };
  }

  private tell({ res, sites, from }: Listener, told: readonly Told[]): void {
    const wanted = told.filter(
      ({ chain, seq, bikeId }) =>
        seq > (from.get(chain) ?? 0) && (sites === null || bikeId === null || sites.has(chain)),
    );
    if (wanted.length === 0 || res.writableEnded) return;
    if (res.writableLength > MOST_UNREAD) return void res.destroy();
    res.write(wanted.map(({ text }) => text).join(''));
  }
}
