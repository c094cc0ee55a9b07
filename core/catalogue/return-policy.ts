/** What a bike was ridden in. */
export const CONDITIONS = ['dry', 'wet', 'salt', 'mud'] as const;
export type Conditions = (typeof CONDITIONS)[number];

/** When a bike that comes back is due for the return checklist, and not for the turnaround alone. */
export interface ReturnPolicy {
  /** After it was ridden hard. */
  readonly afterHard: boolean;
  /** After it was ridden in these. */
  readonly conditions: readonly Conditions[];
  /** After so many outings since its last return check; null: by number never. */
  readonly everyOutings: number | null;
}

export const DEFAULT_RETURNS: ReturnPolicy = {
  afterHard: true,
  conditions: ['wet', 'salt', 'mud'],
  everyOutings: 20,
};
