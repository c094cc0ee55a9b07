import type { Feature } from '@cadre/server/platform/feature';
import {
  credentialEntity,
  nameKeyEntity,
  personEntity,
  quickPinEntity,
  sessionEntity,
  signedItemEntity,
  throttleEntity,
  writerEndEntity,
  writerEntity,
} from './entities';
import { peopleProjections } from './events';

export const peopleFeature: Feature = {
  name: 'people',
  projected: [personEntity, writerEntity],
  tables: [
    credentialEntity,
    nameKeyEntity,
    quickPinEntity,
    sessionEntity,
    throttleEntity,
    writerEndEntity,
    signedItemEntity,
  ],
  appendOnly: ['signed_item'],
  secret: ['credential', 'name_key', 'quick_pin', 'session', 'throttle'],
  projections: peopleProjections,
  may: {
    'person.added': 'edit-program',
    'person.changed': 'edit-program',
    'person.competence': 'edit-program',
    'person.name-removed': 'edit-program',
  },
  taken: { person_sign_in_name: 'sign-in-name.taken' },
};
