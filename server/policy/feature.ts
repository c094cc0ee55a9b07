import type { Feature } from '@cadre/server/platform/feature';
import { policyProjections } from './events';

export const policyFeature: Feature = {
  name: 'policy',
  projections: policyProjections,
};
