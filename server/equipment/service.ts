import { MoreThanOrEqual, type DataSource, type EntityManager } from 'typeorm';
import type {
  checkEquipment,
  EquipmentItem,
  listEquipment,
  setEquipment,
  withdrawEquipment,
} from '@cadre/contract/equipment';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { placeOfKey } from '@cadre/core/catalogue';
import { doubtfulUses, fieldProblems, instrumentOf, passesReference } from '@cadre/core/equipment';
import type { FieldIssue } from '@cadre/core/errors';
import type { Joint } from '@cadre/core/fleet';
import {
  chainOfSentSite,
  chainOfSiteOf,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { measuredSince } from './measured-since';
import { equipmentEntity, instrumentUseEntity, type EquipmentRow } from './entities';
import type { EquipmentEvents } from './events';

type Doubtful = AnswerOf<typeof listEquipment>['doubtful'];

const itemOf = ({ id, fields, state, version }: EquipmentRow): EquipmentItem => ({
  id,
  ...fields,
  ...{ goodAt: state.goodAt, withdrawn: state.withdrawn, version },
  lastCheck: state.lastCheck ? { ...state.lastCheck } : null,
});

const refused = (...fields: readonly FieldIssue[]): RefusedError =>
  new RefusedError('body.invalid', {}, { fields });

/** The register of tools and instruments: what they are, their reference checks, and what a failed one leaves in doubt. */
export class Equipment {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<EquipmentEvents>,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listEquipment>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const rows = await tx.getRepository(equipmentEntity).find({ order: { tag: 'ASC' } });
    const doubtful = await Promise.all(rows.map((row) => this.doubtfulOf(tx, row)));
    return { items: rows.map(itemOf), doubtful: doubtful.flat() };
  }

  async set(actor: Actor, equipmentId: string, body: BodyOf<typeof setEquipment>): Promise<EquipmentItem> {
    requireAct(actor, 'edit-fleet');
    const { item, version } = body;
    const request = { equipmentId, ...body };
    return this.log.act(
      { chain: chainOfSentSite(item.siteId), id: body.id, request, author: actor.id },
      async (tx) => {
        const rows = tx.getRepository(equipmentEntity);
        const before = await rows.findOneBy({ id: equipmentId });
        if ((before?.version ?? null) !== version)
          throw new RefusedError('conflict.version', {}, before ? { current: itemOf(before) } : {});
        if (before && before.siteId !== item.siteId)
          throw refused({ path: 'item.siteId', code: 'not-at-this-site' });
        const problems = fieldProblems(item);
        if (problems.length > 0)
          throw refused(...problems.map((each) => ({ ...each, path: `item.${each.path}` })));
        const same = await rows.findOneBy({ tag: item.tag });
        if (same && same.id !== equipmentId)
          throw new RefusedError(
            'tag.taken',
            { tag: item.tag },
            { fields: [{ path: 'item.tag', code: 'taken' }] },
          );
        if (item.serial !== '') {
          const twin = await rows.findOneBy({ serial: item.serial });
          if (twin && twin.id !== equipmentId) throw refused({ path: 'item.serial', code: 'taken' });
        }
        return { kind: 'equipment.set', body: { equipmentId, item } };
      },
      (tx) => this.one(tx, equipmentId),
    );
  }

  async check(
    actor: Actor,
    equipmentId: string,
    body: BodyOf<typeof checkEquipment>,
  ): Promise<EquipmentItem> {
    requireAct(actor, 'repair');
    const { reference, shown, looksGood, note, at } = body;
    return this.onItem(actor, equipmentId, body, (row) => {
      const byValue = instrumentOf(row.fields.kind) !== null;
      if (byValue && reference === null) throw refused({ path: 'reference', code: 'required' });
      if (byValue && shown === null) throw refused({ path: 'shown', code: 'required' });
      if (!byValue && looksGood === null) throw refused({ path: 'looksGood', code: 'required' });
      const values = byValue ? { reference, shown } : { reference: null, shown: null };
      const passed =
        reference !== null && shown !== null && byValue
          ? passesReference(row.fields, { reference, shown })
          : looksGood === true;
      const check = { at, by: actor.id, ...values, passed, note };
      return { kind: 'equipment.checked', body: { equipmentId, check }, happenedAt: at };
    });
  }

  async withdraw(
    actor: Actor,
    equipmentId: string,
    body: BodyOf<typeof withdrawEquipment>,
  ): Promise<EquipmentItem> {
    requireAct(actor, 'edit-fleet');
    return this.onItem(actor, equipmentId, body, () => ({
      kind: 'equipment.withdrawn',
      body: { equipmentId, reason: body.reason },
      happenedAt: body.at,
    }));
  }

  private async onItem(
    actor: Actor,
    equipmentId: string,
    body: { readonly id: string },
    decide: (row: EquipmentRow) => NewEvent<EquipmentEvents>,
  ): Promise<EquipmentItem> {
    return this.log.act(
      {
        chain: chainOfSiteOf('equipment', 'equipment', equipmentId),
        id: body.id,
        request: { equipmentId, ...body },
        author: actor.id,
      },
      async (tx) => {
        const row = await tx.getRepository(equipmentEntity).findOneByOrFail({ id: equipmentId });
        if (row.state.withdrawn !== null) throw new RefusedError('equipment.withdrawn', { tag: row.tag });
        return decide(row);
      },
      (tx) => this.one(tx, equipmentId),
    );
  }

  /** What one instrument measured while it was not to be relied on, and nothing has measured again. */
  private async doubtfulOf(tx: EntityManager, { id, doubts }: EquipmentRow): Promise<Doubtful> {
    const found = await Promise.all(
      doubts.map(async (span) => {
        const own = await tx
          .getRepository(instrumentUseEntity)
          .findBy({ equipmentId: id, at: MoreThanOrEqual(new Date(span.goodAt ?? 0)) });
        if (own.length === 0) return [];
        const bikeIds = [...new Set(own.map(({ bikeId }) => bikeId))];
        const uses = own.map((use) => ({ ...use, instrumentId: use.equipmentId, at: use.at.getTime() }));
        const later = await measuredSince(tx, bikeIds, Math.min(...uses.map(({ at }) => at)));
        return doubtfulUses(id, span, [...later, ...uses]);
      }),
    );
    return found.flat().map(({ bikeId, what, at, typed }) => {
      const joint = what.startsWith('joint ') ? (what.slice('joint '.length) as Joint) : null;
      const place = joint ? { checkpoint: null, position: 'only' as const } : placeOfKey(what);
      return { equipmentId: id, bikeId, at, ...place, joint, typed };
    });
  }

  private async one(tx: EntityManager, id: string): Promise<EquipmentItem> {
    return itemOf(await tx.getRepository(equipmentEntity).findOneByOrFail({ id }));
  }
}
