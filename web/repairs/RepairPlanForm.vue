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
  { value: '', label: 'Not assigned' },
  ...(fleet.wall?.people ?? []).map((person) => ({ value: person.id, label: person.name })),
]);
const parts = computed(() => [
  { value: '', label: 'Add a part …' },
  ...props.items
    .filter((item) => placesOn(item, { build: props.bike.build, modelId: props.bike.modelId }).length > 0)
    .map((item) => ({
      value: item.id,
      label: `${PART_WORDS[item.kind]}: ${item.name} (${item.onHand} on hand)`,
    })),
]);
const WAITS: readonly { readonly value: WaitsFor | ''; readonly label: string }[] = [
  { value: '', label: 'Nothing' },
  { value: 'parts', label: 'A part' },
  { value: 'workshop', label: 'Away at a workshop' },
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
    aria-label="Plan of the repair"
    novalidate
    @submit.prevent="save"
  >
    <TextField v-model="typed.stand" label="Stand" maxlength="40" data-stand />
    <SelectField v-model="typed.personId" label="Mechanic" :options="people" />
    <fieldset class="min-w-0 sm:col-span-2">
      <legend class="font-semibold">Parts needed</legend>
      <ul>
        <li v-for="(each, at) in typed.needs" :key="each.itemId" class="flex items-center gap-2 py-0.5">
          <span class="grow"
            >{{ each.count }} × {{ itemOf(each.itemId)?.name }}
            <span class="text-soft">· {{ itemOf(each.itemId)?.onHand ?? 0 }} on hand</span></span
          >
          <ActButton @click="each.count += 1">One more</ActButton>
          <ActButton @click="typed.needs.splice(at, 1)">Not needed</ActButton>
        </li>
      </ul>
      <SelectField
        :key="typed.needs.length"
        v-model="adding"
        label="Add a part it needs"
        hide-label
        :options="parts"
        @update:model-value="need"
      />
    </fieldset>
    <SelectField v-model="typed.waitsFor" label="Waits for" :options="WAITS" data-waits-for />
    <template v-if="typed.waitsFor">
      <TextField
        v-model="typed.what"
        :label="typed.waitsFor === 'parts' ? 'Which part' : 'Which workshop'"
        maxlength="200"
        :error="tried && whatMissing ? 'Say what it waits for.' : null"
        data-waits-what
      />
      <TextField
        v-model="typed.days"
        label="Days until then, if known"
        inputmode="numeric"
        :error="tried && daysWrong ? 'Whole days, 0 to 999.' : null"
      />
    </template>
    <div class="flex gap-2 sm:col-span-2">
      <ActButton kind="main" type="submit" :disabled="busy" data-plan-save>Save plan</ActButton
      ><ActButton @click="emit('close')">Cancel</ActButton>
    </div>
  </form>
</template>
