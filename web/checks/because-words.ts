import type { Because } from '@cadre/core/exposure';
import * as t from './messages';

type Words = (count: number) => string;
const always =
  (words: string): Words =>
  () =>
    words;

/** Why a question is asked of a bike asked by exposure; nothing where it needs no reason: it is asked every day, or what is open is on show. */
const WORDS: Readonly<Record<Because['code'], Words>> = {
  'every-day': always(''),
  'open-finding': always(''),
  'unknown-cause': always(''),
  outing: (count) => t.outingsSince({ count }),
  handling: always(t.movedSince),
  night: (count) => t.nightsUnlocked({ count }),
  weather: (count) => t.nightsOutdoors({ count }),
  hours: (count) => t.hoursSince({ count }),
  age: (count) => t.daysSince({ count }),
  incident: always(t.incidentSince),
  changed: always(t.bikeChangedSince),
  work: always(t.workedOnSince),
  'too-old': always(t.noRecentPass),
  'no-look': always(t.noRecentPass),
  unsigned: always(t.noRecentPass),
  'no-pass': always(t.didNotPassLastTime),
  'no-co-sign': always(t.lastPassNotCoSigned),
  hasty: always(t.lastCheckTooFast),
  'from-paper': always(t.lastCheckOnPaper),
  'other-question': always(t.questionChangedSince),
};

export const becauseWords = (because: Because | null): string =>
  because ? WORDS[because.code](because.count ?? 0) : '';
