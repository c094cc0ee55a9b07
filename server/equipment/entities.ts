import { EntitySchema } from 'typeorm';
import type { DoubtSpan, EquipmentFields, EquipmentState } from '@cadre/core/equipment';
import { json, key, moment, uuid, whole, words } from '@cadre/server/platform/database';

/** A tool or instrument: as it is set up, its last reference check, and the spans in which it was not to be relied on. */
export interface EquipmentRow {
  id: string;
  siteId: string;
  tag: string;
  serial: string;
  fields: EquipmentFields;
  state: EquipmentState;
  doubts: readonly DoubtSpan[];
  version: number;
}
export const equipmentEntity = new EntitySchema<EquipmentRow>({
  name: 'equipment',
  columns: {
    id: key(),
    siteId: uuid(),
    tag: words(20),
    serial: words(40),
    fields: json(),
    state: json(),
    doubts: json(),
    version: whole(),
  },
  indices: [{ name: 'equipment_tag', columns: ['tag'], unique: true }],
});

/** What was measured, or tightened, with an instrument of the register. */
export interface InstrumentUseRow {
  id: string;
  equipmentId: string;
  bikeId: string;
  /** The question that was measured, or the joint that was tightened. */
  what: string;
  typed: string;
  at: Date;
}
export const instrumentUseEntity = new EntitySchema<InstrumentUseRow>({
  name: 'instrument_use',
  columns: {
    id: words(80, { primary: true, charset: 'ascii', collation: 'ascii_bin' }),
    equipmentId: uuid(),
    bikeId: uuid(),
    what: words(140),
    typed: words(200),
    at: moment(),
  },
  indices: [
    { name: 'instrument_use_of', columns: ['equipmentId', 'at'] },
    { name: 'instrument_use_bike', columns: ['bikeId'] },
  ],
});
