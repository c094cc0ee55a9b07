import type { BikeKind } from '@cadre/core/fleet';
import { limitOf, type LimitChoices, type LimitKey, type Sourced } from './limits';
import type { PressureWindow } from './tyre-window';

/** Which figure counts for which kind of bike, front and rear. */
const USUAL: Record<BikeKind, { readonly front: LimitKey; readonly rear: LimitKey }> = {
  child: { front: 'pressureChild', rear: 'pressureChild' },
  hybrid: { front: 'pressureHybrid', rear: 'pressureHybrid' },
  hardtail: { front: 'pressureHardtailFront', rear: 'pressureHardtailRear' },
  'full-suspension': { front: 'pressureFullSuspensionFront', rear: 'pressureFullSuspensionRear' },
  'step-through': { front: 'pressureStepThrough', rear: 'pressureStepThrough' },
  cargo: { front: 'pressureCargo', rear: 'pressureCargo' },
  trike: { front: 'pressureTrike', rear: 'pressureTrike' },
};

/** What is left of the usual pressure in slippery weather where a program lets some out. Source: 5 to 10 % less. */
export const SLIPPERY_SHARE = 0.925;

/**
 * The pressure a tyre of this kind of bike is set to, kPa (policy, else default), held inside its window: what is marked beats it. Null where the markings leave no room.
 *
 * @param share of the usual figure that is wanted, 0 to 1: 1 but in slippery weather
 */
export function usualPressure(
  kind: BikeKind,
  end: 'front' | 'rear',
  window: PressureWindow,
  choices: LimitChoices,
  share = 1,
): Sourced | null {
  if (window.conflict) return null;
  const whole = limitOf(choices, USUAL[kind][end]);
  const usual = { ...whole, value: whole.value * share };
  if (window.ceiling !== null && usual.value > window.ceiling)
    return { value: window.ceiling, source: 'marking' };
  if (window.floor !== null && usual.value < window.floor)
    return { value: window.floor, source: window.floorSource ?? 'marking' };
  return usual;
}
