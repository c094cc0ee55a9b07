<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { FINISH_FORM } from './finish-key';
import { computed } from 'vue';
import type { Finding } from '@cadre/core/findings';
import { PART_WORDS } from '@cadre/web/words';
import { ActButton, SelectField } from '@cadre/web/ui';
import type { UsedRow } from './finish-form';
import * as t from './messages';

/** What came off the shelf: one touch for what the finding likely takes, a list for the rest. */
const props = defineProps<{ findings: readonly Finding[]; error: string | null }>();
const form = useProvided(FINISH_FORM);
const PLACE_WORDS = { only: t.onBike, front: t.onBikeFront, rear: t.onBikeRear } as const;
const left = (row: UsedRow): number =>
  row.item.onHand -
  form.used.value.filter((each) => each.item.id === row.item.id).reduce((sum, each) => sum + each.count, 0);
const offered = computed(() =>
  form.suggested.value.filter((item) => !form.used.value.some((row) => row.item.id === item.id)),
);
const others = computed(() => [
  { value: '', label: t.anotherPart },
  ...form.others.value.map((item) => ({
    value: item.id as string,
    label: `${PART_WORDS[item.kind]}: ${item.name} (${item.onHand})`,
  })),
]);
function takeOther(id: string): void {
  const item = form.others.value.find((each) => each.id === id);
  if (item) form.take(item);
}
const purposes = computed(() =>
  props.findings.map((each) => ({
    value: each.id,
    label: t.forFault({ fault: each.words.fault.toLowerCase() }),
  })),
);
const placesOf = (row: UsedRow): { value: string; label: string }[] => [
  ...form.places(row.item).map((position) => ({ value: position as string, label: PLACE_WORDS[position] })),
  { value: 'up', label: t.usedUp },
];
function change(row: UsedRow, by: number): void {
  if (row.count + by < 1) form.drop(row.partId);
  else row.count += by;
}
const place = (row: UsedRow): string => row.position ?? 'up';
function placed(row: UsedRow, value: string): void {
  row.position = value === 'up' ? null : (value as UsedRow['position']);
}
</script>

<template>
  <fieldset class="min-w-0" data-used-parts>
    <legend class="font-semibold">{{ t.partsUsed }}</legend>
    <ul v-if="form.used.value.length" class="mt-1 divide-y divide-line rounded-md border-2 border-line">
      <li
        v-for="row in form.used.value"
        :key="row.partId"
        class="flex flex-wrap items-center gap-x-3 gap-y-1 p-2"
        :data-used="row.item.name"
      >
        <div class="min-w-40 grow leading-snug">
          <p class="font-semibold">{{ row.item.name }}</p>
          <p class="figures text-[0.95rem]" :class="left(row) < 0 ? 'font-semibold text-held' : 'text-soft'">
            {{
              left(row) < 0
                ? t.onlyOnHandInStock({ onHand: row.item.onHand })
                : t.leftLeftInStock({ left: left(row) })
            }}
          </p>
        </div>
        <SelectField
          :model-value="place(row)"
          :label="t.positionName({ name: row.item.name })"
          hide-label
          :options="placesOf(row)"
          @update:model-value="placed(row, $event)"
        />
        <SelectField
          v-if="findings.length > 1"
          v-model="row.findingId"
          :label="t.findingRepairedWithName({ name: row.item.name })"
          hide-label
          class="max-w-56"
          :options="purposes"
        />
        <div class="flex items-center">
          <button
            type="button"
            class="grid size-12 place-items-center rounded-md border-2 border-ink/60 text-xl font-semibold"
            :aria-label="t.oneNameLess({ name: row.item.name })"
            @click="change(row, -1)"
          >
            −
          </button>
          <span class="figures sturdy w-10 text-center text-xl">{{ row.count }}</span>
          <button
            type="button"
            class="grid size-12 place-items-center rounded-md border-2 border-ink/60 text-xl font-semibold"
            :aria-label="t.oneNameMore({ name: row.item.name })"
            @click="change(row, 1)"
          >
            +
          </button>
        </div>
      </li>
    </ul>
    <div class="mt-1 flex flex-wrap gap-1.5">
      <ActButton
        v-for="item in offered"
        :key="item.id"
        class="max-w-full text-left"
        :data-take="item.name"
        @click="form.take(item)"
        ><span
          >+ {{ item.name }}
          <span
            class="figures whitespace-nowrap font-normal"
            :class="item.onHand === 0 ? 'text-watch' : 'text-soft'"
            >· {{ item.onHand === 0 ? t.noneInStock : t.onHandInStock2({ onHand: item.onHand }) }}</span
          ></span
        ></ActButton
      >
      <SelectField
        v-if="form.others.value.length"
        :model-value="''"
        :label="t.addPartFromStock"
        hide-label
        class="w-80 max-w-full"
        :options="others"
        data-take-other
        @update:model-value="takeOther"
      />
      <p v-else-if="offered.length === 0 && form.used.value.length === 0" class="text-soft">
        {{ t.noPartInStock }}
      </p>
    </div>
    <p v-if="error" class="mt-1 font-semibold text-held">{{ error }}</p>
  </fieldset>
</template>
