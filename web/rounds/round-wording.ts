import type { Projection } from '@cadre/core/rounds';
import { clock, dayAndClock, dayAt, untilNow } from '@cadre/web/platform/time';
import * as t from './messages';

/** "done about 08:40, between 08:31 and 08:52", or by day when it takes longer than that. */
export function finishWords(
  projection: Projection,
  now: number,
  timeZone: string,
): { readonly about: string; readonly between: string } {
  const far = projection.latest - now > 20 * 3_600_000;
  const say = (at: number): string => (far ? untilNow(at, now) : clock(at, timeZone));
  return {
    about: say(projection.finishAt),
    between: t.saySay2({ say: say(projection.earliest), say2: say(projection.latest) }),
  };
}

/** Whether the deadline holds, with the doubt said as doubt. */
export function deadlineWords(
  projection: Projection,
  deadline: number,
): { readonly words: string; readonly tone: 'good' | 'doubt' | 'bad' } {
  if (projection.latest <= deadline) return { words: t.inTime, tone: 'good' };
  if (projection.finishAt <= deadline) return { words: t.inTimeIfNothing, tone: 'doubt' };
  const late = Math.max(1, Math.round((projection.finishAt - deadline) / 60_000));
  const words =
    late < 120
      ? t.lateMinLate({ late })
      : late < 2880
        ? t.lateHLate({ late: Math.round(late / 60) })
        : t.lateDaysLate({ late: Math.round(late / 1440) });
  return { words: projection.earliest > deadline ? words : t.aboutWords({ words }), tone: 'bad' };
}

export function basisWords(projection: Projection): string {
  const minutes = t.minutesEachMinBike({ minutesEach: projection.minutesEach.toFixed(1) });
  return projection.samples
    ? t.minutesFromEarlierCheck({ minutes, samples: projection.samples })
    : t.minutesEstimatedFromChecklist({ minutes });
}

/** A moment of today by the clock, any other by its day. */
export function shortWhen(at: number, now: number, timeZone: string): string {
  return dayAt(at, timeZone) === dayAt(now, timeZone) ? clock(at, timeZone) : dayAndClock(at, now, timeZone);
}
