import type { Feature } from '@cadre/server/platform/feature';
import { photoEntity } from './entities';
import { photoProjections, verifyPhotos } from './events';

export const photosFeature: Feature = {
  name: 'photos',
  tables: [photoEntity],
  appendOnly: ['photo'],
  projections: photoProjections,
  may: { 'photo.added': 'mark' },
  quiet: ['photo.added'],
  verifiers: { photos: verifyPhotos },
};
