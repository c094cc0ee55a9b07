<script setup lang="ts">
import { ActButton } from '@cadre/web/ui';

/** What can be printed of a bike. */
defineProps<{ bikeId: string }>();
const PAPERS = [
  { name: 'record', words: 'Print its record' },
  { name: 'torque', words: 'Torque card' },
  { name: 'warranty', words: 'Question to the maker' },
] as const;
</script>

<template>
  <nav aria-label="Papers" class="flex flex-wrap gap-x-4 rounded-lg border-2 border-line bg-plate px-4 py-1">
    <ActButton
      v-for="paper in PAPERS"
      :key="paper.name"
      :to="{ name: paper.name, params: { bikeId } }"
      :data-paper="paper.name"
      kind="quiet"
      class="!px-0"
      >{{ paper.words }}</ActButton
    >
  </nav>
</template>
