import { MINUTE_MS } from '@cadre/core/time';
import { normalsOf, streamOf } from '@cadre/core/draws';
import { finishOf, projectFinish } from '@cadre/core/rounds';

export interface PaceRow {
  readonly hands: number;
  readonly left: number;
  readonly mornings: number;
  /** Shares of the mornings that ended inside the 80 % interval, before it and after it. */
  readonly inside: number;
  readonly before: number;
  readonly after: number;
}

/** How made-up minutes spread about their mean: skewed a little, skewed more, even. */
const SHAPES = ['lognormal', 'gamma', 'uniform'] as const;
const OWN_CHECKS = [3, 6, 12, 30] as const;
const CHECKLIST_MINUTES = 6;

/** Made-up mornings of so many bikes and hands, whose finish was projected from the checks before: how often the interval held it. The same seed tells the same. */
export function simulatePace(hands: number, left: number, mornings: number, seed: number): PaceRow {
  const random = streamOf(seed);
  const normal = normalsOf(random);
  let [inside, before, after] = [0, 0, 0];
  for (let morning = 0; morning < mornings; morning += 1) {
    const mean = CHECKLIST_MINUTES * Math.exp(0.35 * normal());
    const varies = 0.2 + 0.3 * random();
    const shape = SHAPES[morning % SHAPES.length];
    const parts = Math.round(1 / varies ** 2);
    const minutes = (): number => {
      if (shape === 'lognormal') return mean * Math.exp(varies * normal() - varies ** 2 / 2);
      if (shape === 'uniform') return mean * (1 + varies * Math.sqrt(3) * (2 * random() - 1));
      return (
        (mean *
          Array.from({ length: parts }, () => -Math.log(random())).reduce((sum, each) => sum + each, 0)) /
        parts
      );
    };
    const own = Array.from({ length: OWN_CHECKS[morning % OWN_CHECKS.length] ?? 3 }, minutes);
    const took = finishOf(Array.from({ length: left }, minutes), hands) * MINUTE_MS;
    const told = projectFinish({ now: 0, left, hands, own, checklistMinutes: CHECKLIST_MINUTES });
    if (!told) throw new Error('nothing projected');
    if (took < told.earliest) before += 1;
    else if (took > told.latest) after += 1;
    else inside += 1;
  }
  return {
    hands,
    left,
    mornings,
    inside: inside / mornings,
    before: before / mornings,
    after: after / mornings,
  };
}
