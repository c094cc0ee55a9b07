import { onScopeDispose, readonly, ref, type Ref } from 'vue';

let offset = 0;

/** Sets this browser's idea of now to the server's. */
export function setServerNow(serverNow: number): void {
  offset = serverNow - Date.now();
}

export function now(): number {
  return Date.now() + offset;
}

/** The time, refreshed a few times a minute: enough for clocks that show minutes. */
export function useNow(): Readonly<Ref<number>> {
  const time = ref(now());
  const timer = setInterval(() => {
    time.value = now();
  }, 5000);
  onScopeDispose(() => clearInterval(timer));
  return readonly(time);
}
