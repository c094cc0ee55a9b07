<script setup lang="ts">
import { computed } from 'vue';
import type { Round } from '@cadre/contract/rounds';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** What a closed round left, each with the reason given. */
const props = defineProps<{ round: Round }>();
const fleet = useFleet();
const undone = computed(() =>
  props.round.undone.map((each) => ({ tag: fleet.bikeById.get(each.bikeId)?.tag ?? '', why: each.why })),
);
</script>

<template>
  <section v-if="undone.length" class="mt-3" :aria-label="t.notDone">
    <h2 class="sturdy text-xl">{{ t.notDoneWithReasons }}</h2>
    <ul class="mt-1 space-y-0.5" data-undone>
      <li v-for="each in undone" :key="each.tag">
        <span class="sturdy">{{ each.tag }}</span> {{ each.why }}
      </li>
    </ul>
  </section>
</template>
