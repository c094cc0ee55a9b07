import type { Finding } from '@cadre/core/findings';
import {
  partMismatches,
  positionsOfPart,
  type Build,
  type FitList,
  type FitmentPosition,
  type PartFacts,
  type PartKind,
} from '@cadre/core/fleet';

/** What a house keeps on the shelf of one kind of part. Money in the currency's smallest unit, whole. */
export interface StockItem {
  readonly id: string;
  readonly kind: PartKind;
  readonly name: string;
  /** What decides whether it goes onto a bike; empty says nothing against any. */
  readonly facts: PartFacts;
  /** Models it is kept for; empty: any the build allows. */
  readonly modelIds: readonly string[];
  /** What stands on the part: it goes onto the bike with it. */
  readonly markings: FitList;
  readonly onHand: number;
  /** Fewer than this on hand: to be ordered. */
  readonly least: number;
  readonly price: number;
  readonly leadDays: number;
  readonly supplier: string;
}

/** Why a count changes apart from a repair. */
export const COUNT_REASONS = ['delivered', 'counted', 'returned', 'lost'] as const;
export type CountReason = (typeof COUNT_REASONS)[number];

export interface PartBike {
  readonly build: Build;
  readonly modelId: string | null;
}

/** Where this part may go on this bike: every place nothing known speaks against. Empty: not for this bike. */
export function placesOn(
  item: Pick<StockItem, 'kind' | 'facts' | 'modelIds'>,
  bike: PartBike,
): readonly FitmentPosition[] {
  if (item.modelIds.length > 0 && !item.modelIds.includes(bike.modelId ?? '')) return [];
  return positionsOfPart(item.kind).filter(
    (position) => partMismatches(item, bike.build, position).length === 0,
  );
}

const PART_OF_CHECKPOINT: Readonly<Record<string, PartKind>> = {
  'battery-health': 'battery',
  battery: 'battery',
  cassette: 'cassette',
  'chain-twelve': 'chain',
  'chain-wear': 'chain',
  'disc-pads': 'pads',
  'fork-legs': 'fork',
  'fork-whole': 'fork',
  'pad-thickness': 'pads',
  'pedal-threads': 'pedals',
  pedals: 'pedals',
  'rim-pads': 'pads',
  'rim-track': 'wheel',
  'rim-wall': 'wheel',
  'rotor-thickness': 'rotor',
  rotor: 'rotor',
  'saddle-rails': 'saddle',
  'shock-shaft': 'shock',
  'suspension-post': 'seatpost',
  'tyre-casing': 'tyre',
};

/** What a finding most likely takes, and where: nothing where the work is in the hands alone. A proposal; the bench decides. */
export function likelyPart(
  finding: Pick<Finding, 'checkpoint' | 'position'>,
): { readonly kind: PartKind; readonly position: FitmentPosition } | null {
  const kind = PART_OF_CHECKPOINT[finding.checkpoint];
  if (!kind) return null;
  const places = positionsOfPart(kind);
  const position =
    places.find((place) => place === finding.position) ?? (places.includes('only') ? 'only' : 'front');
  return { kind, position };
}
