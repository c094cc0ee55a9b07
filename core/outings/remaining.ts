import { serves, standsIn, type SizeSubstitution, type Stock, type Want } from '@cadre/core/schedule';

type Taken = Pick<Stock, 'kind' | 'size'>;

const narrowness = (want: Want): number => (want.kind === null ? 0 : 1) + (want.size === '' ? 0 : 1);

/**
 * What a group still wants once it has these bikes: each counts for the narrowest line it serves, then for one it may stand in for; a bike nobody asked
 * for counts for none.
 */
export function remainingWants(
  wants: readonly Want[],
  taken: readonly Taken[],
  substitution: SizeSubstitution,
): readonly Want[] {
  const left = wants.map((want) => ({ ...want }));
  const narrowFirst = left.toSorted((a, b) => narrowness(b) - narrowness(a));
  for (const bike of taken) {
    const open = narrowFirst.filter(({ count }) => count > 0);
    const line =
      open.find((want) => serves(bike, want)) ?? open.find((want) => standsIn(bike, want, substitution));
    if (line) line.count -= 1;
  }
  return left.filter(({ count }) => count > 0);
}
