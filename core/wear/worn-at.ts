import { scaleOf, type MeasuredOn, type Sourced } from '@cadre/core/measures';
import type { WornMeasure } from './usual';

/** The limit a wearing thing is forecast to: where the measure says fault. Null: none is known here, so nothing is forecast. Source: the measure's own scale. */
export function wornAt(measure: WornMeasure, method: string | null, on: MeasuredOn): Sourced | null {
  const scale = scaleOf({ measure, ...(method === null ? {} : { method }) }, on);
  if (!scale) return null;
  // A chain's first limit is the chain's own, the sprockets' comes after; of the others the last is the fault.
  return (measure === 'chain' ? scale.limits[0] : scale.limits.at(-1)) ?? null;
}
