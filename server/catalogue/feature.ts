import type { Feature } from '@cadre/server/platform/feature';
import { policyEntity, checklistDraftEntity, checklistEntity } from './entities';
import { catalogueProjections } from './events';

export const catalogueFeature: Feature = {
  name: 'catalogue',
  projected: [checklistEntity, checklistDraftEntity, policyEntity],
  projections: catalogueProjections,
  may: {
    'checklist.published': 'edit-program',
    'checklist.draft-saved': 'edit-program',
    'checklist.draft-dropped': 'edit-program',
  },
};
