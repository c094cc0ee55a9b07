import type { Feature } from '@cadre/server/platform/feature';
import { policyProjections } from './projections';

export const policyFeature: Feature = {
  name: 'policy',
  projections: policyProjections,
};
