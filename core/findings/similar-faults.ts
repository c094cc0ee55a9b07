import { DAY_MS } from '@cadre/core/time';
import type { Zone } from '@cadre/core/catalogue';
import { plain, type FitmentPosition, type PartKind } from '@cadre/core/fleet';
import type { Finding } from './finding';

/** Why another bike may have the same fault, the likeliest first. */
export const SIBLING_REASONS = ['same-part', 'same-hands', 'same-model'] as const;
export type SiblingReason = (typeof SIBLING_REASONS)[number];

/** Work done on a bike, and by whom. */
export interface PastWork {
  readonly by: string;
  /** Kinds of work, as repairs name them. */
  readonly touches: readonly string[];
  readonly at: number;
}

/** What a bike has that others may have too. */
export interface Mate {
  readonly bikeId: string;
  readonly modelId: string | null;
  readonly parts: readonly {
    readonly kind: PartKind;
    readonly position: FitmentPosition;
    readonly name: string;
  }[];
  readonly work: readonly PastWork[];
}

export interface Sibling {
  readonly bikeId: string;
  readonly because: SiblingReason;
  /** The part, where it is the same; the person, where the same hands did both. */
  readonly what: string;
}

/** Parts a fault of a zone may lie in. */
const PARTS_OF: Partial<Record<Zone, readonly PartKind[]>> = {
  'front-wheel': ['wheel', 'tyre'],
  'rear-wheel': ['wheel', 'tyre'],
  'front-brake': ['pads', 'rotor'],
  'rear-brake': ['pads', 'rotor'],
  'fork-headset': ['fork'],
  'rear-suspension': ['shock'],
  drivetrain: ['chain', 'cassette'],
  'cranks-pedals': ['pedals'],
  'saddle-post': ['saddle', 'seatpost'],
  assist: ['battery'],
};

/** Work longer ago than this says little of a fault found now. */
export const TELLING_WORK_MS = 45 * DAY_MS;

/** The parts a fault may lie in: of its zone, and of its end where the part has one. */
function suspects(finding: Pick<Finding, 'zone' | 'position'>, mate: Mate): Mate['parts'] {
  const kinds = PARTS_OF[finding.zone] ?? [];
  const end = finding.zone.startsWith('rear') ? 'rear' : finding.zone.startsWith('front') ? 'front' : null;
  return mate.parts.filter(
    (part) =>
      kinds.includes(part.kind) && (part.position === 'only' || end === null || part.position === end),
  );
}

function lastWork(mate: Mate, touches: readonly string[], since: number): PastWork | null {
  const fitting = mate.work.filter(
    (work) => work.at >= since && work.touches.some((touch) => touches.includes(touch)),
  );
  return fitting.reduce<PastWork | null>(
    (last, work) => (last === null || work.at > last.at ? work : last),
    null,
  );
}

/**
 * The bikes where the fault of a finding may be too: with the same part by name, worked on last by the same hands at the same place within 45 days
 * before it was found, or of the same model. Each once, by the strongest reason, in the order given within one. `touches`: the kinds of work that disturb its place. Source: judging
 * rule 11.
 */
export function similarFaults(
  finding: Finding,
  own: Mate,
  mates: readonly Mate[],
  touches: readonly string[],
): readonly Sibling[] {
  const names = new Map(
    suspects(finding, own).map((part) => [`${part.kind} ${plain(part.name)}`, part.name]),
  );
  const since = finding.openedAt - TELLING_WORK_MS;
  const hands = lastWork(
    { ...own, work: own.work.filter((work) => work.at <= finding.openedAt) },
    touches,
    since,
  );
  const siblings = mates.flatMap((mate): Sibling[] => {
    const { bikeId } = mate;
    if (bikeId === own.bikeId) return [];
    // Its parts of that kind wherever they sit: a front rotor of a bad batch may be at the rear elsewhere.
    const part = mate.parts.find((each) => names.has(`${each.kind} ${plain(each.name)}`));
    if (part) return [{ bikeId, because: 'same-part', what: part.name }];
    if (hands && lastWork(mate, touches, since)?.by === hands.by)
      return [{ bikeId, because: 'same-hands', what: hands.by }];
    return own.modelId !== null && mate.modelId === own.modelId
      ? [{ bikeId, because: 'same-model', what: '' }]
      : [];
  });
  return siblings.sort((a, b) => SIBLING_REASONS.indexOf(a.because) - SIBLING_REASONS.indexOf(b.because));
}
