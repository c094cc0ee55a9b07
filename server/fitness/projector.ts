import { IsNull, type EntityManager } from 'typeorm';
import { canonicalJson } from '@cadre/core/event-log';
import { isDraftHold, needsHold, type FitnessFacts } from '@cadre/core/fitness';
import { bikeOf, type Project, type Projector, type StoredEvent } from '@cadre/server/platform/event-log';
import { holdEntity } from './entities';
import {
  gatherFacts,
  holdFacts,
  isReplaying,
  keepFactsInMemory,
  knownFacts,
  saveFacts,
  writeKeptFacts,
} from './facts';
import type { BikeFeature } from './sources';

type AnyProject = Project<StoredEvent>;

/** Begins a hold, as of this event. Its id is the event's: one event begins at most one. */
async function beginHold(
  tx: EntityManager,
  bikeId: string,
  event: StoredEvent,
  facts: FitnessFacts,
): Promise<void> {
  const draft = isDraftHold(facts, event.recordedAt);
  await tx
    .getRepository(holdEntity)
    .insert({ id: event.id, bikeId, since: new Date(event.recordedAt), endedAt: null, hangTag: null, draft });
}

/** A hold that began with a marked stop, and something else holds the bike now: only a release ends it from here on. Answers whether it was one. */
async function settleHold(
  tx: EntityManager,
  bikeId: string,
  event: StoredEvent,
  facts: FitnessFacts,
): Promise<boolean> {
  if (!facts.holds.some((hold) => hold.draft) || isDraftHold(facts, event.recordedAt)) return false;
  await tx.getRepository(holdEntity).update({ bikeId, endedAt: IsNull() }, { draft: false });
  return true;
}

/** One table of what all features say under a name; the same event written by two of them is a mistake found at start. */
function only<T>(tables: readonly (Readonly<Record<string, T>> | undefined)[]): ReadonlyMap<string, T> {
  const all = new Map<string, T>();
  for (const [kind, each] of tables.flatMap((table) => Object.entries(table ?? {}))) {
    if (all.has(kind)) throw new Error(`two features write ${kind}`);
    all.set(kind, each);
  }
  return all;
}

/**
 * Writes the rows events mean, each by the feature it belongs to and then by those that listen, in the order of the features. Round every
 * event on a bike it asks twice whether the bike needs a hold on record: before (a soon may have run out while nobody looked, and must not
 * slip away by being lowered) and after. That is why nothing but a release can end one.
 */
export function projectorOf(features: readonly BikeFeature[]): Projector {
  const sources = features.flatMap((feature) => feature.facts ?? []);
  const own = only(features.map((feature) => feature.projections as Record<string, AnyProject> | undefined));
  const together = only(features.map((feature) => feature.together));
  const changes = only(features.map((feature) => feature.changes));

  async function project(tx: EntityManager, event: StoredEvent): Promise<void> {
    const owner = own.get(event.kind);
    if (!owner) throw new Error(`no feature writes ${event.kind}`);
    await owner(tx, event);
    for (const { listens } of features) await (listens?.[event.kind] as AnyProject | undefined)?.(tx, event);
  }

  /** The facts after an event, from the sources it can have changed; undefined where nothing was written. */
  async function refresh(
    tx: EntityManager,
    bikeId: string,
    before: FitnessFacts | null,
    event: StoredEvent,
  ): Promise<FitnessFacts | undefined> {
    const said = changes.get(event.kind);
    const names = typeof said === 'function' ? before && said(before, event.body) : said;
    if (!before || !names) {
      const facts = await gatherFacts(tx, bikeId, sources);
      await saveFacts(tx, new Map([[bikeId, facts]]));
      return facts;
    }
    const some = sources.filter((source) => names.includes(source.name));
    const facts = await gatherFacts(tx, bikeId, some, before);
    if (canonicalJson(facts) === canonicalJson(before)) return undefined;
    await saveFacts(tx, new Map([[bikeId, facts]]));
    return facts;
  }

  async function applyOne(tx: EntityManager, event: StoredEvent): Promise<void> {
    const bikeId = bikeOf(event);
    if (bikeId === null || changes.get(event.kind) === 'new-bike') {
      await project(tx, event);
      return;
    }
    const before = await knownFacts(tx, bikeId);
    const overran = before !== null && needsHold(before, event.recordedAt);
    if (overran) await beginHold(tx, bikeId, event, before);
    const settled = before !== null && (await settleHold(tx, bikeId, event, before));
    await project(tx, event);
    const facts = await refresh(tx, bikeId, overran || settled ? null : before, event);
    if (!facts) return;
    if (needsHold(facts, event.recordedAt)) await beginHold(tx, bikeId, event, facts);
    else if (!(await settleHold(tx, bikeId, event, facts))) return;
    // What began or settled a hold changed nothing else.
    const settledFacts = await gatherFacts(tx, bikeId, [holdFacts], facts);
    await saveFacts(tx, new Map([[bikeId, settledFacts]]));
  }

  /** Tells a run of events to those who hear such runs. */
  async function told(tx: EntityManager, kind: string, run: readonly StoredEvent[]): Promise<void> {
    for (const { heard } of features)
      await (heard?.[kind] as Project<readonly StoredEvent[]> | undefined)?.(tx, run);
  }

  /** The events of one kind from here on in one run: an import is hundreds of new bikes, written in a few statements. */
  function runFrom(events: readonly StoredEvent[], from: number): readonly StoredEvent[] {
    const kind = events[from]?.kind;
    const end = events.findIndex((event, at) => at > from && event.kind !== kind);
    return events.slice(from, end === -1 ? events.length : end);
  }

  return {
    beginReplay: keepFactsInMemory,
    async endReplay(tx) {
      for (const { replayed } of features) await replayed?.(tx);
      await writeKeptFacts(tx);
    },
    async apply(tx, events) {
      for (let at = 0; at < events.length; at += 1) {
        const event = events[at] as StoredEvent;
        const many = together.get(event.kind) as Project<readonly StoredEvent[]> | undefined;
        const run = many ? runFrom(events, at) : [event];
        if (many && run.length > 1) await many(tx, run);
        else await applyOne(tx, event);
        if (!isReplaying(tx)) await told(tx, event.kind, run);
        at += run.length - 1;
      }
    },
  };
}
