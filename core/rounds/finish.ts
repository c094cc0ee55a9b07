import { MINUTE_MS } from '@cadre/core/time';
import { normalsOf, streamOf } from '@cadre/core/draws';

/** What is known of how long a bike takes, and how many are left for how many hands. */
export interface FinishInput {
  readonly now: number;
  readonly left: number;
  readonly hands: number;
  /** Minutes a bike of this program's own checks. */
  readonly own: readonly number[];
  /** Minutes a bike as the checklist reckons. */
  readonly checklistMinutes: number;
}

export interface Projection {
  readonly minutesEach: number;
  /** As likely earlier as later. */
  readonly finishAt: number;
  /** The 80 % interval of the finish. */
  readonly earliest: number;
  readonly latest: number;
  /** How many of this program's own checks it rests on. */
  readonly samples: number;
}

/** What the checklist's minutes are worth against the program's own: as much as so many checks. */
const PRIOR_CHECKS = 2;
/** How the minutes differ from bike to bike before anything is known, of their logarithm; and as how many checks that counts. */
const PRIOR_SPREAD = 0.27;
const PRIOR_FREEDOM = 5;
/** The level is a little less certain than its own checks alone say: the simulation of mornings (`npm run pace`) shows how much. */
const LEVEL_DOUBT = 1.3;
const DRAWS = 400;

/** When the last of these bikes is done: bikes are whole, and each hand takes the next one as soon as it is free. */
export function finishOf(minutes: readonly number[], hands: number): number {
  const free = Array.from({ length: Math.max(1, Math.min(hands, minutes.length)) }, () => 0);
  for (const each of minutes) {
    const first = free.indexOf(Math.min(...free));
    free[first] = (free[first] ?? 0) + each;
  }
  return Math.max(...free);
}

/** A sum of so many squared normals, over 0. */
function chiSquare(degrees: number, normal: () => number): number {
  return Array.from({ length: degrees }, normal).reduce((sum, each) => sum + each ** 2, 1e-9);
}

/**
 * When a round will be done, by playing it through many times: the level of the minutes and how they differ from bike to bike are drawn as this program's own checks
 * leave them open (drawn towards the checklist's minutes while there are few), then every bike left its own minutes, and hands take whole bikes one after the other.
 * `left` and `hands` of 0 or less, or a checklist that takes no time, are refused as null. Minutes of 0 or less say nothing and are left out.
 */
export function projectFinish({ now, left, hands, own, checklistMinutes }: FinishInput): Projection | null {
  if (!(left > 0) || !(hands > 0) || !(checklistMinutes > 0)) return null;
  const logs = own.filter((each) => each > 0).map(Math.log);
  const weight = logs.length + PRIOR_CHECKS;
  const expected = Math.log(checklistMinutes);
  const mean = (logs.reduce((sum, each) => sum + each, 0) + PRIOR_CHECKS * expected) / weight;
  const ownMean = logs.reduce((sum, each) => sum + each, 0) / Math.max(1, logs.length);
  const within = logs.reduce((sum, each) => sum + (each - ownMean) ** 2, 0);
  const freedom = PRIOR_FREEDOM + Math.max(0, logs.length - 1);
  const squares = PRIOR_FREEDOM * PRIOR_SPREAD ** 2 + within;

  const finishes = Array.from({ length: DRAWS }, (_, draw) => {
    // Each draw has numbers of its own: a bike more takes longer in every one of them.
    const normal = normalsOf(streamOf(draw + 1));
    const spread = Math.sqrt(squares / chiSquare(freedom, normal));
    const level = mean + ((LEVEL_DOUBT * spread) / Math.sqrt(weight)) * normal();
    return finishOf(
      Array.from({ length: left }, () => Math.exp(level + spread * normal())),
      hands,
    );
  }).sort((x, y) => x - y);
  const at = (share: number): number =>
    Math.round(now + (finishes[Math.round(share * (DRAWS - 1))] ?? 0) * MINUTE_MS);
  const minutesEach = Math.exp(mean + squares / freedom / 2);
  return { minutesEach, finishAt: at(0.5), earliest: at(0.1), latest: at(0.9), samples: own.length };
}
