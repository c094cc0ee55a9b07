<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { useRoute } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import BatchCheck from './BatchCheck.vue';
import BatchChoice from './BatchChoice.vue';
import { batchQuery, readLineAddress } from './batch-address';
import * as t from './messages';

/** A line as its address names it, or the choice of one. */
const route = useRoute();
const fleet = useFleet();
const catalogue = useCatalogue();
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  if (!catalogue.known) await catalogue.load();
});
const address = computed(() => readLineAddress(route.query));
const byTag = computed(() => new Map(fleet.bikes.map((bike) => [bike.tag.toUpperCase(), bike])));
const bikes = computed(() =>
  address.value.tags.flatMap((tag): readonly Bike[] =>
    [byTag.value.get(tag.toUpperCase())].filter((bike) => bike !== undefined),
  ),
);
const unknown = computed(() => address.value.tags.filter((tag) => !byTag.value.has(tag.toUpperCase())));
/** Chosen already, but not yet with what. */
const choosing = computed(() => bikes.value.length === 0 || route.query.pick === '1');
</script>

<template>
  <main v-if="!fleet.wall" class="p-8 text-soft" role="status">{{ t.loadingBikes }}</main>
  <BatchChoice
    v-else-if="choosing"
    :named="bikes.length ? bikes : null"
    :unknown="unknown"
    :paper="address.way === 'paper'"
  />
  <BatchCheck v-else :key="JSON.stringify(batchQuery(address))" :bikes="bikes" :address="address" />
</template>
