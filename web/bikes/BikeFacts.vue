<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { dayWords, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';

/** What a bike is, in six words: model, size, number, age, warranty, where it belongs. */
const props = defineProps<{ bike: Bike }>();
const fleet = useFleet();
const now = useNow();
const facts = computed(() => {
  const here = props.bike;
  return [
    ['Model', fleet.modelOf(here)?.name ?? `${here.model} (of no model)`],
    ['Size', here.size || 'not said'],
    ['Serial number', here.serial || 'not said'],
    ['Bought', here.boughtOn ? dayWords(here.boughtOn) : 'not said'],
    [
      'Warranty until',
      here.warrantyUntil
        ? `${dayWords(here.warrantyUntil)}${Date.parse(here.warrantyUntil) < now.value ? ', over' : ''}`
        : 'not said',
    ],
    ['Site', fleet.siteById.get(here.siteId)?.name ?? ''],
  ] as const;
});
</script>

<template>
  <dl class="grid grid-cols-2 gap-x-4 gap-y-2 rounded-lg border-2 border-line bg-plate p-3 sm:grid-cols-3">
    <div v-for="[label, value] in facts" :key="label" class="leading-snug">
      <dt class="text-sm text-soft">{{ label }}</dt>
      <dd class="font-semibold">{{ value }}</dd>
    </div>
  </dl>
</template>
