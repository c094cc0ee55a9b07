<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import OpenSearches from './OpenSearches.vue';
import { useSharedTraces } from './use-shared-traces';

/** The searches that hold a bike, each with the way to go on: shown on its page while there are any. */
const props = defineProps<{ bike: Bike }>();
const shared = useSharedTraces(() => props.bike);
const open = computed(() => shared.runs.value.filter(({ state }) => state !== 'closed'));
</script>

<template>
  <OpenSearches v-if="open.length" :runs="open" :tag="bike.tag" />
</template>
