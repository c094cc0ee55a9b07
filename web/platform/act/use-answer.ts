import { shallowRef, watch, type ShallowRef } from 'vue';
import { UnreachableError } from '@cadre/web/platform/api';

export interface Question<T> {
  /** What was answered last; null before anything was. */
  readonly answer: ShallowRef<T | null>;
  /** There was no signal when it was last asked. */
  readonly unreachable: ShallowRef<boolean>;
}

/**
 * Asks the server now and whenever what `on` tells changes; an answer to an earlier question is dropped. Without signal it says so and keeps what it
 * had; a refusal is a bug here and thrown on.
 */
export function useAnswer<T>(on: () => readonly unknown[], ask: () => Promise<T>): Question<T> {
  const answer: ShallowRef<T | null> = shallowRef(null);
  const unreachable = shallowRef(false);
  let turn = 0;
  watch(
    on,
    async () => {
      const own = (turn += 1);
      try {
        const said = await ask();
        if (own !== turn) return;
        answer.value = said;
        unreachable.value = false;
      } catch (error) {
        if (!(error instanceof UnreachableError)) throw error;
        if (own === turn) unreachable.value = true;
      }
    },
    { immediate: true },
  );
  return { answer, unreachable };
}
