import { wrap } from 'comlink';
import type { Said } from '@cadre/web/platform/api';
import { TookTooLongError, withTimeLimit } from '@cadre/web/platform/workers';
import type { CalendarWorker } from './calendar-worker';
import type { CalendarFault, CalendarGroup, ReadCalendar } from './read-calendar';
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

type Taken = { readonly groups: readonly CalendarGroup[] } | { readonly said: Said };

/** The outings of a calendar file between two times, read beside the screen's own thread and stopped if it takes too long. */
export async function takeCalendarFile(
  file: File,
  from: number,
  until: number,
  makeWorker = (): Worker => new Worker(new URL('./calendar-worker.ts', import.meta.url), { type: 'module' }),
): Promise<Taken> {
  if (file.size > MOST_BYTES)
    return {
      said: {
        what: t.nameHasSizeMb({ name: file.name, size: Math.round(file.size / 1e6) }),
        todo: t.exportOnlyNextWeeks2,
      },
    };
  const worker = makeWorker();
  try {
    const { read } = wrap<CalendarWorker>(worker);
    const answer: Promise<ReadCalendar> = read(await file.text(), from, until);
    const found = await withTimeLimit(answer, MOST_MS, () => worker.terminate());
    return found.ok ? found : { said: FAULT_WORDS[found.fault](file.name, found.detail) };
  } catch (error) {
    if (error instanceof TookTooLongError) return { said: tooLong(file.name) };
    throw error;
  } finally {
    worker.terminate();
  }
}
