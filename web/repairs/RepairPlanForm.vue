<script setup lang="ts">
import { DAY_MS } from '@cadre/core/time';
import { computed, reactive, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair, RepairPlan } from '@cadre/contract/repairs';
import { placesOn } from '@cadre/core/parts';
import type { WaitsFor } from '@cadre/core/repairs';
import { now as serverNow } from '@cadre/web/platform/time';
import { PART_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, SelectField, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** The plan of a repair being changed: stand, person, parts counted on, what it waits for. */
const props = defineProps<{
  bike: Bike;
  repair: Repair;
  items: readonly StockItem[];
  busy: boolean;
}>();
const emit = defineEmits<{ plan: [plan: RepairPlan]; close: [] }>();
const fleet = useFleet();
const tried = ref(false);
const { plan } = props.repair;
const typed = reactive({
  stand: plan.stand,
  personId: plan.personId ?? '',
  needs: plan.needs.map((need) => ({ ...need })),
  waitsFor: (plan.waits?.for ?? '') as WaitsFor | '',
  what: plan.waits?.what ?? '',
  days: '',
});
const adding = ref('');
const people = computed(() => [
  { value: '', label: t.notAssigned },
  ...(fleet.wall?.people ?? []).map((person) => ({ value: person.id, label: person.name })),
]);
const parts = computed(() => [
  { value: '', label: t.addPart },
  ...props.items
    .filter((item) => placesOn(item, { build: props.bike.build, modelId: props.bike.modelId }).length > 0)
    .map((item) => ({
      value: item.id,
      label: t.partNameOnHandIn({ part: PART_WORDS[item.kind], name: item.name, onHand: item.onHand }),
    })),
]);
const WAITS: readonly { readonly value: WaitsFor | ''; readonly label: string }[] = [
  { value: '', label: t.nothing },
  { value: 'parts', label: t.aPart2 },
  { value: 'workshop', label: t.awayWorkshop },
];
const itemOf = (id: string): StockItem | undefined => props.items.find((item) => item.id === id);
const daysWrong = computed(() => typed.days.trim() !== '' && !/^\d{1,3}$/.test(typed.days.trim()));
const whatMissing = computed(() => typed.waitsFor !== '' && !typed.what.trim());
function need(itemId: string): void {
  if (itemId && !typed.needs.some((each) => each.itemId === itemId)) typed.needs.push({ itemId, count: 1 });
  adding.value = '';
}
function save(): void {
  tried.value = true;
  if (daysWrong.value || whatMissing.value) return;
  const at = serverNow();
  const until = typed.days.trim() ? at + Number(typed.days) * DAY_MS : null;
  emit('plan', {
    stand: typed.stand.trim(),
    personId: typed.personId || null,
    needs: typed.needs.map((each) => ({ ...each })),
    waits:
      typed.waitsFor === ''
        ? null
        : { for: typed.waitsFor, what: typed.what.trim(), until, since: plan.waits?.since ?? at },
  });
  emit('close');
}
</script>

<template>
  <form
    class="mt-1 grid gap-3 rounded-md bg-sunk p-3 sm:grid-cols-2"
    :aria-label="t.planRepair2"
    novalidate
    @submit.prevent="save"
  >
    <TextField v-model="typed.stand" :label="t.stand" maxlength="40" data-stand />
    <SelectField v-model="typed.personId" :label="t.mechanic" :options="people" />
    <fieldset class="min-w-0 sm:col-span-2">
      <legend class="font-semibold">{{ t.partsNeeded }}</legend>
      <ul>
        <li v-for="(each, at) in typed.needs" :key="each.itemId" class="flex items-center gap-2 py-0.5">
          <span class="grow"
            >{{ each.count }} × {{ itemOf(each.itemId)?.name }}
            <span class="text-soft">{{
              t.onHandInStock({ onHand: itemOf(each.itemId)?.onHand ?? 0 })
            }}</span></span
          >
          <ActButton @click="each.count += 1">{{ t.addOne }}</ActButton>
          <ActButton @click="typed.needs.splice(at, 1)">{{ t.remove }}</ActButton>
        </li>
      </ul>
      <SelectField
        :key="typed.needs.length"
        v-model="adding"
        :label="t.addNeededPart"
        hide-label
        :options="parts"
        @update:model-value="need"
      />
    </fieldset>
    <SelectField v-model="typed.waitsFor" :label="t.waitsFor" :options="WAITS" data-waits-for />
    <template v-if="typed.waitsFor">
      <TextField
        v-model="typed.what"
        :label="typed.waitsFor === 'parts' ? t.part : t.workshop"
        maxlength="200"
        :error="tried && whatMissing ? t.enterWhatRepairWaits : null"
        data-waits-what
      />
      <TextField
        v-model="typed.days"
        :label="t.daysWaitIfKnown"
        inputmode="numeric"
        :error="tried && daysWrong ? t.enterWholeDaysFrom : null"
      />
    </template>
    <div class="flex gap-2 sm:col-span-2">
      <ActButton kind="main" type="submit" :disabled="busy" data-plan-save>{{
        t.savePlan
      }}</ActButton><ActButton @click="emit('close')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
