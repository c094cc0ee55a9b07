import { ref } from 'vue';
import { registerSW } from 'virtual:pwa-register';

/** A newer shell is waiting. It is taken when the person says so, never in the middle of a check. */
export const updateWaiting = ref(false);
const SHELL_AFTER_MS = 1000;
let take: (() => Promise<void>) | null = null;

/** Without https (or localhost) browsers give no service worker: the app says so and goes on without. */
export const notSecureHere = !window.isSecureContext;

export function registerShell(): void {
  if (notSecureHere || !('serviceWorker' in navigator)) return;
  const register = (): void => {
    const update = registerSW({
      immediate: true,
      onNeedRefresh() {
        updateWaiting.value = true;
      },
    });
    take = () => update(true);
  };
  // It fetches everything there is: what the person came for goes first.
  setTimeout(register, SHELL_AFTER_MS);
}

export async function takeUpdate(): Promise<void> {
  await take?.();
}
