import { reaches, sinksTo } from './measured';
import { limitOf, type LimitChoices, type LimitKey, type LimitSource } from './limits';

/** What is known of a tyre and its rim, pressures in kPa; absent: not known. */
export interface TyreMarkings {
  readonly sidewallMin?: number | undefined;
  readonly sidewallMax?: number | undefined;
  readonly rimMax?: number | undefined;
  /** The rim has no hooks to hold the bead: it takes less, whatever the tyre says. */
  readonly hookless?: boolean | undefined;
  /** Of the tyre, mm: the house's floor goes by it where no least is marked. */
  readonly width?: number | undefined;
}

export interface PressureWindow {
  readonly floor: number | null;
  readonly ceiling: number | null;
  readonly floorSource?: LimitSource | undefined;
  /** The markings leave no room: no pressure is right, the maker is asked. */
  readonly conflict?: boolean | undefined;
}

/** The most a rim without hooks may hold, kPa. Source: the common maximum for hookless rims; a marking on the rim beats it when lower. */
export const HOOKLESS_MOST = 500;

/** From which width, mm, which floor of the house counts. Source: the wider the tyre, the less it needs to keep its rim off the ground. */
const HOUSE_FLOOR: readonly (readonly [number, LimitKey])[] = [
  [65, 'tyreFloorFat'],
  [45, 'tyreFloorWide'],
  [30, 'tyreFloorMiddle'],
  [0, 'tyreFloorNarrow'],
];

/** Figures nobody can have read off a tyre are not known. */
function known(marked: TyreMarkings): TyreMarkings {
  const figure = (value: number | undefined): number | undefined => (value !== undefined && Number.isFinite(value) && value >= 0 ? value : undefined);
  const { sidewallMin, sidewallMax, rimMax, width } = marked;
  return { ...marked, sidewallMin: figure(sidewallMin), sidewallMax: figure(sidewallMax), rimMax: figure(rimMax), width: figure(width) };
}

/**
 * The window a tyre's pressure belongs in: from its sidewall minimum, else the house's floor for its width, to the least of all stated
 * maxima. Unknown ends are null. A house floor at or above the ceiling says nothing; a marked one there is a conflict.
 */
export function tyreWindow(given: TyreMarkings, choices: LimitChoices = {}): PressureWindow {
  const marked = known(given);
  const most = [marked.sidewallMax, marked.rimMax, marked.hookless ? HOOKLESS_MOST : undefined].filter((each) => each !== undefined);
  const ceiling = most.length > 0 ? Math.min(...most) : null;
  const noRoom = (floor: number): boolean => ceiling !== null && reaches(floor, ceiling);
  if (marked.sidewallMin !== undefined) return { floor: marked.sidewallMin, ceiling, floorSource: 'marking', conflict: noRoom(marked.sidewallMin) };
  const { width } = marked;
  const key = width === undefined ? undefined : HOUSE_FLOOR.find(([from]) => width >= from)?.[1];
  const house = key ? limitOf(choices, key) : null;
  if (!house || noRoom(house.value)) return { floor: null, ceiling, conflict: false };
  return { floor: house.value, ceiling, floorSource: house.source, conflict: false };
}

export type PressureVerdict = 'inside' | 'low' | 'high' | 'empty' | 'unknown';

/** Under this nothing carries a rider, kPa. */
const EMPTY = 20;

/**
 * Where a gauge reading stands in the window. On a limit is outside it. `unknown` where the window does not say: then the
 * person does. Invalid readings (negative, not finite) are unknown.
 */
export function pressureVerdict(kpa: number, window: PressureWindow): PressureVerdict {
  if (!Number.isFinite(kpa) || kpa < 0) return 'unknown';
  if (kpa < EMPTY) return 'empty';
  if (window.ceiling !== null && reaches(kpa, window.ceiling)) return 'high';
  if (window.floor !== null && sinksTo(kpa, window.floor)) return 'low';
  return window.floor === null || window.ceiling === null ? 'unknown' : 'inside';
}
