<script setup lang="ts">
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** What can be printed of a bike. */
defineProps<{ bikeId: string }>();
const PAPERS = [
  { name: 'record', words: t.printBikesRecord },
  { name: 'torque', words: t.torqueCard },
  { name: 'warranty', words: t.warrantyQuery },
] as const;
</script>

<template>
  <nav
    :aria-label="t.documents"
    class="flex flex-wrap gap-x-4 rounded-lg border-2 border-line bg-plate px-4 py-1"
  >
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
