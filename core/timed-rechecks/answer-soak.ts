import { HOUR_MS } from '@cadre/core/time';
import type { FieldIssue } from '@cadre/core/errors';
import { leak, type LeakAnswer, type LimitChoices } from '@cadre/core/measures';
import type { Gauged, TimedRecheck } from './timed-recheck';

/** Too soon: looked at once more after at least so long, hours. */
const AGAIN_HOURS = 6;
/** A soak that holds is asked nothing more of before the next ordinary look. */
const NEXT_LOOK_HOURS = 24;

export type SoakAnswer =
  | { readonly ok: false; readonly issues: readonly FieldIssue[] }
  | {
      readonly ok: true;
      readonly answer: LeakAnswer;
      /** When it is looked at once more, or null when the soak is over. */
      readonly againAt: number | null;
    };

/** What a second gauge reading says of a soak. Too soon to say: it goes on, and raises itself again. */
export function answerSoak(
  recheck: Pick<TimedRecheck, 'gauged' | 'floor' | 'floorSource' | 'since'>,
  now: Gauged,
  choices: LimitChoices,
): SoakAnswer {
  if (!recheck.gauged) return { ok: false, issues: [{ path: 'gauged', code: 'required' }] };
  const hours = (now.at - recheck.gauged.at) / HOUR_MS;
  const { gauged, floor, floorSource } = recheck;
  const told = leak(
    {
      before: gauged.kpa,
      after: now.kpa,
      hours,
      floor: floor ?? undefined,
      floorSource,
      nextLookHours: NEXT_LOOK_HOURS,
    },
    choices,
  );
  if (!told.ok) return told;
  const { outcome: word, because } = told.value;
  const wanted = because === 'hours' ? AGAIN_HOURS - hours : hours;
  return {
    ok: true,
    answer: told.value,
    againAt: word === 'too-soon' ? now.at + Math.max(1, wanted) * HOUR_MS : null,
  };
}
