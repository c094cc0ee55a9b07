import { closest, distance } from 'fastest-levenshtein';

/** A known name that differs from this one in other than its digits: "Rail 2" is no slip of "Rail 1". */
export function slipOf(text: string, known: readonly string[]): string | null {
  const bare = (name: string): string => name.replace(/\d+/g, '').trim().toLowerCase();
  const near = nearestOf(text, known);
  return near !== null && bare(near) !== bare(text) ? near : null;
}

/** The known word most like what was written, when it is near enough to be a slip. */
export function nearestOf(text: string, known: readonly string[]): string | null {
  if (known.length === 0 || text === '') return null;
  const lower = known.map((word) => word.toLowerCase());
  const near = closest(text.toLowerCase(), lower);
  return distance(text.toLowerCase(), near) <= Math.max(1, Math.floor(near.length / 3))
    ? (known[lower.indexOf(near)] ?? null)
    : null;
}
