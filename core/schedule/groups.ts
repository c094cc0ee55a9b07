import { sizeKey, type BikeKind } from '@cadre/core/fleet';

/** So many bikes, of a kind and size when it matters. An empty size, a null kind: any. */
export interface Want {
  readonly count: number;
  readonly kind: BikeKind | null;
  readonly size: string;
}

/** People due out at a time from a site. */
export interface Group {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly outAt: number;
  readonly backAt: number;
  readonly wants: readonly Want[];
}

/** A bike as far as groups go. `ready`: it may go out and hangs here now. */
export interface Stock {
  readonly id: string;
  readonly siteId: string;
  readonly kind: BikeKind;
  readonly size: string;
  readonly ready: boolean;
  /** When it will be, where somebody is at it. */
  readonly readyAt?: number;
}

/** Whether a bike serves a want: its kind and its size, each where it matters. */
export function serves(bike: Pick<Stock, 'kind' | 'size'>, want: Want): boolean {
  return (
    (want.kind === null || want.kind === bike.kind) &&
    (want.size === '' || sizeKey(want.size) === sizeKey(bike.size))
  );
}

/** What may stand in where the size asked for has run out. */
export const SIZE_SUBSTITUTIONS = ['exact', 'one-up', 'one-down', 'one-either-way'] as const;
export type SizeSubstitution = (typeof SIZE_SUBSTITUTIONS)[number];

/** Sizes in order, as they are compared: frames by letter, children's bikes by their wheels. */
const SIZE_ORDERS: readonly (readonly string[])[] = [
  ['xxs', 'xs', 's', 'm', 'l', 'xl', 'xxl'],
  ['12', '14', '16', '18', '20', '24', '26', '27.5', '28', '29'],
];

/** How many sizes larger the bike is than asked for; null where the two cannot be compared. */
function sizesLarger(bike: string, wanted: string): number | null {
  const [a, b] = [sizeKey(bike), sizeKey(wanted)];
  const order = SIZE_ORDERS.find((each) => each.includes(a) && each.includes(b));
  return order ? order.indexOf(a) - order.indexOf(b) : null;
}

/** Whether a bike serves a want though its size is another: one size larger or smaller, as the policy allows, and of the kind asked for. */
export function standsIn(
  bike: Pick<Stock, 'kind' | 'size'>,
  want: Want,
  substitution: SizeSubstitution,
): boolean {
  if (substitution === 'exact' || want.size === '' || (want.kind !== null && want.kind !== bike.kind))
    return false;
  const larger = sizesLarger(bike.size, want.size);
  if (larger === 1) return substitution !== 'one-down';
  return larger === -1 && substitution !== 'one-up';
}
