import type { Feature } from '@cadre/server/platform/feature';
import { credentialEntity, personEntity, sessionEntity, throttleEntity } from './entities';
import { peopleProjections } from './events';

export const peopleFeature: Feature = {
  name: 'people',
  projected: [personEntity],
  tables: [credentialEntity, sessionEntity, throttleEntity],
  projections: peopleProjections,
  taken: { person_sign_in_name: 'sign-in-name.taken' },
};
