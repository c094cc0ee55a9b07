import type { DayModel } from './day-model';

/** Bikes of a class that are done in time for a row and with nobody else at any moment of its time out, by a choice of numbers. */
export function freeFor(
  day: DayModel,
  values: readonly number[],
  of: number,
  row: { readonly outAt: number; readonly backAt: number },
): number {
  const each = day.classes[of];
  if (!each) return 0;
  const sum = (own: readonly { readonly variable: number }[]): number =>
    own.reduce((all, { variable }) => all + (values[variable] ?? 0), 0);
  const readyBy = (departure: number): number =>
    each.work === null
      ? departure >= each.from
        ? each.bikes.length
        : 0
      : sum((day.doingOf[of] ?? []).filter((one) => one.departure <= departure));
  const outAt = (moment: number): number =>
    sum(
      (day.givingOf[of] ?? []).filter((one) => {
        const other = day.rows[one.row];
        return other !== undefined && other.outAt <= moment && moment < other.backAt;
      }),
    );
  return Math.min(
    ...day.moments.flatMap((moment, at) =>
      moment >= row.outAt && moment < row.backAt ? [readyBy(at) - outAt(moment)] : [],
    ),
  );
}
