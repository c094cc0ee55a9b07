import { wrap } from 'comlink';
import type { Said } from '@cadre/web/platform/api';
import { TookTooLongError, withTimeLimit } from '@cadre/web/platform/workers';
import type { CalendarWorker } from './calendar-worker';
import type { CalendarFault, CalendarGroup, ReadCalendar } from './read-calendar';

const MOST_BYTES = 5_000_000;
const MOST_MS = 10_000;

const FAULT_WORDS: Record<CalendarFault, (name: string, detail: string) => Said> = {
  'no-calendar': (name, detail) => ({
    what: `${name} is no calendar that can be read${detail ? ` (${detail})` : ''}.`,
    todo: 'Export it as iCalendar (.ics) and try again.',
  }),
  'too-many': (name, detail) => ({
    what: `${name} has more than ${detail} events or repeats too often.`,
    todo: 'Export the next weeks only, or only the calendar of outings.',
  }),
};
const tooLong = (name: string): Said => ({
  what: `${name} took longer than ${MOST_MS / 1000} seconds to read and was stopped. One of its events may repeat for ever.`,
  todo: 'Export the next weeks only, or take the repeating event out.',
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
        what: `${file.name} is ${Math.round(file.size / 1e6)} MB; a calendar of outings is smaller.`,
        todo: 'Export the next weeks only.',
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
