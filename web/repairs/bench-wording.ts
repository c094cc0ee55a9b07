import type { BenchReason } from '@cadre/core/repairs';
import type { Want } from '@cadre/core/schedule';
import { assertNever } from '@cadre/core/errors';
import { clock, dayAndClock } from '@cadre/web/platform/time';
import { KIND_WORDS } from '@cadre/web/words';

interface Named {
  readonly group: (id: string) => string;
  readonly item: (id: string) => string;
  readonly now: number;
  readonly timeZone?: string | undefined;
}

/** A want without its number: "a 24 in", "an M hardtail", "any bike". */
export const wantWords = (want: Want): string =>
  [want.size, want.kind ? KIND_WORDS[want.kind].toLowerCase() : ''].filter(Boolean).join(' ') || 'any bike';

/** Why a job has its place on the bench. */
export function placeWords(because: BenchReason, named: Named): string {
  switch (because.code) {
    case 'for-group':
      return `${named.group(because.groupId)} at ${clock(because.outAt, named.timeZone)} lacks: ${wantWords(because.want)}`;
    case 'too-late':
      return `${named.group(because.groupId)} lacks: ${wantWords(because.want)}; too late for ${clock(because.outAt, named.timeZone)}`;
    case 'runs-out':
      return `Becomes a stop ${dayAndClock(because.until, named.now, named.timeZone)}`;
    case 'nobody-waits':
      return 'No group waits for it';
    case 'lacks-part':
      return `None on the shelf: ${named.item(because.itemId)}; here ${dayAndClock(because.until, named.now, named.timeZone)} if ordered now`;
    case 'away':
      return because.until === null
        ? 'Waits, nobody knows how long'
        : `Waits until ${dayAndClock(because.until, named.now, named.timeZone)}`;
    default:
      return assertNever(because);
  }
}
