import type { Want } from '../groups';
import { readWants } from './wants';

/** One line of a pasted list, as far as it could be read. */
export interface GroupLine {
  readonly text: string;
  readonly name: string;
  /** The day, when the line names one (year-month-day). */
  readonly day: string | null;
  /** Wall-clock times ("09:30"), null when the line names none. */
  readonly out: string | null;
  readonly back: string | null;
  readonly wants: readonly Want[];
  /** Pieces about bikes that could not be read, and a day that does not exist. */
  readonly unread: readonly string[];
}

const SPAN =
  /(\d{1,2})(?:[:.h](\d{2}))?\s*(am|pm)?\s*(?:-|–|—|to|until|bis)\s*(\d{1,2})(?:[:.h](\d{2}))?\s*(am|pm)?/i;
const TWO_TIMES = /(\d{1,2})[:.h](\d{2})\s*[\t|;,]\s*(\d{1,2})[:.h](\d{2})/;
const DAY = /\b(\d{4}-\d{2}-\d{2})\b/;

/** Whether there is such a day. */
function isDay(text: string): boolean {
  const date = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(text);
}

function clockOf(
  hours: string | undefined,
  minutes: string | undefined,
  half: string | undefined,
): string | null {
  let hour = Number(hours);
  if (half && hour > 12) return null;
  if (half?.toLowerCase() === 'pm' && hour < 12) hour += 12;
  if (half?.toLowerCase() === 'am' && hour === 12) hour = 0;
  const minute = Number(minutes ?? 0);
  return hour <= 23 && minute <= 59
    ? `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`
    : null;
}

const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

/** Both ends of a span. A half said of one end only is the other's too, unless the span would run backwards then: "1-3 pm" is afternoon at both ends, "11-1 pm" is not. */
function spanOf(span: RegExpExecArray): { readonly out: string | null; readonly back: string | null } {
  const [, outHours, outMinutes, outHalf, backHours, backMinutes, backHalf] = span;
  const other = (half: string): string => (half.toLowerCase() === 'pm' ? 'am' : 'pm');
  const inOrder = (out: string | null, back: string | null): boolean =>
    out !== null && back !== null && minutesOf(out) < minutesOf(back);
  let out = clockOf(outHours, outMinutes, outHalf ?? backHalf);
  let back = clockOf(backHours, backMinutes, backHalf ?? outHalf);
  if (!outHalf && backHalf && !inOrder(out, back)) {
    const earlier = [
      clockOf(outHours, outMinutes, other(backHalf)),
      clockOf(outHours, outMinutes, undefined),
    ].find((each) => inOrder(each, back));
    out = earlier ?? out;
  }
  if (outHalf && !backHalf && !inOrder(out, back)) {
    const later = [
      clockOf(backHours, backMinutes, other(outHalf)),
      clockOf(backHours, backMinutes, undefined),
    ].find((each) => inOrder(out, each));
    back = later ?? back;
  }
  return { out, back };
}

/** The times of a line, and the line without them. */
function timesIn(text: string): {
  readonly rest: string;
  readonly out: string | null;
  readonly back: string | null;
} {
  const two = TWO_TIMES.exec(text);
  if (two)
    return {
      rest: text.replace(two[0], '\t'),
      out: clockOf(two[1], two[2], undefined),
      back: clockOf(two[3], two[4], undefined),
    };
  const span = SPAN.exec(text);
  if (!span || (!span[2] && !span[5] && !span[3] && !span[6])) return { rest: text, out: null, back: null };
  return { rest: text.replace(span[0], '\t'), ...spanOf(span) };
}

/** Reads one line: a day and times anywhere in it, and of the pieces between colons and tabs the name first, then the bikes. */
export function readGroupLine(text: string): GroupLine {
  const dated = DAY.exec(text)?.[1] ?? null;
  const day = dated !== null && isDay(dated) ? dated : null;
  const { rest, out, back } = timesIn(dated ? text.replace(dated, '\t') : text);
  const pieces = rest
    .split(/\t|\||:| – | - /)
    .map((piece) => piece.replace(/^[\s,;–-]+|[\s,;–-]+$/g, ''))
    .filter(Boolean);
  const read = pieces.map((piece) => ({ piece, ...readWants(piece) }));
  // The first piece is the name, unless it is all about bikes and something else could be the name.
  const nameAt = Math.max(
    0,
    read.findIndex((each) => each.wants.length === 0 || each.unread.length > 0),
  );
  const about = read.filter((_, index) => index !== nameAt || read.length === 1);
  return {
    text,
    name: read[nameAt]?.piece ?? '',
    day,
    out,
    back,
    wants: about.flatMap((each) => each.wants),
    unread: [
      // A day there never is: nothing is planned for it, and nothing for today in its place.
      ...(dated !== null && day === null ? [dated] : []),
      ...(read.length === 1 && about[0]?.wants.length === 0 ? [] : about.flatMap((each) => each.unread)),
    ],
  };
}

/** Reads a pasted list, one group a line. */
export function readGroupLines(text: string): readonly GroupLine[] {
  return text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .map(readGroupLine);
}
