import { computed, ref, type ComputedRef } from 'vue';
import type { LocationQuery } from 'vue-router';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';

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
/** What was saved may be of any age: what is no view is left out. */
const isView = (each: unknown): each is SavedView =>
  typeof each === 'object' &&
  each !== null &&
  typeof (each as SavedView).name === 'string' &&
  typeof (each as SavedView).query === 'object';

/** Searches of the findings somebody comes back to, by name, saved on this device. */
export function useSavedViews(): SavedViews {
  const all = ref<readonly SavedView[]>([]);
  const save = async (views: readonly SavedView[]): Promise<void> => {
    all.value = views;
    await saveValue(KEY, views);
  };
  return {
    views: computed(() => [...all.value].sort((a, b) => a.name.localeCompare(b.name))),
    load: async () => {
      const found = await savedValue<unknown>(KEY);
      all.value = Array.isArray(found) ? found.filter(isView) : [];
    },
    save: (name, query) =>
      save([...all.value.filter((each) => each.name !== name), { name, query: plainQuery(query) }]),
    drop: (name) => save(all.value.filter((each) => each.name !== name)),
  };
}
