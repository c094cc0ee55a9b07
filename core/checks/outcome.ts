/** What a person can say of one checkpoint. */
export const OUTCOMES = ['pass', 'fixed', 'watch', 'fail', 'skipped'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** A mark says an outcome, or takes the person's own earlier mark back. */
export const MARK_OUTCOMES = [...OUTCOMES, 'withdrawn'] as const;
export type MarkOutcome = (typeof MARK_OUTCOMES)[number];

/** How a mark was given: swept with its station, by itself, going down a line of bikes, or keyed in from paper afterwards. */
export const MARK_WAYS = ['station', 'single', 'batch', 'paper'] as const;
export type MarkWay = (typeof MARK_WAYS)[number];
