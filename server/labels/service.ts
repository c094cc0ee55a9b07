import { randomBytes } from 'node:crypto';
import { In, IsNull, type DataSource, type EntityManager } from 'typeorm';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { LabelCode, listLabels, makeLabels } from '@cadre/contract/labels';
import { sheetIssues, type Labelled, type LabelSheet } from '@cadre/core/labels';
import { PROGRAM_CHAIN, RefusedError, sha256, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { labelCodeEntity } from './entities';
import type { LabelEvents } from './events';
import { labelPng, type LabelText } from './picture';
import { sheetPdf } from './sheet-pdf';
import * as t from './messages';

/** 128 bits that nobody guesses. */
const newCode = (): string => randomBytes(16).toString('base64url');

const NAMES: Record<Labelled, string> = {
  bike: 'SELECT id, tag AS name, NULL AS number FROM bike WHERE id IN (?)',
  hook: 'SELECT h.id, r.name, h.number FROM hook h JOIN rack r ON r.id = h.rackId WHERE h.id IN (?)',
  rack: 'SELECT id, name, NULL AS number FROM rack WHERE id IN (?)',
};

/** The codes on labels: made, ended when a label is lost, printed. */
export class Labels {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<LabelEvents>,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<Pick<AnswerOf<typeof listLabels>, 'codes'>> {
    requireAct(actor, 'see');
    const rows = await this.source
      .getRepository(labelCodeEntity)
      .find({ where: { revokedAt: IsNull() }, order: { code: 'ASC' } });
    return { codes: rows.map(({ code, kind, subjectId }) => ({ code, kind, subjectId })) };
  }

  async make(actor: Actor, body: BodyOf<typeof makeLabels>): Promise<{ codes: LabelCode[] }> {
    requireAct(actor, 'edit-fleet');
    const { kind, subjectIds, renew } = body;
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: body, author: actor.id },
      async (tx) => {
        const names = await this.namesOf(tx, kind, subjectIds);
        for (const [at, id] of subjectIds.entries())
          if (!names.has(id))
            throw new RefusedError(
              'body.invalid',
              {},
              { fields: [{ path: `subjectIds.${at}`, code: 'unknown' }] },
            );
        const codes = tx.getRepository(labelCodeEntity);
        const had = new Set(
          (await codes.findBy({ subjectId: In([...subjectIds]), revokedAt: IsNull() })).map(
            (row) => row.subjectId,
          ),
        );
        const madeAt = new Date(this.now());
        if (renew)
          await codes.update({ subjectId: In([...subjectIds]), revokedAt: IsNull() }, { revokedAt: madeAt });
        const fresh = [...new Set(subjectIds)]
          .filter((id) => renew || !had.has(id))
          .map((subjectId) => ({ code: newCode(), kind, subjectId, madeAt, revokedAt: null }));
        if (fresh.length > 0) await codes.insert(fresh);
        return {
          kind: 'labels.made',
          body: {
            kind,
            labels: fresh.map(({ code, subjectId }) => ({
              ...{ subjectId, hash: sha256(code), renewed: had.has(subjectId) },
            })),
          },
        };
      },
      async (tx) => {
        const rows = await tx
          .getRepository(labelCodeEntity)
          .findBy({ subjectId: In([...subjectIds]), revokedAt: IsNull() });
        return { codes: rows.map(({ code, kind: of, subjectId }) => ({ code, kind: of, subjectId })) };
      },
    );
  }

  private async namesOf(
    tx: EntityManager,
    kind: Labelled,
    ids: readonly string[],
  ): Promise<ReadonlyMap<string, string>> {
    const rows = await tx.query<{ id: string; name: string; number: number | null }[]>(NAMES[kind], [
      [...ids],
    ]);
    return new Map(
      rows.map(({ id, name, number }) => [id, number === null ? name : t.hookNumber({ rack: name, number })]),
    );
  }

  /** What is printed on the labels of these codes, in their order. One that is not valid is refused. */
  private async textsOf(codes: readonly string[]): Promise<readonly LabelText[]> {
    const tx = this.source.manager;
    const rows = await tx
      .getRepository(labelCodeEntity)
      .findBy({ code: In([...codes]), revokedAt: IsNull() });
    const names = new Map<string, string>();
    for (const kind of new Set(rows.map((row) => row.kind))) {
      const own = rows.filter((row) => row.kind === kind);
      const found = await this.namesOf(
        tx,
        kind,
        own.map((row) => row.subjectId),
      );
      for (const { code, subjectId } of own) names.set(code, found.get(subjectId) ?? '');
    }
    return codes.map((code, at) => {
      const name = names.get(code);
      if (name === undefined)
        throw new RefusedError('body.invalid', {}, { fields: [{ path: `codes.${at}`, code: 'unknown' }] });
      return { code, name };
    });
  }

  async sheet(
    actor: Actor,
    base: string | null,
    { codes, startAt, ...sheet }: LabelSheet & { readonly codes: string; readonly startAt: number },
  ): Promise<Buffer> {
    requireAct(actor, 'see');
    if (base === null) throw new RefusedError('labels.no-address');
    const fields = sheetIssues(sheet);
    if (fields.length > 0) throw new RefusedError('body.invalid', {}, { fields });
    return sheetPdf(await this.textsOf(codes.split(',')), base, sheet, startAt);
  }

  async picture(
    actor: Actor,
    base: string | null,
    { code, ...size }: Pick<LabelSheet, 'labelWidth' | 'labelHeight'> & { readonly code: string },
  ): Promise<Buffer> {
    requireAct(actor, 'see');
    if (base === null) throw new RefusedError('labels.no-address');
    const [text] = await this.textsOf([code]);
    if (!text) throw new Error('a code has no label');
    return labelPng(text, base, size);
  }
}
