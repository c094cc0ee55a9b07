import { useDebounceFn } from '@vueuse/core';
import { computed, onScopeDispose, type ComputedRef, type Ref } from 'vue';
import type { BodyOf } from '@cadre/contract/http';
import {
  inspectKit,
  lendKit,
  listKit,
  packKit,
  returnKit,
  setKitItem,
  type KitItem,
} from '@cadre/contract/kit';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { now } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';

export type KitReturnSaid = BodyOf<typeof returnKit>['items'][number];
export type KitFieldsSaid = BodyOf<typeof setKitItem>['item'];

export interface KitStore {
  readonly items: ComputedRef<readonly KitItem[]>;
  readonly known: ComputedRef<boolean>;
  readonly offline: Ref<boolean>;
  set(id: string, item: KitFieldsSaid, version: number | null): Promise<void>;
  pack(groupId: string, itemIds: readonly string[]): Promise<void>;
  lend(itemIds: readonly string[], groupId: string | null): Promise<void>;
  takeBack(items: readonly KitReturnSaid[]): Promise<void>;
  inspect(id: string, ready: boolean, note: string): Promise<void>;
}

/** What is lent besides bikes, read again after each act and whenever a bike moves. */
export function useKit(): KitStore {
  const fleet = useFleet();
  const act = useAct();
  const query = useSavedQuery({ key: () => ['kit'], ask: () => send(listKit) });
  const later = useDebounceFn(() => void query.refetch(), 150);
  onScopeDispose(fleet.onChanged(() => void later()));
  const refresh = async (): Promise<void> => void (await query.refetch());
  return {
    items: computed(() => query.data.value?.items ?? []),
    known: computed(() => query.data.value !== undefined),
    offline: query.offline,
    async set(id, item, version) {
      await act(setKitItem, { params: { id }, body: { item, version } });
      await refresh();
    },
    async pack(groupId, itemIds) {
      await act(packKit, { body: { groupId, itemIds: [...itemIds], at: now() } });
      await refresh();
    },
    async lend(itemIds, groupId) {
      await act(lendKit, { body: { itemIds: [...itemIds], groupId, at: now() } });
      await refresh();
    },
    async takeBack(items) {
      await act(returnKit, { body: { items: [...items], at: now() } });
      await refresh();
    },
    async inspect(id, ready, note) {
      await act(inspectKit, { params: { id }, body: { ready, note, at: now() } }, id);
      await refresh();
    },
  };
}
