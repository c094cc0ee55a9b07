import type { Finding } from '@cadre/core/findings';

export interface PolicyEvents {
  /** A new policy moved limits or weights of what is open on this bike. */
  'finding.under-policy': { bikeId: string; findings: readonly Finding[]; policyHash: string };
}
