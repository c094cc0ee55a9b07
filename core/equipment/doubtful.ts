/** Something measured or tightened with an instrument. */
export interface UseOfInstrument {
  readonly bikeId: string;
  /** What was measured: the same at the same place is measured again. */
  readonly what: string;
  readonly at: number;
  readonly instrumentId: string | null;
}

/** A span in which what an instrument measured is in doubt: since it last passed (null: never), until it passed again (null: not yet). */
export interface DoubtSpan {
  readonly goodAt: number | null;
  readonly goodAgainAt: number | null;
}

/** Whether something measured at a moment is in doubt by one of these spans. */
export const isInDoubt = (spans: readonly DoubtSpan[], at: number): boolean =>
  spans.some(
    ({ goodAt, goodAgainAt }) =>
      (goodAt === null || at > goodAt) && (goodAgainAt === null || at < goodAgainAt),
  );

/**
 * What was measured with a failed instrument since it was last known good and not measured again since, with another or after it passed again: the latest of each
 * place, newest first.
 */
export function doubtfulUses<U extends UseOfInstrument>(
  instrumentId: string,
  span: DoubtSpan,
  uses: readonly U[],
): readonly U[] {
  const isDoubtful = (use: UseOfInstrument): boolean =>
    use.instrumentId === instrumentId && isInDoubt([span], use.at);
  const newest = new Map<string, U>();
  for (const use of uses) {
    const place = `${use.bikeId} ${use.what}`;
    const known = newest.get(place);
    if (!known || use.at > known.at) newest.set(place, use);
  }
  return [...newest.values()].filter(isDoubtful).sort((a, b) => b.at - a.at);
}
