<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair, RepairPlan } from '@cadre/contract/repairs';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import RepairPlanForm from './RepairPlanForm.vue';
import * as t from './messages';

/** Where, by whom, with what, and what it waits for: one line while read, a small form while changed. */
const props = defineProps<{
  bike: Bike;
  repair: Repair;
  items: readonly StockItem[];
  busy: boolean;
  may: boolean;
}>();
const emit = defineEmits<{ plan: [plan: RepairPlan] }>();
const fleet = useFleet();
const now = useNow();
const open = ref(false);
const itemOf = (id: string): StockItem | undefined => props.items.find((item) => item.id === id);
const summary = computed(() => {
  const { stand, personId, needs } = props.repair.plan;
  return [
    stand ? t.standStand({ stand }) : '',
    personId ? fleet.nameOf(personId) : '',
    ...needs.map((need) =>
      t.countNameOnHandIn({
        count: need.count,
        name: itemOf(need.itemId)?.name ?? t.aPart,
        onHand: itemOf(need.itemId)?.onHand ?? 0,
      }),
    ),
  ].filter(Boolean);
});
const waits = computed(() => props.repair.plan.waits);
/** It is here, or back: the rest of the plan stays as it was. */
function here(): void {
  const { stand, personId, needs } = props.repair.plan;
  emit('plan', { stand, personId, needs: needs.map((each) => ({ ...each })), waits: null });
}
</script>

<template>
  <div class="mt-1" data-plan>
    <p
      v-if="waits"
      class="flex flex-wrap items-center gap-x-3 rounded-md bg-watch-wash px-3 py-1 text-watch"
      data-waits
    >
      <span class="grow"
        ><span class="font-semibold">{{ waits.for === 'parts' ? t.waitsForPart : t.awayWorkshop }}</span
        >: {{ waits.what
        }}<template v-if="waits.until"
          >{{ ' ' }}{{ t.expectedWhen({ when: dayAndClock(waits.until, now) }) }}</template
        ></span
      ><ActButton v-if="may" :disabled="busy" data-here @click="here">{{
        waits.for === 'parts' ? t.partArrived : t.bikeBack
      }}</ActButton>
    </p>
    <div v-if="!open" class="flex flex-wrap items-center gap-x-3">
      <p class="grow text-soft">{{ summary.join(' · ') || t.noStandMechanicParts }}</p>
      <ActButton v-if="may" kind="quiet" data-plan-open @click="open = true">{{ t.planRepair }}</ActButton>
    </div>
    <RepairPlanForm
      v-else
      :bike="bike"
      :repair="repair"
      :items="items"
      :busy="busy"
      @plan="(plan) => emit('plan', plan)"
      @close="open = false"
    />
  </div>
</template>
