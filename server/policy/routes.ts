import { previewPolicy, publishPolicy, policyVersions } from '@cadre/contract/policy';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Policies } from './service';

export const policyRoutes = (policies: Policies): readonly Implemented[] => [
  answering(previewPolicy, async ({ body }, actor) => policies.preview(actor, body.policy)),
  answering(publishPolicy, async ({ body }, actor) => policies.publish(actor, body)),
  answering(policyVersions, async (_call, actor) => policies.versions(actor)),
];
