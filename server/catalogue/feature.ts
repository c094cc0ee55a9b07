import type { Feature } from '@cadre/server/platform/feature';
import { policyEntity, sheetDraftEntity, sheetEntity } from './entities';
import { catalogueProjections } from './projections';

export const catalogueFeature: Feature = {
  name: 'catalogue',
  projected: [sheetEntity, sheetDraftEntity, policyEntity],
  projections: catalogueProjections,
};
