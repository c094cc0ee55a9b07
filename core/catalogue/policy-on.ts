import type { BikeKind } from '@cadre/core/fleet';
import type { PolicyVersion } from './policy';
import { practicesOn } from './practice-exception';
import { climateOn } from './season';

/** A bike on a day of the calendar at its site. */
export interface PolicyOn {
  readonly kind: BikeKind;
  readonly siteId: string;
  /** "2026-11-30". */
  readonly day: string;
}

/** A policy never changes: what it is on one kind of bike in one climate is made once, and stays the same thing. */
const made = new WeakMap<object, Map<string, PolicyVersion>>();

/** The policy as it holds for such a bike on such a day: its exceptions have taken the place of its practices. */
export function policyOn(policy: PolicyVersion, { kind, siteId, day }: PolicyOn): PolicyVersion {
  const climate = climateOn(policy.seasons, siteId, day);
  const known = made.get(policy) ?? new Map<string, PolicyVersion>();
  made.set(policy, known);
  const key = `${kind} ${climate}`;
  const found = known.get(key) ?? { ...policy, practices: practicesOn(policy, { kind, climate }) };
  known.set(key, found);
  return found;
}
