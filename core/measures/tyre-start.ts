import { fieldIssues, issue, measured, unmeasured, type Measured } from './measured';
import type { PressureWindow } from './tyre-window';
import { convert } from './units';

/** The share of the system's mass a wheel carries. Source: an adult on a two-wheeler sits a little behind the middle. */
export const WHEEL_SHARE = { front: 0.45, rear: 0.55 } as const;

/** The fit holds for adults on these loads, kg a wheel, and widths, mm. */
const FIT = { load: [30, 80], width: [23, 60] } as const;

export const SURFACES = ['hard', 'gravel', 'trail'] as const;
export interface TyreRide {
  readonly surface: (typeof SURFACES)[number];
  readonly wet?: boolean | undefined;
  readonly tubeless?: boolean | undefined;
}
/** Softer where it is rough, wet, or where there is no tube to pinch: shares taken off the start. */
const OFFSET = { hard: 0, gravel: -0.1, trail: -0.15, wet: -0.05, tubeless: -0.05 } as const;

export interface TyreStart {
  /** kPa, a starting point and no verdict. */
  readonly pressure: number;
  /** As calculated and offset, before the window held it, kPa. */
  readonly calculated: number;
  /** The end of the window it was held at, if any. */
  readonly held: 'floor' | 'ceiling' | null;
  readonly load: number;
}

/**
 * A pressure to start from: psi = 153.6 x load (lb) / width (mm)^1.5785 - 7.1685, a fit to a tyre drop of 15 % for adults. Load is the system's
 * mass times the wheel's share. Then offset, then held inside what is marked on tyre and rim: a default floor lifts nothing. Refused: outside 30 to 80 kg a wheel or 23 to 60 mm
 * (the program's figure counts there), a window with no room, and one without a marked ceiling.
 */
export function tyreStart(
  massKg: number,
  share: number,
  widthMm: number,
  ride: TyreRide,
  window: PressureWindow,
): Measured<TyreStart> {
  const wrong = fieldIssues(
    { path: 'mass', value: massKg, least: 10, most: 400, unit: 'kg' },
    { path: 'share', value: share, least: 0.1, most: 0.9, unit: 'ratio' },
    { path: 'width', value: widthMm, least: 18, most: 130, unit: 'mm' },
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const load = massKg * share;
  const outside = [
    ...(load < FIT.load[0] || load > FIT.load[1]
      ? [issue('mass', 'outside-fit', { least: FIT.load[0], most: FIT.load[1], unit: 'kg' })]
      : []),
    ...(widthMm < FIT.width[0] || widthMm > FIT.width[1]
      ? [issue('width', 'outside-fit', { least: FIT.width[0], most: FIT.width[1], unit: 'mm' })]
      : []),
  ];
  if (outside.length > 0) return unmeasured(...outside);
  const { ceiling } = window;
  const floor = window.floorSource === 'marking' ? window.floor : null;
  if (window.conflict) return unmeasured(issue('window', 'no-room'));
  if (ceiling === null) return unmeasured(issue('window', 'no-ceiling'));
  const psi = (153.6 * convert(load, 'kg', 'lb')) / widthMm ** 1.5785 - 7.1685;
  const offset =
    1 + OFFSET[ride.surface] + (ride.wet ? OFFSET.wet : 0) + (ride.tubeless ? OFFSET.tubeless : 0);
  const calculated = Math.max(0, convert(psi, 'psi', 'kPa') * offset);
  if (calculated > ceiling) return measured({ pressure: ceiling, calculated, held: 'ceiling', load });
  if (floor !== null && calculated < floor)
    return measured({ pressure: floor, calculated, held: 'floor', load });
  return measured({ pressure: calculated, calculated, held: null, load });
}
