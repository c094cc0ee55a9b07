<script setup lang="ts">
import { computed, onMounted, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { useNow } from '@cadre/web/app';
import { FITNESS_WORDS, reasonWords, useFleet, usePicked } from '@cadre/web/fleet';
import { FitnessMark, NoticePlate, useRefusal } from '@cadre/web/ui';
import BenchBike from './BenchBike.vue';
import { useRepairs } from './use-repairs';

const props = defineProps<{ bikeId?: string }>();
const fleet = useFleet();
const picked = usePicked();
const router = useRouter();
const bench = useRepairs();
const refusal = useRefusal();
const now = useNow();

const answers = computed(() => new Map(fleet.bikes.map((bike) => [bike.id, fleet.fitnessOf(bike, now.value)])));
/** Held first, then what is in work or has findings that ask for a repair in time. */
const jobs = computed(() => {
  const rank = (bike: Bike): number => (answers.value.get(bike.id)?.fitness === 'held' ? 0 : bike.facts.repairs.length > 0 ? 1 : 2);
  return fleet.bikes
    .filter(
      (bike) =>
        answers.value.get(bike.id)?.fitness === 'held' ||
        bike.facts.repairs.length > 0 ||
        bike.facts.findings.some((finding) => finding.severity === 'soon' || finding.severity === 'upkeep'),
    )
    .sort((a, b) => rank(a) - rank(b) || a.tag.localeCompare(b.tag));
});
const inHand = computed(() => fleet.bikeById.get(props.bikeId ?? '') ?? (props.bikeId ? null : (jobs.value[0] ?? null)));
const firstReason = (bike: Bike): string => {
  const reason = answers.value.get(bike.id)?.reasons[0];
  return reason ? reasonWords(reason, now.value, fleet.nameOf).what : (bike.facts.findings[0]?.words.fault ?? '');
};

onMounted(() => void refusal.run(bench.load));
watch(
  () => fleet.wall,
  () => void refusal.run(bench.load),
);
function pick(id: string): void {
  picked.id = id;
  void router.replace({ name: 'bench', params: { bikeId: id } });
}
</script>

<template>
  <main class="mx-auto flex max-w-[100rem] gap-5 px-4 pb-10 pt-3 max-[900px]:flex-col">
    <div class="w-[22rem] shrink-0 max-[900px]:w-full">
      <div class="flex items-center gap-3">
        <h1 class="sturdy mr-auto text-2xl">Bench</h1>
        <RouterLink :to="{ name: 'findings' }" class="inline-flex min-h-12 items-center font-semibold text-act underline" data-all-findings
          >All findings</RouterLink
        >
      </div>
      <p v-if="jobs.length === 0" class="mt-2 text-soft">Nothing to mend. Every bike is as it should be, or has not been looked at.</p>
      <ol class="mt-2 flex flex-col gap-1.5 max-[900px]:max-h-56 max-[900px]:overflow-y-auto" tabindex="0" aria-label="Jobs">
        <li v-for="bike in jobs" :key="bike.id">
          <button
            type="button"
            class="flex min-h-14 w-full items-center gap-3 rounded-md border-2 px-3 py-1.5 text-left"
            :class="inHand?.id === bike.id ? 'border-act bg-plate' : 'border-line bg-plate/60'"
            :aria-current="inHand?.id === bike.id ? 'true' : undefined"
            :data-job="bike.tag"
            @click="pick(bike.id)"
          >
            <FitnessMark :fitness="answers.get(bike.id)?.fitness ?? 'due'" :size="26" />
            <span class="sturdy w-14 text-xl">{{ bike.tag }}</span>
            <span class="min-w-0 grow leading-tight"
              ><span class="sr-only">{{ FITNESS_WORDS[answers.get(bike.id)?.fitness ?? 'due'] }}: </span>{{ firstReason(bike) }}</span
            >
          </button>
        </li>
      </ol>
    </div>
    <div class="min-w-0 grow">
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mb-3" />
      <BenchBike v-if="inHand && answers.get(inHand.id)" :key="inHand.id" :bike="inHand" :answer="answers.get(inHand.id)!" :bench="bench" />
    </div>
  </main>
</template>
