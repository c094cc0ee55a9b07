import type { Outcome } from './outcome';

/** Why a question deserves a second glance: it failed last time, or was never answered on a bike whose other questions were. */
export type SecondGlance = 'failed' | 'new';

/** Where more than this share of a checklist was never asked, that is the checklist's doing and no news of the bike. */
const FEW = 1 / 4;

/**
 * Whether a question deserves a second glance.
 * @param key the question's key
 * @param asked the keys of all this check asks of the bike
 * @param last the outcome of the newest answer to each question, by its key; questions without one are absent
 */
export function secondGlance(
  key: string,
  asked: readonly string[],
  last: ReadonlyMap<string, Outcome>,
): SecondGlance | null {
  const outcome = last.get(key);
  if (outcome) return outcome === 'pass' ? null : 'failed';
  return asked.filter((each) => !last.has(each)).length <= asked.length * FEW ? 'new' : null;
}
