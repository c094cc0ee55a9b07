<script setup lang="ts">
import { onMounted } from 'vue';
import { INSTRUMENT_KIND_KEYS } from '@cadre/core/instruments';
import { CheckField } from '@cadre/web/ui';
import StandInCard from './StandInCard.vue';
import { useInstruments } from './use-instruments';
import * as t from './messages';

/** Simulated instruments: each sends through the same port as a real one, with noise, and goes wrong as asked. */
const instruments = useInstruments();
onMounted(() => (instruments.standInsOn = true));
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-4 px-4 pb-16 pt-3 max-sm:px-2" data-stand-ins>
    <h1 class="sturdy text-2xl">{{ t.simulated }}</h1>
    <p class="max-w-prose leading-snug">{{ t.standInsIntro }}</p>
    <CheckField v-model="instruments.standInsOn">{{ t.simulatedOn }}</CheckField>
    <ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
      <StandInCard v-for="kind in INSTRUMENT_KIND_KEYS" :key="kind" :kind="kind" />
    </ul>
  </main>
</template>
