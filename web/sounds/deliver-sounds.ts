import { addSound } from '@cadre/contract/sounds';
import { RefusedError, send, wordsFor, wantsSignIn } from '@cadre/web/platform/api';
import { localDb } from '@cadre/web/platform/local-db';

function base64Of(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}

/** Sends this person's saved recordings, the oldest first. One the server will not take is a draft again, with why. */
export async function deliverSounds(me: string): Promise<void> {
  const waiting = await localDb.sounds.where('[state+author]').equals(['waiting', me]).sortBy('at');
  for (const { id, bikeId, gear, doing, at, bytes } of waiting) {
    try {
      const body = { id, sound: base64Of(bytes), gear, doing, at };
      await send(addSound, { params: { id: bikeId }, body });
      await localDb.sounds.delete(id);
    } catch (error) {
      if (!(error instanceof RefusedError) || wantsSignIn(error) || error.problem.status >= 500) throw error;
      await localDb.sounds.update(id, { state: 'draft', trouble: await wordsFor(error.problem) });
    }
  }
}
