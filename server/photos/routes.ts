import { addPhoto, listPhotos, showPhoto, type PhotoOf } from '@cadre/contract/photos';
import { photoOf } from '@cadre/contract/photos/schemas';
import { RefusedError } from '@cadre/server/platform/event-log';
import { answering, readAs, type Implemented } from '@cadre/server/platform/http';
import type { Photos } from './service';

/** What a photo is of, as it stands in the address of its upload. */
function readPhotoOf(text: string): PhotoOf {
  let said: unknown;
  try {
    said = JSON.parse(text);
  } catch {
    throw new RefusedError('body.invalid', {}, { fields: [{ path: 'of', code: 'not-json' }] });
  }
  return readAs(photoOf, said, 'of.');
}

export const photosRoutes = (photos: Photos): readonly Implemented[] => [
  answering(addPhoto, async ({ params, query, req }, actor) =>
    photos.add(actor, params.id, readPhotoOf(query.of), req.body),
  ),
  answering(listPhotos, async ({ params, query }, actor) => photos.list(actor, params.id, query)),
  answering(showPhoto, async ({ params, res }, actor) => {
    const bytes = await photos.show(actor, params.id, params.size);
    res
      .set({
        'content-type': 'image/jpeg',
        'cache-control': 'private, max-age=31536000, immutable',
        'content-disposition': 'inline',
      })
      .send(bytes);
    return {};
  }),
];
