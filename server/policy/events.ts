import type { Finding } from '@cadre/core/findings';
import { saveFindings } from '@cadre/server/findings';
import type { Projections } from '@cadre/server/platform/event-log';

export interface PolicyEvents {
  /** A new policy moved limits or weights of what is open on this bike. */
  'finding.under-policy': { bikeId: string; findings: readonly Finding[]; policyHash: string };
}

export const policyProjections: Projections<PolicyEvents> = {
  'finding.under-policy': (tx, { body }) => saveFindings(tx, body.bikeId, body.findings),
};
