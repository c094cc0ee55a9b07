import type { PolicyVersion } from '@cadre/core/catalogue';
import { underPolicy, type Finding } from '@cadre/core/findings';
import { evaluateFitness, needsHold, type FitnessAnswer } from './evaluate';
import type { DueService, FitnessFacts } from './facts';

export interface PolicyEffect {
  /** The findings that stand otherwise after. */
  readonly findings: readonly Finding[];
  readonly before: FitnessAnswer;
  readonly after: FitnessAnswer;
}

/**
 * What a new policy does to one bike at this time, or null when it touches neither a finding of it nor its services (`services`: as they would fall
 * due under it). A bike held before is held after:
 * its hold is put on record first, and only a release ends that.
 */
export function policyEffect(
  facts: FitnessFacts,
  from: PolicyVersion,
  to: PolicyVersion,
  now: number,
  services: readonly DueService[] = facts.services,
): PolicyEffect | null {
  const changed = new Map(
    facts.findings.flatMap((finding) => {
      const moved = underPolicy(finding, from, to, now);
      return moved ? [[finding.id, moved] as const] : [];
    }),
  );
  if (changed.size === 0 && services === facts.services) return null;
  const known: FitnessFacts = needsHold(facts, now)
    ? { ...facts, holds: [{ id: 'held-before', since: now }] }
    : facts;
  const after = {
    ...known,
    services,
    findings: known.findings.map((finding) => changed.get(finding.id) ?? finding),
  };
  const held = needsHold(after, now) ? { ...after, holds: [{ id: 'held-after', since: now }] } : after;
  return {
    findings: [...changed.values()],
    before: evaluateFitness(facts, now),
    after: evaluateFitness(held, now),
  };
}
