<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair, RepairPlan } from '@cadre/contract/repairs';
import { placesOn } from '@cadre/core/parts';
import type { WaitsFor } from '@cadre/core/repairs';
import { dayAndClock, now as serverNow, useNow } from '@cadre/web/platform/time';
import { PART_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';

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
const tried = ref(false);
const start = () => ({
  stand: props.repair.plan.stand,
  personId: props.repair.plan.personId ?? '',
  needs: props.repair.plan.needs.map((need) => ({ ...need })),
  waitsFor: (props.repair.plan.waits?.for ?? '') as WaitsFor | '',
  what: props.repair.plan.waits?.what ?? '',
  days: '',
});
const typed = reactive(start());
const fitting = computed(() =>
  props.items.filter(
    (item) => placesOn(item, { build: props.bike.build, modelId: props.bike.modelId }).length > 0,
  ),
);
const WAITS: readonly { readonly value: WaitsFor | ''; readonly label: string }[] = [
  { value: '', label: 'Nothing' },
  { value: 'parts', label: 'A part' },
  { value: 'workshop', label: 'Away at a workshop' },
];
const itemOf = (id: string): StockItem | undefined => props.items.find((item) => item.id === id);
const summary = computed(() => {
  const { stand, personId, needs } = props.repair.plan;
  return [
    stand ? `stand ${stand}` : '',
    personId ? fleet.nameOf(personId) : '',
    ...needs.map(
      (need) =>
        `${need.count} × ${itemOf(need.itemId)?.name ?? 'a part'} (${itemOf(need.itemId)?.onHand ?? 0} on hand)`,
    ),
  ].filter(Boolean);
});
const waits = computed(() => props.repair.plan.waits);
const daysWrong = computed(() => typed.days.trim() !== '' && !/^\d{1,3}$/.test(typed.days.trim()));
const whatMissing = computed(() => typed.waitsFor !== '' && !typed.what.trim());
function begin(): void {
  Object.assign(typed, start());
  tried.value = false;
  open.value = true;
}
function need(event: Event): void {
  const select = event.target as HTMLSelectElement;
  if (select.value && !typed.needs.some((each) => each.itemId === select.value))
    typed.needs.push({ itemId: select.value, count: 1 });
  select.value = '';
}
function say(waitsNow: RepairPlan['waits']): void {
  emit('plan', {
    stand: typed.stand.trim(),
    personId: typed.personId || null,
    needs: typed.needs.map((each) => ({ ...each })),
    waits: waitsNow,
  });
  open.value = false;
}
function save(): void {
  tried.value = true;
  if (daysWrong.value || whatMissing.value) return;
  const at = serverNow();
  const until = typed.days.trim() ? at + Number(typed.days) * 86_400_000 : null;
  say(
    typed.waitsFor === ''
      ? null
      : { for: typed.waitsFor, what: typed.what.trim(), until, since: waits.value?.since ?? at },
  );
}
/** It is here, or back: the rest of the plan stays as it was. */
function here(): void {
  Object.assign(typed, start());
  say(null);
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
        ><span class="font-semibold">{{
          waits.for === 'parts' ? 'Waits for a part' : 'Away at a workshop'
        }}</span
        >: {{ waits.what
        }}<template v-if="waits.until"> · expected {{ dayAndClock(waits.until, now) }}</template></span
      ><ActButton v-if="may" :disabled="busy" data-here @click="here">{{
        waits.for === 'parts' ? 'It is here' : 'It is back'
      }}</ActButton>
    </p>
    <div v-if="!open" class="flex flex-wrap items-center gap-x-3">
      <p class="grow text-soft">{{ summary.join(' · ') || 'No stand, nobody named, no part counted on.' }}</p>
      <ActButton v-if="may" kind="quiet" data-plan-open @click="begin">Plan it</ActButton>
    </div>
    <form
      v-else
      class="mt-1 grid gap-3 rounded-md bg-sunk p-3 sm:grid-cols-2"
      aria-label="Plan of the repair"
      novalidate
      @submit.prevent="save"
    >
      <label
        >Stand<input
          v-model="typed.stand"
          maxlength="40"
          class="mt-1 block h-12 w-full rounded-md border-2 border-ink/60 bg-plate px-3"
          data-stand
      /></label>
      <label
        >By<select
          v-model="typed.personId"
          class="mt-1 block h-12 w-full rounded-md border-2 border-ink/60 bg-plate px-2"
        >
          <option value="">whoever is free</option>
          <option v-for="person in fleet.wall?.people ?? []" :key="person.id" :value="person.id">
            {{ person.name }}
          </option>
        </select></label
      >
      <fieldset class="min-w-0 sm:col-span-2">
        <legend>Parts it counts on</legend>
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
        <select
          aria-label="Add a part it counts on"
          class="mt-1 h-12 w-full rounded-md border-2 border-ink/60 bg-plate px-2"
          @change="need"
        >
          <option value="">Add a part …</option>
          <option v-for="item in fitting" :key="item.id" :value="item.id">
            {{ PART_WORDS[item.kind] }}: {{ item.name }} ({{ item.onHand }} on hand)
          </option>
        </select>
      </fieldset>
      <label
        >Waits for<select
          v-model="typed.waitsFor"
          class="mt-1 block h-12 w-full rounded-md border-2 border-ink/60 bg-plate px-2"
          data-waits-for
        >
          <option v-for="each in WAITS" :key="each.value" :value="each.value">{{ each.label }}</option>
        </select></label
      >
      <label v-if="typed.waitsFor"
        >{{ typed.waitsFor === 'parts' ? 'Which part' : 'Which workshop'
        }}<input
          v-model="typed.what"
          maxlength="200"
          class="mt-1 block h-12 w-full rounded-md border-2 bg-plate px-3"
          :class="tried && whatMissing ? 'border-held' : 'border-ink/60'"
          :aria-invalid="tried && whatMissing"
          data-waits-what
        /><span v-if="tried && whatMissing" class="font-semibold text-held"
          >Say what it waits for.</span
        ></label
      >
      <label v-if="typed.waitsFor"
        >Days until then, if known<input
          v-model="typed.days"
          inputmode="numeric"
          class="figures mt-1 block h-12 w-full rounded-md border-2 bg-plate px-3"
          :class="tried && daysWrong ? 'border-held' : 'border-ink/60'"
          :aria-invalid="tried && daysWrong"
        /><span v-if="tried && daysWrong" class="font-semibold text-held">Whole days, 0 to 999.</span></label
      >
      <div class="flex gap-2 sm:col-span-2">
        <ActButton kind="main" type="submit" :disabled="busy" data-plan-save>Keep the plan</ActButton
        ><ActButton @click="open = false">Leave it</ActButton>
      </div>
    </form>
  </div>
</template>
