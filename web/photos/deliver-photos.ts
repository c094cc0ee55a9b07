import { type PhotoOf, addPhoto } from '@cadre/contract/photos';
import { localDb, type SavedPhoto } from '@cadre/web/platform/local-db';
import { RefusedError, send, wordsFor, wantsSignIn } from '@cadre/web/platform/api';
import * as t from './messages';

/** What is sent of a kept photo; its check by the id the server knows it by. */
async function saidOf(photo: SavedPhoto): Promise<PhotoOf> {
  const { bikeId, checkId, checkpoint, position, author, at, shapes, proof } = photo;
  const serverId = checkId ? ((await localDb.checks.get(checkId))?.serverId ?? checkId) : null;
  return { bikeId, checkId: serverId, checkpoint, position, author, at, shapes, ...(proof ? { proof } : {}) };
}

/** Sends the photos kept here, the oldest first. One the server will not take stays, with why. */
export async function deliverPhotos(me: string): Promise<void> {
  const waiting = (await localDb.photos.toArray())
    .filter((photo) => photo.trouble === null && (photo.author === me || photo.proof !== undefined))
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
      if (error.problem.code === 'author.unproven' && photo.author !== me) {
        const { proof: _proof, ...waits } = photo;
        await localDb.photos.put(waits);
        continue;
      }
      const { what, todo } = await wordsFor(error.problem);
      await localDb.photos.update(photo.id, { trouble: t.photoWasNotAccepted({ what, todo }) });
    }
  }
}
