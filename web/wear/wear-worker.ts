import { expose } from 'comlink';
import { outlookOf } from '@cadre/core/wear';

/** Forecasts are reckoned here, so that a page with many parts stays quick to the hand. */
const worker = {
  outlooks: (
    series: readonly Parameters<typeof outlookOf>[0][],
    now: number,
  ): ReturnType<typeof outlookOf>[] => series.map((each) => outlookOf(each, now)),
};
export type WearWorker = typeof worker;
expose(worker);
