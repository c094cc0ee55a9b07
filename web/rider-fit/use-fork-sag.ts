import { computed, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { sagOfBike } from '@cadre/contract/wear';
import type { LastSag } from '@cadre/core/rider-fit';
import { RefusedError, send, UnreachableError } from '@cadre/web/platform/api';

/** The sag measured last on the fork of the bike chosen; null until it is known, and without signal: then the slip says to measure it. */
export function useForkSag(bikeId: Ref<string>): { readonly sagOf: ComputedRef<LastSag | null> } {
  const known = shallowRef<{ readonly id: string; readonly fork: LastSag | null } | null>(null);
  watch(bikeId, async (id) => {
    if (!id) return;
    try {
      const { fork } = await send(sagOfBike, { params: { id } });
      if (bikeId.value === id) known.value = { id, fork };
    } catch (error) {
      if (!(error instanceof UnreachableError) && !(error instanceof RefusedError)) throw error;
    }
  });
  return { sagOf: computed(() => (known.value?.id === bikeId.value ? known.value.fork : null)) };
}
