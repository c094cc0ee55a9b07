import { saveFindings } from '@cadre/server/findings';
import type { Projections } from '@cadre/server/platform/event-log';
import type { PolicyEvents } from './events';

export const policyProjections: Projections<PolicyEvents> = {
  'finding.under-policy': (tx, { body }) => saveFindings(tx, body.bikeId, body.findings),
};
