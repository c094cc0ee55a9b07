<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { dayWords, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** What a bike is, in six words: model, size, number, age, warranty, where it belongs. */
const props = defineProps<{ bike: Bike }>();
const fleet = useFleet();
const now = useNow();
const facts = computed(() => {
  const here = props.bike;
  return [
    [t.model, fleet.modelOf(here)?.name ?? t.modelNoModel({ model: here.model })],
    [t.size, here.size || t.notRecorded],
    [t.serialNumber, here.serial || t.notRecorded],
    [t.bought, here.boughtOn ? dayWords(here.boughtOn) : t.notRecorded],
    [
      t.warrantyUntil,
      here.warrantyUntil
        ? `${dayWords(here.warrantyUntil)}${Date.parse(here.warrantyUntil) < now.value ? t.expired : ''}`
        : t.notRecorded,
    ],
    [t.site, fleet.siteById.get(here.siteId)?.name ?? ''],
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
