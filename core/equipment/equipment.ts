import {
  INSTRUMENT_KIND_KEYS,
  isInstrumentKind,
  type InstrumentKind,
  type InstrumentUnit,
} from '@cadre/core/instruments';
import { DAY_MS } from '@cadre/core/time';

/** What the register holds: instruments, and tools that wear. */
export const EQUIPMENT_KINDS = [...INSTRUMENT_KIND_KEYS, 'chain-gauge', 'keys', 'other'] as const;
export type EquipmentKind = (typeof EQUIPMENT_KINDS)[number];

/** The kind of instrument a piece of equipment is; null: a tool that sends no readings. */
export const instrumentOf = (kind: EquipmentKind): InstrumentKind | null =>
  isInstrumentKind(kind) ? kind : null;

/** A tool or instrument as it is set up. */
export interface EquipmentFields {
  readonly siteId: string;
  readonly kind: EquipmentKind;
  /** What stands on it, unique in the program. */
  readonly tag: string;
  /** The identity it sends with its readings; empty where it sends none. */
  readonly serial: string;
  /** The unit it is set to; null for a tool that is looked at. */
  readonly unit: InstrumentUnit | null;
  /** The ends of its scale and its permitted error, in its unit; null: as usual for its kind. */
  readonly least: number | null;
  readonly most: number | null;
  readonly accuracy: number | null;
  /** From the hand to the square, mm: a torque wrench only. */
  readonly lengthMm: number | null;
  /** A reference check every so many days; null: none is asked for. */
  readonly checkEveryDays: number | null;
}

/** A reference check: against something of a known value, or by eye for a tool that wears. */
export interface ReferenceCheck {
  readonly at: number;
  readonly by: string;
  /** In the equipment's unit; null: looked at by eye. */
  readonly reference: number | null;
  readonly shown: number | null;
  readonly passed: boolean;
  readonly note: string;
}

/** What is known of a piece of equipment now. */
export interface EquipmentState {
  readonly lastCheck: ReferenceCheck | null;
  /** When it last passed; null: never. */
  readonly goodAt: number | null;
  /** Why it is not used any more; null: it is. */
  readonly withdrawn: string | null;
}

export type EquipmentStanding = 'ready' | 'due' | 'failed' | 'withdrawn';

/** Whether a piece of equipment may be relied on at this moment: failed its last reference check, due for one, or ready. */
export function standingOf(
  { checkEveryDays }: Pick<EquipmentFields, 'checkEveryDays'>,
  { lastCheck, goodAt, withdrawn }: EquipmentState,
  now: number,
): EquipmentStanding {
  if (withdrawn !== null) return 'withdrawn';
  if (lastCheck && !lastCheck.passed) return 'failed';
  if (checkEveryDays === null) return 'ready';
  return goodAt === null || now >= goodAt + checkEveryDays * DAY_MS ? 'due' : 'ready';
}

/** When the next reference check is due; null: none is asked for, or none was ever passed. */
export const checkDueAt = (
  { checkEveryDays }: Pick<EquipmentFields, 'checkEveryDays'>,
  { goodAt }: Pick<EquipmentState, 'goodAt'>,
): number | null => (checkEveryDays === null || goodAt === null ? null : goodAt + checkEveryDays * DAY_MS);
