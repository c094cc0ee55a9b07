import { In, type EntityManager } from 'typeorm';
import { questionKey } from '@cadre/core/catalogue';
import type { DoubtSpan, EquipmentFields, ReferenceCheck } from '@cadre/core/equipment';
import { markEntity, type CheckEvents } from '@cadre/server/checks';
import type { Projections } from '@cadre/server/platform/event-log';
import type { RepairEvents } from '@cadre/server/repairs';
import { equipmentEntity, instrumentUseEntity, type InstrumentUseRow } from './entities';

export interface EquipmentEvents {
  'equipment.set': { equipmentId: string; item: EquipmentFields };
  'equipment.checked': { equipmentId: string; check: ReferenceCheck };
  'equipment.withdrawn': { equipmentId: string; reason: string };
}

const NEW_STATE = { lastCheck: null, goodAt: null, withdrawn: null };

/** A failed check opens a span of doubt back to the last good one, where none is open; a passed one ends it. */
function doubtsAfter(
  doubts: readonly DoubtSpan[],
  goodAt: number | null,
  { passed, at }: ReferenceCheck,
): readonly DoubtSpan[] {
  const open = doubts.find((span) => span.goodAgainAt === null);
  if (!passed) return open ? doubts : [...doubts, { goodAt, goodAgainAt: null }];
  return doubts.map((span) => (span === open ? { ...span, goodAgainAt: at } : span));
}

export const equipmentProjections: Projections<EquipmentEvents> = {
  async 'equipment.set'(tx, { body: { equipmentId: id, item } }) {
    const rows = tx.getRepository(equipmentEntity);
    const { siteId, tag, serial } = item;
    const before = await rows.findOneBy({ id });
    const set = { siteId, tag, serial, fields: item };
    if (before) await rows.update({ id }, { ...set, version: before.version + 1 } as object);
    else await rows.insert({ id, ...set, state: NEW_STATE, doubts: [], version: 1 } as object);
  },
  async 'equipment.checked'(tx, { body: { equipmentId: id, check } }) {
    const rows = tx.getRepository(equipmentEntity);
    const { state, doubts, version } = await rows.findOneByOrFail({ id });
    const goodAt = check.passed ? check.at : state.goodAt;
    await rows.update({ id }, {
      state: { ...state, lastCheck: check, goodAt },
      doubts: doubtsAfter(doubts, state.goodAt, check),
      version: version + 1,
    } as object);
  },
  async 'equipment.withdrawn'(tx, { body: { equipmentId: id, reason } }) {
    const rows = tx.getRepository(equipmentEntity);
    const { state, version } = await rows.findOneByOrFail({ id });
    await rows.update({ id }, { state: { ...state, withdrawn: reason }, version: version + 1 } as object);
  },
};

async function add(tx: EntityManager, uses: readonly InstrumentUseRow[]): Promise<void> {
  if (uses.length > 0)
    await tx
      .createQueryBuilder()
      .insert()
      .into(instrumentUseEntity)
      .values([...uses])
      .orIgnore()
      .execute();
}

async function ofMarks(tx: EntityManager, bikeId: string, markIds: readonly string[]): Promise<void> {
  if (markIds.length === 0) return;
  const marks = await tx
    .getRepository(markEntity)
    .createQueryBuilder('mark')
    .where({ id: In([...markIds]) })
    .andWhere('mark.reading LIKE \'%"instrumentId"%\'')
    .getMany();
  const uses = marks.flatMap(({ id, checkpoint, position, reading, at }): InstrumentUseRow[] => {
    const equipmentId = reading?.instrumentId;
    const what = questionKey({ checkpoint, position });
    return equipmentId ? [{ id, equipmentId, bikeId, what, typed: reading.typed.slice(0, 200), at }] : [];
  });
  await add(tx, uses);
}

export const equipmentListens: Pick<
  Projections<CheckEvents & RepairEvents>,
  'check.signed' | 'check.amended' | 'repair.done'
> = {
  'check.signed': (tx, { body }) => ofMarks(tx, body.bikeId, body.byInstrument ?? []),
  'check.amended': (tx, { body }) => ofMarks(tx, body.bikeId, body.markIds),
  'repair.done': (tx, { body: { bikeId, repairId, torques = [] }, happenedAt }) =>
    add(
      tx,
      torques.flatMap(({ joint, newtonMetres, equipmentId }) =>
        equipmentId
          ? [
              {
                ...{ id: `${repairId} ${joint}`, equipmentId, bikeId, what: `joint ${joint}` },
                ...{ typed: `${newtonMetres} N m`, at: new Date(happenedAt) },
              },
            ]
          : [],
      ),
    ),
};
