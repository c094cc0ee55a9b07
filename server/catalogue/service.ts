import type { DataSource, EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type {
  dropDraft,
  getSheet,
  listDrafts,
  listSheets,
  publishSheet,
  saveDraft,
  sheetVersions,
} from '@cadre/contract/catalogue';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import {
  droppedCriticals,
  sheetIssues,
  spanOf,
  type Checkpoint,
  type SheetSpan,
  type SheetVersion,
} from '@cadre/core/catalogue';
import { RE_LOOK_KEY } from '@cadre/core/repairs';
import { CHECKPOINTS, SHIPPED_SHEETS } from '@cadre/core/shipped';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { hashOf, PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { sheetDraftEntity, sheetEntity, type SheetDraftRow, type SheetRow } from './entities';
import { currentPolicy } from './current-policy';
import { sheetByHash } from './sheet-cache';
import type { CatalogueEvents } from './events';

/** A version never changes, nor does what it asks: reckoned once. */
const spans = new Map<string, SheetSpan>();
function spanOfVersion(hash: string, sheet: SheetVersion): SheetSpan {
  const span = spans.get(hash) ?? spanOf(sheet);
  spans.set(hash, span);
  return span;
}

/** The newest version of every published sheet; generated ones (re-looks) are not among them. */
export async function publishedSheets(tx: EntityManager): Promise<readonly SheetRow[]> {
  const newest = await tx.query<{ hash: string }[]>(
    'SELECT s.hash FROM sheet_version s WHERE s.`key` <> ? AND s.version = (SELECT MAX(n.version) FROM sheet_version n WHERE n.`key` = s.`key`)',
    [RE_LOOK_KEY],
  );
  // Versions never change: the bodies, hundreds of kilobytes of them, are read and parsed once.
  const rows = await Promise.all(newest.map((row) => sheetByHash(tx, row.hash)));
  return rows.sort((a, b) => (a.key < b.key ? -1 : 1));
}

/** Every checkpoint there is, once, worded as published last: a re-look asks of a shipped one even where every sheet leaves it out. */
export async function publishedCheckpoints(tx: EntityManager): Promise<readonly Checkpoint[]> {
  const byKey = new Map<string, Checkpoint>(CHECKPOINTS.map((each) => [each.key, each]));
  for (const { sheet } of await publishedSheets(tx))
    for (const item of sheet.items)
      byKey.set(item.checkpoint.key, { ...byKey.get(item.checkpoint.key), ...item.checkpoint });
  return [...byKey.values()];
}

async function newestOf(tx: EntityManager, key: string): Promise<SheetRow | null> {
  return tx.getRepository(sheetEntity).findOne({ where: { key }, order: { version: 'DESC' } });
}

function draftOf(row: SheetDraftRow): AnswerOf<typeof saveDraft> {
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

  async list(actor: Actor): Promise<AnswerOf<typeof listSheets>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const sheets = await publishedSheets(tx);
    const { hash, policy } = await currentPolicy(tx);
    return {
      sheets: sheets.map(({ hash: name, sheet }) => ({
        hash: name,
        key: sheet.key,
        version: sheet.version,
        name: sheet.name,
        purpose: sheet.purpose,
        clears: sheet.clears,
        afterRideOut: sheet.afterRideOut ?? false,
        kinds: sheet.kinds ? [...sheet.kinds] : null,
        items: sheet.items.length,
        criticals: sheet.items.filter((item) => item.critical).length,
        span: { ...spanOfVersion(name, sheet) },
      })),
      policy: {
        hash,
        policy,
      },
    };
  }

  async get(actor: Actor, hash: string): Promise<AnswerOf<typeof getSheet>> {
    requireAct(actor, 'see');
    const { sheet } = await sheetByHash(this.source.manager, hash);
    return { hash, sheet };
  }

  async versions(actor: Actor, key: string): Promise<AnswerOf<typeof sheetVersions>> {
    requireAct(actor, 'see');
    const rows = await this.source.getRepository(sheetEntity).find({
      where: { key },
      order: { version: 'DESC' },
      select: { hash: true, version: true, publishedBy: true, publishedAt: true, note: true, reason: true },
    });
    if (rows.length === 0) throw new RefusedError('not-found', { what: 'sheet' });
    const used = await this.source.query<
      { hash: string; checks: number | string; bikes: number | string; lastUsedAt: Date }[]
    >(
      'SELECT sheetHash AS hash, COUNT(*) AS checks, COUNT(DISTINCT bikeId) AS bikes, MAX(openedAt) AS lastUsedAt FROM bike_check WHERE sheetHash IN (?) GROUP BY sheetHash',
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

  /** Publishes the next version of a sheet. A check begun on an older one goes on as it was. */
  async publish(actor: Actor, body: BodyOf<typeof publishSheet>): Promise<AnswerOf<typeof publishSheet>> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: body, author: actor.id },
      async (tx) => {
        const before = await newestOf(tx, body.sheet.key);
        if ((before?.hash ?? null) !== body.base)
          throw new RefusedError('conflict.version', {}, before ? { current: before.sheet } : {});
        const sheet = { ...body.sheet, schema: 2, version: (before?.version ?? 0) + 1 } as SheetVersion;
        const issues = sheetIssues(sheet);
        if (sheet.key === RE_LOOK_KEY)
          throw new RefusedError('body.invalid', {}, { fields: [{ path: 'sheet.key', code: 'taken' }] });
        if (issues.length > 0)
          throw new RefusedError(
            'body.invalid',
            {},
            { fields: issues.map((issue) => ({ ...issue, path: `sheet.${issue.path}` })) },
          );
        const dropped = before ? droppedCriticals(before.sheet, sheet) : [];
        if (dropped.length > 0 && body.reason === '')
          throw new RefusedError(
            'sheet.critical-dropped',
            { checkpoints: dropped },
            { fields: [{ path: 'reason', code: 'required' }] },
          );
        return {
          kind: 'sheet.published',
          body: { hash: hashOf(sheet), sheet, note: body.note, reason: body.reason },
        };
      },
      async (_tx, { events }) => {
        for (const { body: published } of await events('sheet.published'))
          return { hash: published.hash, sheet: published.sheet };
        throw new Error('a published sheet has no version');
      },
    );
  }

  async drafts(actor: Actor): Promise<AnswerOf<typeof listDrafts>> {
    requireAct(actor, 'edit-program');
    return {
      drafts: (await this.source.getRepository(sheetDraftEntity).find({ order: { key: 'ASC' } })).map(
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
        const before = await tx.getRepository(sheetDraftEntity).findOneBy({ key });
        if ((before?.version ?? null) !== body.version)
          throw new RefusedError('conflict.version', {}, before ? { current: draftOf(before) } : {});
        return {
          kind: 'sheet.draft-saved',
          body: { key, base: body.base, sheet: { ...body.sheet, key } },
        };
      },
      async (tx) => draftOf(await tx.getRepository(sheetDraftEntity).findOneByOrFail({ key })),
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
        (await tx.getRepository(sheetDraftEntity).existsBy({ key }))
          ? { kind: 'sheet.draft-dropped' as const, body: { key } }
          : [],
      async () => ({ done: true as const }),
    );
  }

  /** Publishes the shipped sheets this program has never had: a newer Cadre brings more. What the lead edited stays. */
  async publishShipped(): Promise<number> {
    let published = 0;
    await this.log.act(
      { chain: PROGRAM_CHAIN, id: newId(), request: 'shipped', author: null },
      async (tx) => {
        const known = new Set(
          (await tx.query<{ name: string }[]>('SELECT DISTINCT `key` AS name FROM sheet_version')).map(
            (row) => row.name,
          ),
        );
        const fresh = SHIPPED_SHEETS.filter((sheet) => !known.has(sheet.key));
        published = fresh.length;
        return fresh.map((sheet) => ({
          kind: 'sheet.published' as const,
          body: { hash: hashOf(sheet), sheet, note: 'As shipped' },
        }));
      },
      async () => null,
    );
    return published;
  }
}
