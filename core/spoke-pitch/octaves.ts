import { toneIn, type Pluck } from './pluck';

/** Spokes of bicycle wheels ring between these, Hz. Source: steel spokes of 170 to 310 mm from slack to full tension. */
export const SPOKE_HZ = { least: 60, most: 1200 } as const;

/** A spoke this share of an octave away from the others of its side may have been heard an octave off. */
const FAR = 0.6;
/** With so little of the lower tone in the sound, against its octave, the lower one is not there. */
const NOT_THERE = 0.12;
/** So many spokes of a side have to be known before they speak for another. */
const ENOUGH = 3;

const octaves = (a: number, b: number): number => Math.log2(a / b);
function medianOf(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  return sorted.length % 2 ? (sorted[middle] ?? 0) : ((sorted[middle - 1] ?? 0) + (sorted[middle] ?? 0)) / 2;
}

/**
 * The pitch of a spoke, Hz, with a slip of an octave put back by the other spokes of its side. Only what the sound itself bears out is put back: a spoke that truly
 * rings an octave lower has a quarter of the tension, and stays as it was heard.
 *
 * @param heard by the pitch detector
 * @param others the spokes of the same side heard so far
 */
export function guardOctave(pluck: Pluck, heard: number, others: readonly number[]): number {
  const known = others.filter((each) => each > 0);
  if (known.length < ENOUGH) return heard;
  const usual = medianOf(known);
  if (Math.abs(octaves(heard, usual)) < FAR) return heard;
  const [twice, half] = [heard * 2, heard / 2];
  const nearer = [twice, half].find((each) => Math.abs(octaves(each, usual)) < FAR / 2);
  if (nearer === undefined) return heard;
  const [low, high] = nearer > heard ? [heard, nearer] : [nearer, heard];
  const lowIsThere = toneIn(pluck, low) > NOT_THERE * toneIn(pluck, high);
  return lowIsThere ? low : high;
}
