import { reaches, sinksTo } from './measured';
import { limitOf, type LimitChoices, type LimitKey, type LimitSource, type Sourced } from './limits';

/** What is known of a tyre and its rim, pressures in kPa; absent: not known. */
export interface TyreMarkings {
  readonly sidewallMin?: number | undefined;
  readonly sidewallMax?: number | undefined;
  readonly rimMax?: number | undefined;
  /** The rim has no hooks to hold the bead: it takes less, whatever the tyre says. */
  readonly hookless?: boolean | undefined;
  /** Of the tyre, mm: the program's floor goes by it where no least is marked. */
  readonly width?: number | undefined;
  readonly tubeless?: boolean | undefined;
  /** The start that was calculated for this tyre and chosen, kPa: its floor from then on. */
  readonly start?: number | undefined;
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

/** Up to which width, mm, which floors count, with a tube and tubeless. Why: the wider the tyre, the less it needs to keep its rim off the ground. */
const FLOORS: readonly { readonly to: number; readonly tube: LimitKey; readonly tubeless: LimitKey }[] = [
  { to: 30, tube: 'tyreFloor30', tubeless: 'tyreFloor30Tubeless' },
  { to: 37, tube: 'tyreFloor37', tubeless: 'tyreFloor37Tubeless' },
  { to: 45, tube: 'tyreFloor45', tubeless: 'tyreFloor45Tubeless' },
  { to: 57, tube: 'tyreFloor57', tubeless: 'tyreFloor57Tubeless' },
  { to: 70, tube: 'tyreFloor70', tubeless: 'tyreFloor70Tubeless' },
  { to: Number.POSITIVE_INFINITY, tube: 'tyreFloorOver70', tubeless: 'tyreFloorOver70' },
];

/** Figures nobody can have read off a tyre are not known. */
function known(marked: TyreMarkings): TyreMarkings {
  const figure = (value: number | undefined): number | undefined =>
    value !== undefined && Number.isFinite(value) && value >= 0 ? value : undefined;
  const { sidewallMin, sidewallMax, rimMax, width, start } = marked;
  return {
    ...marked,
    start: figure(start),
    sidewallMin: figure(sidewallMin),
    sidewallMax: figure(sidewallMax),
    rimMax: figure(rimMax),
    width: figure(width),
  };
}

function floorOf(marked: TyreMarkings, choices: LimitChoices): Sourced | null {
  const { sidewallMin, start, width, tubeless } = marked;
  if (start !== undefined && start > (sidewallMin ?? 0)) return { value: start, source: 'start' };
  if (sidewallMin !== undefined) return { value: sidewallMin, source: 'marking' };
  const row = width === undefined ? undefined : FLOORS.find(({ to }) => width <= to);
  return row ? limitOf(choices, tubeless ? row.tubeless : row.tube) : null;
}

/**
 * The window a tyre's pressure belongs in, kPa, both ends inside: from its sidewall minimum or the start that was calculated and chosen for it (never under the minimum),
 * else the program's floor for its width (policy, else default), to the least of all stated maxima. Unknown ends are null. A marked floor over the ceiling is
 * a conflict that only the maker can settle; a floor that is marked nowhere gives way.
 */
export function tyreWindow(given: TyreMarkings, choices: LimitChoices = {}): PressureWindow {
  const marked = known(given);
  const most = [marked.sidewallMax, marked.rimMax, marked.hookless ? HOOKLESS_MOST : undefined].filter(
    (each) => each !== undefined,
  );
  const ceiling = most.length > 0 ? Math.min(...most) : null;
  const isOver = (floor: number): boolean => ceiling !== null && !sinksTo(floor, ceiling);
  if (marked.sidewallMin !== undefined && isOver(marked.sidewallMin))
    return { floor: marked.sidewallMin, ceiling, floorSource: 'marking', conflict: true };
  const floor = floorOf(marked, choices);
  if (!floor || isOver(floor.value))
    return {
      floor: marked.sidewallMin ?? null,
      ceiling,
      conflict: false,
      ...(marked.sidewallMin === undefined ? {} : { floorSource: 'marking' as const }),
    };
  return { floor: floor.value, ceiling, floorSource: floor.source, conflict: false };
}

export type PressureVerdict = 'inside' | 'low' | 'high' | 'empty' | 'unknown';

/** Under this nothing carries a rider, kPa. */
const EMPTY = 20;

/**
 * Where a gauge reading (kPa) stands in the window, whose ends are inside it. `unknown` where the window does not say: then the
 * person does. Invalid readings (negative, not finite) are unknown.
 */
export function pressureVerdict(kpa: number, window: PressureWindow): PressureVerdict {
  if (!Number.isFinite(kpa) || kpa < 0) return 'unknown';
  if (kpa < EMPTY) return 'empty';
  if (window.ceiling !== null && !sinksTo(kpa, window.ceiling)) return 'high';
  if (window.floor !== null && !reaches(kpa, window.floor)) return 'low';
  return window.floor === null || window.ceiling === null ? 'unknown' : 'inside';
}
