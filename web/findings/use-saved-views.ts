import { computed, ref, type ComputedRef } from 'vue';
import type { LocationQuery } from 'vue-router';
import { keepThing, keptThing } from '@cadre/web/platform/local-db';

export interface SavedView {
  readonly name: string;
  readonly query: Readonly<Record<string, string>>;
}

export interface SavedViews {
  readonly views: ComputedRef<readonly SavedView[]>;
  load(): Promise<void>;
  /** Under a name that stands already the new one takes its place. */
  save(name: string, query: LocationQuery): Promise<void>;
  drop(name: string): Promise<void>;
}

const KEY = 'views:findings';
const plainQuery = (query: LocationQuery): Record<string, string> =>
  Object.fromEntries(
    Object.entries(query).flatMap(([key, value]) =>
      typeof value === 'string' ? [[key, value] as const] : [],
    ),
  );
/** What was kept may be of any age: what is no view is left out. */
const isView = (each: unknown): each is SavedView =>
  typeof each === 'object' &&
  each !== null &&
  typeof (each as SavedView).name === 'string' &&
  typeof (each as SavedView).query === 'object';

/** Searches of the findings somebody comes back to, by name, kept on this device. */
export function useSavedViews(): SavedViews {
  const kept = ref<readonly SavedView[]>([]);
  const keep = async (views: readonly SavedView[]): Promise<void> => {
    kept.value = views;
    await keepThing(KEY, views);
  };
  return {
    views: computed(() => [...kept.value].sort((a, b) => a.name.localeCompare(b.name))),
    load: async () => {
      const found = await keptThing<unknown>(KEY);
      kept.value = Array.isArray(found) ? found.filter(isView) : [];
    },
    save: (name, query) =>
      keep([...kept.value.filter((each) => each.name !== name), { name, query: plainQuery(query) }]),
    drop: (name) => keep(kept.value.filter((each) => each.name !== name)),
  };
}
