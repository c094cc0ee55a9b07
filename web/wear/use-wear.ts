import { wrap } from 'comlink';
import { onScopeDispose, ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { wearOfBike, type WearSeriesTold } from '@cadre/contract/wear';
import type { Outlook } from '@cadre/core/wear';
import { send, UnreachableError } from '@cadre/web/platform/api';
import type { WearWorker } from './wear-worker';

export interface WornThing {
  readonly series: WearSeriesTold;
  readonly outlook: Outlook | null;
}

export interface WearInHand {
  readonly things: ShallowRef<readonly WornThing[]>;
  readonly state: Ref<'fetching' | 'there' | 'offline'>;
}

export type Reckon = (series: readonly WearSeriesTold[], now: number) => Promise<readonly (Outlook | null)[]>;

/** The worker that reckons, made when it is first wanted and ended with its scope. */
function inWorker(): Reckon {
  let worker: Worker | null = null;
  onScopeDispose(() => worker?.terminate());
  return (series, now) => {
    worker ??= new Worker(new URL('./wear-worker.ts', import.meta.url), { type: 'module' });
    return wrap<WearWorker>(worker).outlooks(series, now);
  };
}

/** How the parts of a bike wear, fetched again whenever something of the bike changes. */
export function useWear(
  bike: () => { readonly id: string; readonly facts: unknown },
  reckon: Reckon = inWorker(),
): WearInHand {
  const things = shallowRef<readonly WornThing[]>([]);
  const state = ref<'fetching' | 'there' | 'offline'>('fetching');
  let asked = 0;
  async function load(id: string): Promise<void> {
    const mine = (asked += 1);
    try {
      const { series, at } = await send(wearOfBike, { params: { id } });
      const outlooks = series.length > 0 ? await reckon(series, at) : [];
      if (mine !== asked) return;
      things.value = series.map((each, index) => ({ series: each, outlook: outlooks[index] ?? null }));
      state.value = 'there';
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
      if (mine === asked && state.value === 'fetching') state.value = 'offline';
    }
  }
  watch(
    () => [bike().id, bike().facts] as const,
    ([id], before) => {
      if (before?.[0] !== id) [things.value, state.value] = [[], 'fetching'];
      void load(id);
    },
    { immediate: true },
  );
  return { things, state };
}
