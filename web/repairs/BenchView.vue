<script setup lang="ts">
import { computed, onMounted, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { FitnessAnswer } from '@cadre/core/fitness';
import { useNow } from '@cadre/web/platform/time';
import { useAnswers, useFleet, usePicked } from '@cadre/web/fleet';
import { useStock } from '@cadre/web/parts';
import { NoticePlate, SelectField, useRefusal } from '@cadre/web/ui';
import BenchBike from './BenchBike.vue';
import BenchJobs from './BenchJobs.vue';
import { useBenchOrder } from './use-bench-order';
import { useRepairs } from './use-repairs';
import * as t from './messages';

const props = defineProps<{ bikeId?: string }>();
const fleet = useFleet();
const picked = usePicked();
const route = useRoute();
const router = useRouter();
const bench = useRepairs();
const stock = useStock();
const refusal = useRefusal();
const now = useNow();

const answers = useAnswers();
const answer = (bike: Bike): FitnessAnswer => answers.byBike.get(bike.id) ?? fleet.fitnessOf(bike, now.value);
const HANDS = [1, 2, 3, 4] as const;
const hands = computed(() => HANDS.find((each) => String(each) === route.query.hands) ?? 1);
const places = useBenchOrder({
  answer,
  items: () => stock.items.value,
  repairs: () => bench.repairs.value,
  hands: () => hands.value,
});
const inHand = computed(
  () =>
    fleet.bikeById.get(props.bikeId ?? '') ??
    (props.bikeId ? null : (fleet.bikeById.get(places.value[0]?.job.bikeId ?? '') ?? null)),
);

const load = (): Promise<boolean> =>
  refusal.run(async () => void (await Promise.all([bench.load(), stock.load()])));
onMounted(() => void load());
watch(
  () => fleet.wall,
  () => void load(),
);
function pick(id: string): void {
  picked.id = id;
  void router.replace({ name: 'bench', params: { bikeId: id }, query: route.query });
}
const withHands = (many: number): void =>
  void router.replace({
    params: route.params,
    query: { ...route.query, hands: many === 1 ? undefined : many },
  });
</script>

<template>
  <main class="mx-auto flex max-w-[100rem] gap-5 px-4 pb-10 pt-3 max-[900px]:flex-col">
    <div class="w-[24rem] shrink-0 max-[900px]:w-full">
      <div class="flex flex-wrap items-center gap-x-3">
        <h1 class="sturdy mr-auto text-2xl">{{ t.bench }}</h1>
      </div>
      <div v-if="places.length" class="flex items-center gap-2">
        <p class="mr-auto text-[0.95rem] leading-tight text-soft">
          {{ t.sortedSoMostNeeded }}
        </p>
        <span class="text-[0.95rem]" aria-hidden="true">{{ t.mechanics }}</span>
        <SelectField
          :model-value="hands"
          :label="t.mechanics"
          hide-label
          :options="HANDS.map((many) => ({ value: many, label: String(many) }))"
          class="w-20 shrink-0"
          data-hands
          @update:model-value="withHands"
        />
      </div>
      <p v-if="places.length === 0" class="mt-2 text-soft">
        {{ t.noOpenRepairs }}
      </p>
      <BenchJobs
        v-else
        :places="places"
        :items="stock.items.value"
        :answer="answer"
        :in-hand="inHand?.id ?? null"
        @pick="pick"
      />
    </div>
    <div class="min-w-0 grow">
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mb-3" />
      <BenchBike
        v-if="inHand"
        :key="inHand.id"
        :bike="inHand"
        :answer="answer(inHand)"
        :bench="bench"
        :items="stock.items.value"
      />
    </div>
  </main>
</template>
