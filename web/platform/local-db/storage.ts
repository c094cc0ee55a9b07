import Dexie, { liveQuery, type Subscription } from 'dexie';
import { ref } from 'vue';
import { localDb } from './local-db';

const ANSWERS_WITHIN_MS = 5000;

/** What is wrong with what this browser keeps: it does not answer, or it refused to read or keep something. Marks given then would not last. */
export const storageTrouble = ref<'silent' | 'refused' | null>(null);

/** For what reads or keeps with nobody waiting for it: said on every screen until the page is loaded again. */
export function storageFailed(error: unknown): void {
  storageTrouble.value = 'refused';
  reportError(error);
}

/** Follows what is kept: what `read` finds now, and again whenever that changes. */
export const followSaved = <T>(
  read: () => Promise<T>,
  next: (found: T) => void,
  failed: (error: unknown) => void = storageFailed,
): Subscription => liveQuery(read).subscribe(next, failed);

/**
 * A browser keeps the page one left as it was, to come back to it. One left in the middle of opening what is kept here would hold that until the
 * browser lets go of it, and the next page would wait for it in vain. A message it would have to hear makes the browser let go at once.
 */
function letGoOfLeftPages(): void {
  const pages = new BroadcastChannel('cadre-pages');
  pages.onmessage = () => undefined;
  pages.postMessage('opened');
}

/** Called once, before anything is read. */
export function watchStorage(): void {
  letGoOfLeftPages();
  addEventListener('unhandledrejection', ({ reason }) => {
    if (reason instanceof Dexie.DexieError) storageTrouble.value = 'refused';
  });
  const late = setTimeout(() => (storageTrouble.value = 'silent'), ANSWERS_WITHIN_MS);
  localDb.things
    .count()
    .then(() => {
      if (storageTrouble.value === 'silent') storageTrouble.value = null;
    }, storageFailed)
    .finally(() => clearTimeout(late));
}
