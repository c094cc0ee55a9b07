import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import type { EquipmentItem } from '@cadre/contract/equipment';
import { useNow } from '@cadre/web/platform/time';
import { standing, useEquipment } from './use-equipment';

export interface WrenchAtHand {
  /** The torque wrenches that may be relied on. */
  readonly wrenches: ComputedRef<readonly EquipmentItem[]>;
  choose(id: string): void;
  readonly wrench: ComputedRef<EquipmentItem | null>;
}

/** The torque wrench somebody has in hand on this device: chosen once, it fills every torque card. */
export function useWrench(): WrenchAtHand {
  const store = useEquipment();
  const now = useNow();
  const chosen = useLocalStorage('cadre.wrench', '');
  const wrenches = computed(() =>
    store.items.value.filter(
      (item) => item.kind === 'torque-wrench' && !['failed', 'withdrawn'].includes(standing(item, now.value)),
    ),
  );
  return {
    wrenches,
    choose: (id) => {
      chosen.value = id;
    },
    wrench: computed(() => wrenches.value.find(({ id }) => id === chosen.value) ?? null),
  };
}
