<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { ROUND_BOARD } from './round-board-key';
import RoundTag from './RoundTag.vue';
import type { BoardRow } from './use-round-board';

/** The bikes of a round that are at the same point: in hand, to do, done. */
defineProps<{
  rail: { key: string; title: string; rows: readonly BoardRow[] };
  zone: string;
  may: boolean;
}>();
const { standOf, minutesOf } = useProvided(ROUND_BOARD);
</script>

<template>
  <section class="mt-3" :aria-label="rail.title" :data-rail="rail.key">
    <h2 class="flex items-baseline gap-2 border-b-4 border-rail pb-0.5">
      <span class="sturdy text-xl">{{ rail.title }}</span><span class="figures text-soft">{{
        rail.rows.length
      }}</span>
    </h2>
    <ul class="mt-2 grid gap-1.5">
      <li v-for="row in rail.rows" :key="row.bikeId">
        <RoundTag
          :row="row"
          :to="standOf(row)"
          :time-zone="zone"
          :may="may"
          :minutes="Math.round(minutesOf(row))"
        />
      </li>
    </ul>
  </section>
</template>
