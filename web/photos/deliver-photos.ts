import { type PhotoOf, addPhoto } from '@cadre/contract/photos';
import { localDb, type SavedPhoto } from '@cadre/web/platform/local-db';
import { RefusedError, send, wordsFor, wantsSignIn } from '@cadre/web/platform/api';

/** What is sent of a kept photo; its check by the id the server knows it by. */
async function saidOf(photo: SavedPhoto): Promise<PhotoOf> {
  const { bikeId, checkId, checkpoint, position, author, at, shapes } = photo;
  const serverId = checkId ? ((await localDb.checks.get(checkId))?.serverId ?? checkId) : null;
  return { bikeId, checkId: serverId, checkpoint, position, author, at, shapes: shapes };
}

/** Sends the photos kept here, the oldest first. One the server will not take stays, with why. */
export async function deliverPhotos(): Promise<void> {
  const waiting = (await localDb.photos.toArray())
    .filter((photo) => photo.trouble === null)
    .sort((a, b) => a.at - b.at);
  for (const photo of waiting) {
    try {
      await send(addPhoto, {
        params: { id: photo.id },
        query: { of: JSON.stringify(await saidOf(photo)) },
        blob: photo.blob,
      });
      await localDb.photos.delete(photo.id);
    } catch (error) {
      if (!(error instanceof RefusedError) || wantsSignIn(error) || error.problem.status >= 500) throw error;
      const { what, todo } = wordsFor(error.problem);
      await localDb.photos.update(photo.id, { trouble: `A photo was not taken. ${what} ${todo}` });
    }
  }
}
