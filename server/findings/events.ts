import type { Finding } from '@cadre/core/findings';

export interface FindingEvents {
  'finding.severity-set': { bikeId: string; finding: Finding; reason: string };
  'finding.merged': { bikeId: string; finding: Finding; closed: Finding };
}
