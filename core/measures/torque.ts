import { fieldIssues, issue, measured, unmeasured, type Measured } from './measured';

export interface StatedTorque {
  readonly of: string;
  /** N m. */
  readonly value: number;
}

export const TORQUE_STAGES = [0.5, 0.8, 1] as const;

export type TorqueAnswer =
  | {
      readonly kind: 'target';
      /** N m. */
      readonly target: number;
      readonly ceiling: StatedTorque;
      readonly floor: StatedTorque | null;
      /** N m at each stage, the last the target. */
      readonly stages: readonly number[];
    }
  | { readonly kind: 'conflict'; readonly ceiling: StatedTorque; readonly floor: StatedTorque };

const statedIssues = (path: string, stated: readonly StatedTorque[]) =>
  fieldIssues(
    ...stated.map(({ value }, at) => ({ path: `${path}.${at}`, value, least: 0.5, most: 80, unit: 'N m' })),
  );

/**
 * The torque of a joint, N m. Ceiling: the least of all stated maxima, for of two limits the safer holds. Floor: the greatest of the stated minima. Target:
 * the ceiling less the margin (0 to 0.3), never under the floor and so never over the ceiling. A floor above the ceiling is a conflict: ask the maker.
 */
export function torqueFor(
  maxima: readonly StatedTorque[],
  minima: readonly StatedTorque[],
  margin: number,
): Measured<TorqueAnswer> {
  const wrong = [
    ...statedIssues('maxima', maxima),
    ...statedIssues('minima', minima),
    ...fieldIssues({ path: 'margin', value: margin, least: 0, most: 0.3, unit: 'ratio' }),
  ];
  if (wrong.length > 0) return unmeasured(...wrong);
  const [first, ...others] = maxima;
  if (!first) return unmeasured(issue('maxima', 'required'));
  const ceiling = others.reduce((least, each) => (each.value < least.value ? each : least), first);
  const floor = minima.reduce<StatedTorque | null>(
    (most, each) => (most === null || each.value > most.value ? each : most),
    null,
  );
  if (floor && floor.value > ceiling.value) return measured({ kind: 'conflict', ceiling, floor });
  const target = Math.max(ceiling.value * (1 - margin), floor?.value ?? 0);
  return measured({
    kind: 'target',
    target,
    ceiling,
    floor,
    stages: TORQUE_STAGES.map((stage) => stage * target),
  });
}

/** What to set a wrench to when an adapter lies in line with it: target x L / (L + e). Lengths in mm from the hand to the square, and on to the bolt. */
export function wrenchSetting(targetNm: number, wrenchMm: number, adapterMm: number): Measured<number> {
  const wrong = fieldIssues(
    { path: 'target', value: targetNm, least: 0.1, most: 100, unit: 'N m' },
    { path: 'wrench', value: wrenchMm, least: 50, most: 1500, unit: 'mm' },
    { path: 'adapter', value: adapterMm, least: 0, most: 500, unit: 'mm' },
  );
  return wrong.length > 0 ? unmeasured(...wrong) : measured((targetNm * wrenchMm) / (wrenchMm + adapterMm));
}

/** How hard the hand pulls at the end of a wrench, N: torque over its length (m). */
export function handForce(targetNm: number, wrenchMm: number): Measured<number> {
  const wrong = fieldIssues(
    { path: 'target', value: targetNm, least: 0.1, most: 100, unit: 'N m' },
    { path: 'wrench', value: wrenchMm, least: 50, most: 1500, unit: 'mm' },
  );
  return wrong.length > 0 ? unmeasured(...wrong) : measured(targetNm / (wrenchMm / 1000));
}

/**
 * The order of n bolts standing in a ring, numbered round it from 1: each as far as can be from the one before. Even numbers go
 * across, odd ones make a star. n from 1 to 12, a whole number.
 */
export function boltOrder(bolts: number): Measured<readonly number[]> {
  const wrong = fieldIssues({ path: 'bolts', value: bolts, least: 1, most: 12, unit: 'bolts' });
  if (wrong.length > 0) return unmeasured(...wrong);
  if (!Number.isInteger(bolts)) return unmeasured(issue('bolts', 'not-whole'));
  const half = Math.floor(bolts / 2);
  if (bolts % 2 === 0)
    return measured(Array.from({ length: half }, (_, at) => [at + 1, at + 1 + half]).flat());
  return measured(Array.from({ length: bolts }, (_, at) => ((at * half) % bolts) + 1));
}
