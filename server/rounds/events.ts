import type { BikeRule } from '@cadre/core/rounds';

export interface RoundDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly checklistKey: string | null;
  readonly bikeIds: readonly string[];
  readonly people: readonly string[];
  readonly deadline: number;
  readonly standingId: string | null;
}

export interface StandingRoundDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly checklistKey: string | null;
  readonly rule: BikeRule;
  readonly people: readonly string[];
  readonly doneBy: string;
  readonly active: boolean;
}

export interface RoundEvents {
  'round.made': { round: RoundDocument };
  'round.changed': {
    roundId: string;
    name: string;
    bikeIds: readonly string[];
    people: readonly string[];
    deadline: number;
  };
  'round.closed': { roundId: string; undone: readonly { bikeId: string; why: string }[] };
  'standing-round.set': { standing: StandingRoundDocument };
}
