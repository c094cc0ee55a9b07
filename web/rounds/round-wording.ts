import type { Projection } from '@cadre/core/rounds';
import { clock, count, dayAndClock, untilNow } from '@cadre/web/platform/time';

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
    between: `${say(projection.earliest)} to ${say(projection.latest)}`,
  };
}

/** Whether the deadline holds, with the doubt said as doubt. */
export function deadlineWords(
  projection: Projection,
  deadline: number,
): { readonly words: string; readonly tone: 'good' | 'doubt' | 'bad' } {
  if (projection.latest <= deadline) return { words: 'in time', tone: 'good' };
  if (projection.finishAt <= deadline) return { words: 'in time, if nothing comes between', tone: 'doubt' };
  const late = Math.max(1, Math.round((projection.finishAt - deadline) / 60_000));
  const words =
    late < 120
      ? `${late} min late`
      : late < 2880
        ? `${Math.round(late / 60)} h late`
        : `${Math.round(late / 1440)} days late`;
  return { words: projection.earliest > deadline ? words : `about ${words}`, tone: 'bad' };
}

export function basisWords(projection: Projection): string {
  const minutes = `${projection.minutesEach.toFixed(1)} min a bike`;
  return projection.samples
    ? `${minutes}, from ${count(projection.samples, 'check')} of this house and the checklist`
    : `${minutes}, from the checklist alone`;
}

/** A moment of today by the clock, any other by its day. */
export function shortWhen(at: number, now: number, timeZone: string): string {
  return dayAndClock(at, now, timeZone).replace(/^today /, '');
}
