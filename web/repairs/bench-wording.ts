import type { BenchReason } from '@cadre/core/repairs';
import type { Want } from '@cadre/core/schedule';
import { assertNever } from '@cadre/core/errors';
import { clock, dayAndClock } from '@cadre/web/platform/time';
import { KIND_WORDS } from '@cadre/web/words';
import * as t from './messages';

interface Named {
  readonly group: (id: string) => string;
  readonly item: (id: string) => string;
  readonly now: number;
  readonly timeZone?: string | undefined;
}

/** A want without its number: "a 24 in", "an M hardtail", "any bike". */
export const wantWords = (want: Want): string =>
  [want.size, want.kind ? KIND_WORDS[want.kind].toLowerCase() : ''].filter(Boolean).join(' ') || t.anyBike;

/** Why a job has its place on the bench. */
export function placeWords(because: BenchReason, named: Named): string {
  switch (because.code) {
    case 'for-group':
      return t.groupTimeNeedsWant({
        group: named.group(because.groupId),
        time: clock(because.outAt, named.timeZone),
        want: wantWords(because.want),
      });
    case 'too-late':
      return t.groupNeedsWantToo({
        group: named.group(because.groupId),
        want: wantWords(because.want),
        time: clock(because.outAt, named.timeZone),
      });
    case 'runs-out':
      return t.doNotRideFrom({ when: dayAndClock(because.until, named.now, named.timeZone) });
    case 'nobody-waits':
      return t.noGroupNeedsBike;
    case 'lacks-part':
      return t.itemNoneInStock({
        item: named.item(because.itemId),
        when: dayAndClock(because.until, named.now, named.timeZone),
      });
    case 'away':
      return because.until === null
        ? t.waitingEndNotKnown
        : t.waitingUntilWhen({ when: dayAndClock(because.until, named.now, named.timeZone) });
    default:
      return assertNever(because);
  }
}
