<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { dayAndClock, ON_PAPER, useNow } from '@cadre/web/platform/time';
import { ActButton, FitnessMark } from '@cadre/web/ui';
import { KIND_WORDS, reasonWords } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** A tag to print and hang on a held bike: whose words stand on it, and that nobody takes it. */
const props = defineProps<{ bikeId: string }>();
const fleet = useFleet();
const now = useNow();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);
const answer = computed(() => (bike.value ? fleet.fitnessOf(bike.value, now.value) : null));
const timeZone = computed(() => fleet.siteById.get(bike.value?.siteId ?? '')?.timeZone);
const reasons = computed(() =>
  (answer.value?.reasons ?? [])
    .slice(0, 4)
    .map((reason) => reasonWords(reason, ON_PAPER, fleet.nameOf, timeZone.value)),
);
const print = (): void => window.print();
</script>

<template>
  <main v-if="bike && answer" class="mx-auto max-w-xl px-4 pb-16 pt-4 print:p-0" data-hold-tag>
    <div class="mb-3 flex items-center gap-3 print:hidden">
      <h1 class="sturdy mr-auto text-2xl">{{ t.hangTagTag({ tag: bike.tag }) }}</h1>
      <ActButton :to="{ name: 'bench', params: { bikeId } }" kind="quiet" class="!px-0">{{
        t.bench
      }}</ActButton>
      <ActButton kind="main" :disabled="answer.fitness !== 'held'" @click="print">{{ t.print }}</ActButton>
    </div>
    <p v-if="answer.fitness !== 'held'" class="text-lg">
      {{ t.tagNotHeldHang({ tag: bike.tag }) }}
    </p>
    <div v-else class="rounded-2xl border-4 border-ink bg-plate p-6 text-center">
      <div class="mx-auto size-8 rounded-full border-4 border-ink" aria-hidden="true" />
      <p class="sturdy mt-3 flex items-center justify-center gap-4 text-6xl leading-none">
        <FitnessMark fitness="held" :size="60" />{{ bike.tag }}
      </p>
      <p class="sturdy mt-4 text-4xl leading-tight">{{ t.heldDoNotRide }}</p>
      <p class="mt-1">{{ KIND_WORDS[bike.build.kind] }} · {{ bike.model }} · {{ bike.size }}</p>
      <ul class="mt-4 border-t-2 border-line text-left">
        <li v-for="(reason, at) in reasons" :key="at" class="border-b-2 border-line py-2 leading-snug">
          <p class="text-xl font-semibold">{{ reason.what }}</p>
          <p class="text-soft">{{ reason.detail }}</p>
        </li>
      </ul>
      <p class="mt-4 leading-snug">
        {{ t.removeOnlyWhenBike({ when: dayAndClock(now, ON_PAPER, timeZone) }) }}
      </p>
    </div>
  </main>
  <main v-else class="p-8 text-soft">
    <h1 class="sr-only">{{ t.hangTag }}</h1>
    <p role="status">{{ fleet.wall ? t.bikeDoesNotExist : t.loadingBike }}</p>
  </main>
</template>
