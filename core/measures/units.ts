/** Units readings are written in, each with its kind and how many of the core's unit one of it is. */
export const UNITS = {
  mm: ['length', 1],
  cm: ['length', 10],
  in: ['length', 25.4],
  kPa: ['pressure', 1],
  bar: ['pressure', 100],
  psi: ['pressure', 6.894757293],
  'N m': ['torque', 1],
  'in lbf': ['torque', 1 / 8.850746],
  'ft lbf': ['torque', 1 / 0.737562],
  kg: ['mass', 1],
  lb: ['mass', 0.45359237],
  km: ['distance', 1],
  mi: ['distance', 1.609344],
  h: ['time', 1],
  d: ['time', 24],
} as const satisfies Readonly<Record<string, readonly [string, number]>>;
export type WrittenUnit = keyof typeof UNITS;

/** A value in another unit of its kind. Units of two kinds are a bug of the caller. */
export function convert(value: number, from: WrittenUnit, to: WrittenUnit): number {
  const [kind, factor] = UNITS[from];
  const [otherKind, otherFactor] = UNITS[to];
  if (kind !== otherKind) throw new Error(`${from} is no ${to}`);
  return from === to ? value : (value * factor) / otherFactor;
}
