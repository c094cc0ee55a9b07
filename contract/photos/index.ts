import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Photo = Told<typeof schemas.photo>;
export type PhotoOf = Told<typeof schemas.photoOf>;

/** The picture is the body as it is (image/jpeg, png or webp); what it is of stands in the query as JSON. */
export const addPhoto = route<typeof schemas.addPhoto>({
  name: 'photos.add',
  method: 'POST',
  path: '/api/v1/photos/:id',
  act: 'mark',
});

/** The photos of a bike, the newest first; of one look when asked so. */
export const listPhotos = route<typeof schemas.listPhotos>({
  name: 'photos.list',
  method: 'GET',
  path: '/api/v1/bikes/:id/photos',
  act: 'see',
});

/** The picture itself, whole or small: it never changes under its id. */
export const showPhoto = route<typeof schemas.showPhoto>({
  name: 'photos.show',
  method: 'GET',
  path: '/api/v1/photos/:id/:size',
  act: 'see',
});
