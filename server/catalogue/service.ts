import { In, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type {
  dropDraft,
  getChecklist,
  listDrafts,
  listChecklists,
  publishChecklist,
  saveDraft,
  checklistVersions,
} from '@cadre/contract/catalogue';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import {
  droppedCriticals,
  leavesOut,
  checklistIssues,
  spanOf,
  type Checkpoint,
  type ChecklistSpan,
  type ChecklistVersion,
} from '@cadre/core/catalogue';
import { canonicalJson } from '@cadre/core/event-log';
import { RECHECK_KEY } from '@cadre/core/repairs';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { hashOf, PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { checklistDraftEntity, checklistEntity, type ChecklistDraftRow, type ChecklistRow } from './entities';
import { currentPolicy } from './current-policy';
import { checklistByHash } from './checklist-cache';
import type { CatalogueEvents } from './events';

/** A version never changes, nor does what it asks: reckoned once. */
const spans = new Map<string, ChecklistSpan>();
/** What a version leaves out: reckoned once too. */
const leftOut = new Map<string, readonly string[]>();
function leftOutOf(hash: string, checklist: ChecklistVersion): readonly string[] {
  const known = leftOut.get(hash) ?? leavesOut(checklist, CHECKPOINTS);
  leftOut.set(hash, known);
  return known;
}

function spanOfVersion(hash: string, checklist: ChecklistVersion): ChecklistSpan {
  const span = spans.get(hash) ?? spanOf(checklist);
  spans.set(hash, span);
  return span;
}

/** The newest version of every published checklist; generated ones (rechecks) are not among them. */
export async function publishedChecklists(tx: EntityManager): Promise<readonly ChecklistRow[]> {
  const newest = await tx.query<{ hash: string }[]>(
    'SELECT s.hash FROM checklist_version s WHERE s.`key` <> ? AND s.version = (SELECT MAX(n.version) FROM checklist_version n WHERE n.`key` = s.`key`)',
    [RECHECK_KEY],
  );
  // Versions never change: the bodies, hundreds of kilobytes of them, are read and parsed once.
  const rows = await Promise.all(newest.map((row) => checklistByHash(tx, row.hash)));
  return rows.sort((a, b) => (a.key < b.key ? -1 : 1));
}

/** Every checkpoint there is, once, worded as published last: a recheck asks of a shipped one even where every checklist leaves it out. */
export async function publishedCheckpoints(tx: EntityManager): Promise<readonly Checkpoint[]> {
  const byKey = new Map<string, Checkpoint>(CHECKPOINTS.map((each) => [each.key, each]));
  for (const { checklist } of await publishedChecklists(tx))
    for (const item of checklist.items)
      byKey.set(item.checkpoint.key, { ...byKey.get(item.checkpoint.key), ...item.checkpoint });
  return [...byKey.values()];
}

async function newestOf(tx: EntityManager, key: string): Promise<ChecklistRow | null> {
  return tx.getRepository(checklistEntity).findOne({ where: { key }, order: { version: 'DESC' } });
}

function draftOf(row: ChecklistDraftRow): AnswerOf<typeof saveDraft> {
  return {
    ...row,
    savedAt: row.savedAt.getTime(),
  };
}

export class Catalogue {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<CatalogueEvents>,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listChecklists>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const checklists = await publishedChecklists(tx);
    const { hash, policy } = await currentPolicy(tx);
    return {
      checklists: checklists.map(({ hash: name, checklist, reason }) => ({
        hash: name,
        key: checklist.key,
        version: checklist.version,
        name: checklist.name,
        purpose: checklist.purpose,
        clears: checklist.clears,
        afterRideOut: checklist.afterRideOut ?? false,
        kinds: checklist.kinds ? [...checklist.kinds] : null,
        items: checklist.items.length,
        span: { ...spanOfVersion(name, checklist) },
        leavesOut: [...leftOutOf(name, checklist)],
        reason,
      })),
      policy: {
        hash,
        policy,
      },
    };
  }

  async get(actor: Actor, hash: string): Promise<AnswerOf<typeof getChecklist>> {
    requireAct(actor, 'see');
    const { checklist } = await checklistByHash(this.source.manager, hash);
    return { hash, checklist };
  }

  async versions(actor: Actor, key: string): Promise<AnswerOf<typeof checklistVersions>> {
    requireAct(actor, 'see');
    const rows = await this.source.getRepository(checklistEntity).find({
      where: { key },
      order: { version: 'DESC' },
      select: { hash: true, version: true, publishedBy: true, publishedAt: true, note: true, reason: true },
    });
    if (rows.length === 0) throw new RefusedError('not-found', { what: 'checklist' });
    const used = await this.source.query<
      { hash: string; checks: number | string; bikes: number | string; lastUsedAt: Date }[]
    >(
      'SELECT checklistHash AS hash, COUNT(*) AS checks, COUNT(DISTINCT bikeId) AS bikes, MAX(openedAt) AS lastUsedAt FROM bike_check WHERE checklistHash IN (?) GROUP BY checklistHash',
      [rows.map((row) => row.hash)],
    );
    const usedBy = new Map(used.map((each) => [each.hash, each]));
    return {
      versions: rows.map((row) => ({
        hash: row.hash,
        version: row.version,
        publishedBy: row.publishedBy,
        publishedAt: row.publishedAt?.getTime() ?? null,
        note: row.note,
        reason: row.reason,
        checks: Number(usedBy.get(row.hash)?.checks ?? 0),
        bikes: Number(usedBy.get(row.hash)?.bikes ?? 0),
        lastUsedAt: usedBy.get(row.hash)?.lastUsedAt.getTime() ?? null,
      })),
    };
  }

  /** Publishes the next version of a checklist. A check begun on an older one goes on as it was. */
  async publish(
    actor: Actor,
    body: BodyOf<typeof publishChecklist>,
  ): Promise<AnswerOf<typeof publishChecklist>> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: body, author: actor.id },
      async (tx) => {
        const before = await newestOf(tx, body.checklist.key);
        if ((before?.hash ?? null) !== body.base)
          throw new RefusedError('conflict.version', {}, before ? { current: before.checklist } : {});
        const checklist = {
          ...body.checklist,
          schema: 2,
          version: (before?.version ?? 0) + 1,
        } as ChecklistVersion;
        const issues = checklistIssues(checklist);
        if (checklist.key === RECHECK_KEY)
          throw new RefusedError('body.invalid', {}, { fields: [{ path: 'checklist.key', code: 'taken' }] });
        if (issues.length > 0)
          throw new RefusedError(
            'body.invalid',
            {},
            { fields: issues.map((issue) => ({ ...issue, path: `checklist.${issue.path}` })) },
          );
        const dropped = before ? droppedCriticals(before.checklist, checklist) : [];
        const left = [...new Set([...dropped, ...leavesOut(checklist, CHECKPOINTS)])];
        if (left.length > 0 && body.reason === '')
          throw new RefusedError(
            'checklist.critical-dropped',
            { checkpoints: left },
            { fields: [{ path: 'reason', code: 'required' }] },
          );
        return {
          kind: 'checklist.published',
          body: { hash: hashOf(checklist), checklist, note: body.note, reason: body.reason },
        };
      },
      async (_tx, { events }) => {
        for (const { body: published } of await events('checklist.published'))
          return { hash: published.hash, checklist: published.checklist };
        throw new Error('a published checklist has no version');
      },
    );
  }

  async drafts(actor: Actor): Promise<AnswerOf<typeof listDrafts>> {
    requireAct(actor, 'edit-program');
    return {
      drafts: (await this.source.getRepository(checklistDraftEntity).find({ order: { key: 'ASC' } })).map(
        draftOf,
      ),
    };
  }

  async saveDraft(
    actor: Actor,
    key: string,
    body: BodyOf<typeof saveDraft>,
  ): Promise<AnswerOf<typeof saveDraft>> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { key, ...body }, author: actor.id },
      async (tx) => {
        const before = await tx.getRepository(checklistDraftEntity).findOneBy({ key });
        if ((before?.version ?? null) !== body.version)
          throw new RefusedError('conflict.version', {}, before ? { current: draftOf(before) } : {});
        return {
          kind: 'checklist.draft-saved',
          body: { key, base: body.base, checklist: { ...body.checklist, key } },
        };
      },
      async (tx) => draftOf(await tx.getRepository(checklistDraftEntity).findOneByOrFail({ key })),
    );
  }

  async dropDraft(
    actor: Actor,
    key: string,
    body: BodyOf<typeof dropDraft>,
  ): Promise<AnswerOf<typeof dropDraft>> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { key, ...body }, author: actor.id },
      async (tx) =>
        (await tx.getRepository(checklistDraftEntity).existsBy({ key }))
          ? { kind: 'checklist.draft-dropped' as const, body: { key } }
          : [],
      async () => ({ done: true as const }),
    );
  }

  /**
   * Publishes the shipped checklists that this program has never had, and newer ones in place of those nobody here ever changed: a newer Cadre
   * asks more, and better. What a lead published or is drafting stays, and nothing takes a critical question away.
   */
  async publishShipped(): Promise<number> {
    let published = 0;
    await this.log.act(
      { chain: PROGRAM_CHAIN, id: newId(), request: 'shipped', author: null },
      async (tx) => {
        const rows = await tx.getRepository(checklistEntity).find({
          where: { key: In(SHIPPED_CHECKLISTS.map((checklist) => checklist.key)) },
          order: { version: 'DESC' },
        });
        const drafts = new Set(
          (await tx.getRepository(checklistDraftEntity).find()).map((draft) => draft.key),
        );
        const fresh = SHIPPED_CHECKLISTS.flatMap((shipped): ChecklistVersion[] => {
          const own = rows.filter((row) => row.key === shipped.key);
          const [newest] = own;
          if (!newest) return [shipped];
          const next = { ...shipped, version: newest.version + 1 };
          const isTouched = drafts.has(shipped.key) || own.some((row) => row.publishedBy !== null);
          const same = canonicalJson({ ...newest.checklist, version: next.version }) === canonicalJson(next);
          return isTouched || same || droppedCriticals(newest.checklist, next).length > 0 ? [] : [next];
        });
        published = fresh.length;
        return fresh.map((checklist) => ({
          kind: 'checklist.published' as const,
          body: { hash: hashOf(checklist), checklist, note: 'Cadre’s default' },
        }));
      },
      async () => null,
    );
    return published;
  }
}
