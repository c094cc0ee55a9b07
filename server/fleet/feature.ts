import type { BikeFeature } from '@cadre/server/fitness';
import {
  bikeEntity,
  bikeNameEntity,
  fitmentEntity,
  hookEntity,
  modelEntity,
  partEntity,
  rackEntity,
  siteEntity,
} from './entities';
import { bikesAdded, fleetProjections } from './events';

export const fleetFeature: BikeFeature = {
  name: 'fleet',
  projected: [
    bikeNameEntity,
    fitmentEntity,
    partEntity,
    bikeEntity,
    modelEntity,
    hookEntity,
    rackEntity,
    siteEntity,
  ],
  projections: fleetProjections,
  may: {
    'site.added': 'edit-program',
    'site.changed': 'edit-program',
    'site.opening-set': 'edit-program',
    'rack.added': 'edit-fleet',
    'rack.changed': 'edit-fleet',
    'rack.removed': 'edit-fleet',
    'racks.ordered': 'edit-fleet',
    'model.added': 'edit-fleet',
    'model.changed': 'edit-fleet',
    'bike.added': 'edit-fleet',
    'bike.changed': 'mark',
    'bike.hung': 'edit-fleet',
    'bike.moved': 'hand-out',
  },
  together: { 'bike.added': bikesAdded },
  // A hook says nothing of fitness.
  changes: { 'bike.added': 'new-bike', 'bike.hung': [] },
  quiet: ['bike.changed', 'bike.hung', 'bike.moved'],
  taken: { bike_tag: 'tag.taken', bike_hook: 'hook.taken', model_name: 'model.name-taken' },
};
