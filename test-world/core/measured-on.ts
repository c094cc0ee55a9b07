import { USUAL_BUILD, type Build, type FitList } from '@cadre/core/fleet';
import type { MeasuredOn } from '@cadre/core/measures';

/** What a reading is judged on: a usual hardtail's front end with nothing marked, with only what matters said. */
export function onLike(
  more: Partial<Omit<MeasuredOn, 'build' | 'fit'>> & { build?: Partial<Build>; fit?: FitList } = {},
): MeasuredOn {
  return {
    end: 'front',
    rearSuspension: false,
    chainPreset: 'by-gearing',
    limits: {},
    ...more,
    build: { ...USUAL_BUILD.hardtail, ...more.build },
    fit: more.fit ?? {},
  };
}
