import { useQuery } from '@pinia/colada';
import { ref, watch, type Ref } from 'vue';
import { RefusedError, UnreachableError } from '@cadre/web/platform/api';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';

export interface SavedQuery<T> {
  /** What the server said last, or without signal what was saved on this device; undefined until either is there. */
  readonly data: Readonly<Ref<T | undefined>>;
  /** What is shown was saved on this device: the server does not answer. */
  readonly offline: Readonly<Ref<boolean>>;
  refetch(): Promise<unknown>;
}

/**
 * An answer of the server, shared by all who ask under the same key while they are shown, and saved on this device so that it is at
 * hand without signal. A refusal leaves what was there (a session that ended is said by the shell); anything else is reported.
 */
export function useSavedQuery<T>(input: {
  readonly key: () => readonly string[];
  readonly ask: () => Promise<T>;
  readonly enabled?: () => boolean;
  /** Whether it is saved on this device; what helps nobody without signal is not. */
  readonly save?: boolean;
}): SavedQuery<T> {
  const offline = ref(false);
  const { data, error, refetch } = useQuery<T | undefined>({
    key: () => [...input.key()],
    enabled: () => input.enabled?.() ?? true,
    // The live stream says when something changed: coming back to the window changes nothing.
    refetchOnWindowFocus: false,
    // Shown from the cache at once, and asked again whenever somebody comes to look.
    staleTime: 0,
    query: async () => {
      const name = input.key().join(':');
      try {
        const fresh = await input.ask();
        offline.value = false;
        // Nothing on the screen waits for the disk.
        if (input.save ?? true) saveValue(name, fresh).catch((failed: unknown) => reportError(failed));
        return fresh;
      } catch (thrown) {
        if (!(thrown instanceof UnreachableError) && !(thrown instanceof RefusedError)) throw thrown;
        offline.value = true;
        return (input.save ?? true) ? ((await savedValue<T>(name)) ?? undefined) : undefined;
      }
    },
  });
  watch(error, (thrown) => thrown && reportError(thrown));
  return { data, offline, refetch: () => refetch() };
}
