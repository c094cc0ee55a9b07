import { computed, type ComputedRef, type Ref } from 'vue';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import {
  checkEquipment,
  listEquipment,
  setEquipment,
  withdrawEquipment,
  type EquipmentItem,
} from '@cadre/contract/equipment';
import { standingOf, type EquipmentStanding } from '@cadre/core/equipment';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { now } from '@cadre/web/platform/time';

export type EquipmentSaid = BodyOf<typeof setEquipment>['item'];
export type CheckSaid = Omit<BodyOf<typeof checkEquipment>, 'id' | 'at'>;
export type DoubtfulUse = AnswerOf<typeof listEquipment>['doubtful'][number];

export interface EquipmentStore {
  readonly items: ComputedRef<readonly EquipmentItem[]>;
  readonly doubtful: ComputedRef<readonly DoubtfulUse[]>;
  readonly known: ComputedRef<boolean>;
  readonly offline: Readonly<Ref<boolean>>;
  set(id: string, item: EquipmentSaid, version: number | null): Promise<void>;
  check(id: string, said: CheckSaid): Promise<void>;
  withdraw(id: string, reason: string): Promise<void>;
}

/** Whether a piece of equipment may be relied on, as the server told it. */
export const standing = (item: EquipmentItem, at: number): EquipmentStanding => standingOf(item, item, at);

/** The register of tools and instruments. `wanted`: it is asked for only while something needs it. */
export function useEquipment(wanted: () => boolean = () => true): EquipmentStore {
  const act = useAct();
  const query = useSavedQuery({
    key: () => ['equipment'],
    ask: () => send(listEquipment),
    enabled: wanted,
  });
  const refresh = async (): Promise<void> => void (await query.refetch());
  return {
    items: computed(() => query.data.value?.items ?? []),
    doubtful: computed(() => query.data.value?.doubtful ?? []),
    known: computed(() => query.data.value !== undefined),
    offline: query.offline,
    async set(id, item, version) {
      await act(setEquipment, { params: { id }, body: { item, version } });
      await refresh();
    },
    async check(id, said) {
      await act(checkEquipment, { params: { id }, body: { ...said, at: now() } }, id);
      await refresh();
    },
    async withdraw(id, reason) {
      await act(withdrawEquipment, { params: { id }, body: { reason, at: now() } }, id);
      await refresh();
    },
  };
}
