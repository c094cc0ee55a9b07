/** What keeps a repair waiting: a part that is not here, or the bike away at a workshop. */
export const WAITS_FOR = ['parts', 'workshop'] as const;
export type WaitsFor = (typeof WAITS_FOR)[number];

export interface RepairWait {
  readonly for: WaitsFor;
  /** Which part, or which workshop. */
  readonly what: string;
  /** When it is expected, or null where nobody knows. */
  readonly until: number | null;
  readonly since: number;
}

/** How a repair is meant to go: where, by whom, with what, and what it waits for. */
export interface RepairPlan {
  readonly stand: string;
  readonly personId: string | null;
  readonly needs: readonly { readonly itemId: string; readonly count: number }[];
  readonly waits: RepairWait | null;
}

export const NO_PLAN: RepairPlan = { stand: '', personId: null, needs: [], waits: null };
