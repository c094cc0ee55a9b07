import { onScopeDispose, readonly, ref, type Ref } from 'vue';

let offset = 0;

/** Sets this browser's idea of now to the server's. */
export function setServerNow(serverNow: number): void {
  offset = serverNow - Date.now();
  time.value = now();
}

export function now(): number {
  return Date.now() + offset;
}

const time = ref(now());
let watched = 0;
let timer: ReturnType<typeof setInterval> | null = null;

/** The time, refreshed a few times a minute: enough for clocks that show minutes. One for all, so that all of a page is of one moment. */
export function useNow(): Readonly<Ref<number>> {
  if ((watched += 1) === 1) {
    time.value = now();
    timer = setInterval(() => {
      time.value = now();
    }, 5000);
  }
  onScopeDispose(() => {
    if ((watched -= 1) > 0 || !timer) return;
    clearInterval(timer);
    timer = null;
  });
  return readonly(time);
}
