import type { Build } from '@cadre/core/fleet';

/** A bike as far as its sealant goes: how its tyres are held, and what is stated of it and its parts. */
export interface SealedBike {
  readonly build: Pick<Build, 'tyreFront' | 'tyreRear'>;
  readonly fit: Readonly<Record<string, unknown>>;
}

export interface SealantDose {
  /** Millilitres for all tyres whose dose is stated. */
  readonly ml: number;
  /** Tubeless tyres without a stated dose. */
  readonly unstated: number;
}

/** What a service of sealant takes from the bottle: the dose stated of each tubeless tyre. */
export function sealantDose(bikes: readonly SealedBike[]): SealantDose {
  const doses = bikes.flatMap(({ build, fit }) => [
    ...(build.tyreFront === 'tubeless' ? [fit['sealantFront']] : []),
    ...(build.tyreRear === 'tubeless' ? [fit['sealantRear']] : []),
  ]);
  const stated = doses.filter((dose): dose is number => typeof dose === 'number');
  return { ml: stated.reduce((sum, dose) => sum + dose, 0), unstated: doses.length - stated.length };
}
