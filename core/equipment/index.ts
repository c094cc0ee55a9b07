export { doubtfulUses, isInDoubt, type DoubtSpan, type UseOfInstrument } from './doubtful';
export {
  checkDueAt,
  EQUIPMENT_KINDS,
  instrumentOf,
  standingOf,
  type EquipmentFields,
  type EquipmentKind,
  type EquipmentStanding,
  type EquipmentState,
  type ReferenceCheck,
} from './equipment';
export { EQUIPMENT_RANGES, fieldProblems } from './field-problems';
export { passesReference, permittedError } from './reference';
