import { wrap, type Remote } from 'comlink';
import type { Said } from '@cadre/web/platform/api';
import { TookTooLongError, withTimeLimit } from '@cadre/web/platform/workers';
import type { CalendarWorker } from './calendar-worker';
import type { CalendarDay, CalendarFault, CalendarGroup } from './read-calendar';
import * as t from './messages';

const MOST_BYTES = 5_000_000;
const MOST_MS = 10_000;

const FAULT_WORDS: Record<CalendarFault, (name: string, detail: string) => Said> = {
  'no-calendar': (name, detail) => ({
    what: t.nameCannotReadAs({ name, part: detail ? ` (${detail})` : '' }),
    todo: t.exportAsICalendarIcs,
  }),
  'too-many': (name, detail) => ({
    what: t.nameHasMoreThan({ name, detail }),
    todo: t.exportOnlyNextWeeks,
  }),
};
const tooLong = (name: string): Said => ({
  what: t.nameWasStoppedAfter({ name, mostMs: MOST_MS / 1000 }),
  todo: t.exportOnlyNextWeeksRemove,
});

type Taken<T> = T | { readonly said: Said };
type Found<T> =
  | (T & { readonly ok: true })
  | { readonly ok: false; readonly fault: CalendarFault; readonly detail: string };

const newWorker = (): Worker =>
  new Worker(new URL('./calendar-worker.ts', import.meta.url), { type: 'module' });

/** What a calendar file says, read beside the screen's own thread and stopped if it takes too long. */
async function take<T extends object>(
  file: File,
  ask: (worker: Remote<CalendarWorker>, text: string) => Promise<Found<T>>,
  makeWorker: () => Worker,
): Promise<Taken<T>> {
  if (file.size > MOST_BYTES)
    return {
      said: {
        what: t.nameHasSizeMb({ name: file.name, size: Math.round(file.size / 1e6) }),
        todo: t.exportOnlyNextWeeks2,
      },
    };
  const worker = makeWorker();
  try {
    const answer = ask(wrap<CalendarWorker>(worker), await file.text());
    const found = await withTimeLimit(answer, MOST_MS, () => worker.terminate());
    return found.ok ? found : { said: FAULT_WORDS[found.fault](file.name, found.detail) };
  } catch (error) {
    if (error instanceof TookTooLongError) return { said: tooLong(file.name) };
    throw error;
  } finally {
    worker.terminate();
  }
}

/** The outings of a calendar file between two times. */
export const takeCalendarFile = (
  file: File,
  from: number,
  until: number,
  makeWorker = newWorker,
): Promise<Taken<{ readonly groups: readonly CalendarGroup[] }>> =>
  take(file, async (worker, text) => worker.read(text, from, until), makeWorker);

/** The whole days of a calendar file, such as holidays, between two days. */
export const takeDaysFile = (
  file: File,
  from: string,
  until: string,
  makeWorker = newWorker,
): Promise<Taken<{ readonly days: readonly CalendarDay[] }>> =>
  take(file, async (worker, text) => worker.readDays(text, from, until), makeWorker);
