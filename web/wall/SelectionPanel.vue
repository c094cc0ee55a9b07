<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { mayGoOut, type Fitness } from '@cadre/core/fitness';
import { count } from '@cadre/web/platform/time';
import { RefusedError, wordsFor } from '@cadre/web/platform/api';
import { useSession } from '@cadre/web/people';
import { ActButton, ChoiceField, NoticePlate, useRefusal } from '@cadre/web/ui';
import { freeHooks, useFleet } from '@cadre/web/fleet';
import { useWallView } from './use-wall';

/** What is selected, and what can be done with all of it at once. */
const props = defineProps<{
  bikes: readonly Bike[];
  shown: readonly Bike[];
  fitnessOf: (bike: Bike) => Fitness;
}>();
const fleet = useFleet();
const view = useWallView();
const session = useSession();
const refusal = useRefusal();
const rackId = ref('');
const said = ref('');
const open = ref(false);
const refused = ref<readonly string[]>([]);

const out = computed(() => props.bikes.filter((bike) => bike.whereabouts === 'out'));
const ready = computed(() =>
  props.bikes.filter((bike) => bike.whereabouts === 'in' && mayGoOut(props.fitnessOf(bike))),
);
/** How many hooks each rack has free, counted in one walk over the fleet. */
const freeOf = computed(() => {
  const taken = new Set(fleet.bikes.map((bike) => bike.hookId));
  return new Map(
    fleet.racks.map((rack) => [rack.id, rack.hooks.filter((hook) => !taken.has(hook.id)).length]),
  );
});
const racks = computed(() => [
  { value: '', label: 'Choose a rack' },
  ...fleet.racks.map((rack) => ({
    value: rack.id,
    label: `${rack.name} · ${count(freeOf.value.get(rack.id) ?? 0, 'free hook')}`,
  })),
]);
const target = computed(() => fleet.racks.find((rack) => rack.id === rackId.value) ?? null);
const free = computed(() =>
  target.value
    ? freeHooks(
        target.value,
        fleet.bikes.filter((bike) => !view.selected.has(bike.id)),
      )
    : [],
);

/** One after the other; what the server refuses is named, the rest is done. */
async function moveAll(bikes: readonly Bike[], to: 'in' | 'out'): Promise<void> {
  said.value = '';
  refused.value = [];
  let done = 0;
  await refusal.run(async () => {
    for (const bike of bikes) {
      try {
        await fleet.move(bike, to);
        done += 1;
      } catch (error) {
        if (!(error instanceof RefusedError)) throw error;
        refused.value = [...refused.value, `${bike.tag}: ${wordsFor(error.problem).what}`];
      }
    }
  });
  said.value = `${count(done, 'bike')} ${to === 'out' ? 'handed out' : 'taken back'}.`;
}
async function hangAll(): Promise<void> {
  const rack = target.value;
  if (!rack) return;
  said.value = '';
  const done = await refusal.run(() =>
    fleet.hang(
      rack.siteId,
      props.bikes.map((bike, index) => ({ bikeId: bike.id, hookId: free.value[index]?.id ?? null })),
    ),
  );
  if (done) said.value = `${count(props.bikes.length, 'bike')} now on ${rack.name}.`;
}
</script>

<template>
  <section
    class="flex flex-col gap-3 rounded-lg border-2 border-ink/60 bg-plate p-4 max-[900px]:gap-2 max-[900px]:p-2"
    aria-label="Selected bikes"
    data-selection
  >
    <div class="flex flex-wrap items-center gap-2">
      <h2 class="sturdy grow text-2xl max-[900px]:text-lg">{{ count(bikes.length, 'bike') }} selected</h2>
      <ActButton data-select-all @click="view.selected = new Set(shown.map((bike) => bike.id))"
        >All {{ shown.length }}</ActButton
      >
      <ActButton :disabled="bikes.length === 0" @click="view.selected = new Set()">None</ActButton>
      <!-- On a narrow screen the tags stay in sight until somebody wants to act on them. -->
      <ActButton
        kind="main"
        class="min-[900px]:hidden"
        :disabled="bikes.length === 0"
        :aria-expanded="open"
        data-selection-acts
        @click="open = !open"
        >{{ open ? 'Back to the tags' : 'Acts' }}</ActButton
      >
    </div>
    <p
      v-if="bikes.length"
      class="sturdy max-h-24 overflow-y-auto text-lg leading-snug max-[900px]:max-h-12 max-[900px]:text-base"
    >
      {{ bikes.map((bike) => bike.tag).join(' ') }}
    </p>
    <p v-else class="text-soft">Touch tags to select them, or take all that are shown.</p>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="said" role="status" class="font-semibold">{{ said }}</p>
    <ul v-if="refused.length" role="alert" class="border-l-4 border-held pl-3">
      <li v-for="line in refused" :key="line">{{ line }}</li>
    </ul>
    <div class="flex flex-col gap-3" :class="!open && 'max-[900px]:hidden'">
      <ActButton
        kind="main"
        :disabled="ready.length === 0 || refusal.busy.value"
        data-hand-out
        @click="moveAll(ready, 'out')"
        >Hand out {{ ready.length === bikes.length ? '' : 'the '
        }}{{ count(ready.length, 'cleared one') }}</ActButton
      >
      <RouterLink
        v-if="bikes.length && session.may('mark')"
        :to="{ name: 'batch-check', query: { bikes: bikes.map((bike) => bike.tag).join(','), pick: '1' } }"
        class="inline-flex min-h-12 items-center justify-center rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold"
        data-batch-with
        >Batch check of {{ bikes.length === 1 ? 'it' : 'them' }}</RouterLink
      >
      <ActButton :disabled="out.length === 0 || refusal.busy.value" data-take-back @click="moveAll(out, 'in')"
        >Take back {{ count(out.length, 'bike') }}</ActButton
      >
      <div v-if="session.may('edit-fleet')" class="space-y-2 border-t-2 border-line pt-3">
        <ChoiceField v-model="rackId" label="Hang them on" :options="racks" />
        <p v-if="target && free.length < bikes.length" class="text-watch">
          {{ target.name }} has {{ count(free.length, 'free hook') }}: {{ bikes.length - free.length }} would
          hang on no hook.
        </p>
        <ActButton
          class="w-full"
          :disabled="!target || bikes.length === 0 || refusal.busy.value"
          data-hang-all
          @click="hangAll"
          >Hang them there</ActButton
        >
      </div>
    </div>
  </section>
</template>
