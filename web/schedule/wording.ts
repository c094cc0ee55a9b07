import type { Want, WantCover } from '@cadre/core/schedule';
import { KIND_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** "8 × child’s bike 24 in", "4 × any bike". */
export function wantWords(want: Want, count = want.count): string {
  const kind = want.kind ? KIND_WORDS[want.kind].toLowerCase() : '';
  const what = [kind, want.size].filter(Boolean).join(' ') || t.anyBike;
  return `${count} × ${what}`;
}

/** What is short, by size and kind; nothing when nothing is. */
export function shortWords(covers: readonly WantCover[]): string {
  return covers
    .filter((each) => each.short > 0)
    .map((each) => wantWords(each.want, each.short))
    .join(', ');
}

/** What is short in a few letters: of which size and kind where one word says it, else how many. */
export function shortBrief(covers: readonly WantCover[]): string {
  const short = covers.filter((each) => each.short > 0);
  const words = shortWords(short);
  return words.length <= 14 ? words : String(short.reduce((sum, each) => sum + each.short, 0));
}

/** How many of those cleared are of another size than was asked for; nothing when none is. */
export function standInWords(covers: readonly WantCover[]): string {
  const count = covers.reduce((sum, each) => sum + each.standIns, 0);
  return count === 0 ? '' : t.countInAnotherSize({ count });
}

/** A want as it is typed: what `readWants` reads back. */
export function wantText(wants: readonly Want[]): string {
  return wants
    .map(
      (want) =>
        `${want.count} x ${[want.size, want.kind ? KIND_WORDS[want.kind].toLowerCase().replace('’', "'") : ''].filter(Boolean).join(' ') || t.anyBikeLabel}`,
    )
    .join(', ');
}
