<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { plain } from '@cadre/core/fleet';
import { TRACES } from '@cadre/core/shipped';
import { asksWhichEnd, type TraceQuestion } from '@cadre/core/tracing';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, ChoiceChips, SelectField, TextField } from '@cadre/web/ui';
import CauseList from './CauseList.vue';
import QuestionCard from './QuestionCard.vue';
import TraceEnd from './TraceEnd.vue';
import { useTrace, type TracePosition } from './use-trace';
import * as t from './messages';

/** From what one notices to its cause, a question at a time. Nothing here is written into a bike’s record. */
const props = defineProps<{ trace?: string }>();
const fleet = useFleet();
const route = useRoute();
const router = useRouter();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const sought = ref('');
const shown = computed(() => {
  const tokens = plain(sought.value).split(' ').filter(Boolean);
  return TRACES.filter(({ name, seeks }) => {
    const text = plain([name, ...seeks].join(' '));
    return tokens.every((token) => text.includes(token));
  });
});
const chosen = computed(() => TRACES.find(({ key }) => key === props.trace) ?? null);
const tag = computed(() => (typeof route.query['bike'] === 'string' ? route.query['bike'] : ''));
const bike = computed(() => fleet.bikes.find((each) => each.tag === tag.value) ?? null);
const position = computed((): TracePosition => {
  const at = route.query['at'];
  return at === 'front' || at === 'rear' ? at : 'only';
});
const change = (query: Record<string, string>): void =>
  void router.replace({ query: { ...route.query, ...query } });
const bikes = computed(() => [
  { value: '', label: t.anyBike },
  ...fleet.bikes
    .map((each) => ({ value: each.tag, label: each.tag }))
    .toSorted((a, b) => a.value.localeCompare(b.value, undefined, { numeric: true })),
]);
const POSITIONS = [
  { value: 'only', label: t.wholeBike },
  { value: 'front', label: t.front },
  { value: 'rear', label: t.rear },
] as const;
const hasEnds = computed(() => chosen.value !== null && asksWhichEnd(chosen.value));
const inHand = useTrace(
  () => chosen.value ?? (TRACES[0] as (typeof TRACES)[number]),
  () => bike.value,
  () => position.value,
);
const { fits, answers, state } = inHand;
/** A question asked for by hand, before what would be asked next. */
const asked = ref<TraceQuestion | null>(null);
watch([chosen, bike, position], () => (asked.value = null));
const current = computed(
  () => asked.value ?? (state.value.state === 'asking' ? state.value.next.question : null),
);
const notExcluded = computed(() => new Set(state.value.notExcluded.map(({ key }) => key)));
const given = computed(() =>
  [...answers.value].flatMap(([key, answer]) => {
    const question = inHand.trace.value.questions.find((each) => each.key === key);
    const said = answer === null ? t.cannotTell : (question?.answers[answer] ?? '');
    return question ? [{ question, said }] : [];
  }),
);
function answer(said: number | null): void {
  if (current.value) inHand.answer(current.value.key, said);
  asked.value = null;
}
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-4 px-4 pb-16 pt-3 max-sm:px-2" data-tracing>
    <template v-if="!chosen">
      <h1 class="sturdy text-2xl">{{ t.findCause }}</h1>
      <p class="text-soft">{{ t.intro }}</p>
      <TextField v-model="sought" class="max-w-xl" :label="t.search" maxlength="60" data-seek />
      <p v-if="shown.length === 0" role="status">{{ t.noneMatches }}</p>
      <ul class="grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-2">
        <li v-for="each in shown" :key="each.key" class="flex">
          <RouterLink
            :to="{ name: 'tracing', params: { trace: each.key }, query: route.query }"
            class="flex min-h-16 grow flex-col justify-center rounded-md border-2 border-line bg-plate px-3 py-1.5 leading-tight hover:border-act"
            :data-symptom="each.key"
            ><span class="font-semibold">{{ each.name }}</span
            ><span class="text-[0.95rem] text-soft">{{
              t.causesCount({ count: each.causes.length })
            }}</span></RouterLink
          >
        </li>
      </ul>
    </template>
    <template v-else>
      <header class="flex flex-wrap items-end gap-x-4 gap-y-2">
        <h1 class="sturdy mr-auto text-2xl leading-tight">{{ chosen.name }}</h1>
        <SelectField
          :model-value="tag"
          class="w-36"
          :label="t.bike"
          :options="bikes"
          data-trace-bike
          @update:model-value="(value: string) => change({ bike: value })"
        />
        <ChoiceChips
          v-if="hasEnds"
          :name="t.position"
          :options="POSITIONS"
          :chosen="[position]"
          @toggle="(at) => change({ at })"
        />
      </header>
      <p v-if="!fits" role="status" class="text-lg">{{ t.notHere }}</p>
      <div v-else class="grid items-start gap-5 lg:grid-cols-[1fr_24rem]">
        <div class="min-w-0 space-y-4">
          <QuestionCard v-if="current" :key="current.key" :question="current" @answer="answer" />
          <TraceEnd
            v-else
            :state="state"
            :bike-id="bike?.id ?? null"
            @ask="(question) => (asked = question)"
          />
          <section v-if="given.length" aria-labelledby="trace-given">
            <h2 id="trace-given" class="sturdy text-lg">{{ t.answered }}</h2>
            <ul class="divide-y divide-line">
              <li
                v-for="{ question, said } in given"
                :key="question.key"
                class="flex items-center gap-3 py-1"
                :data-given="question.key"
              >
                <span class="min-w-0 grow leading-snug"
                  >{{ question.text }} <strong>{{ said }}</strong></span
                >
                <ActButton
                  kind="quiet"
                  class="shrink-0"
                  :aria-label="`${t.takeBack}: ${question.text}`"
                  @click="inHand.takeBack(question.key)"
                  >{{ t.takeBack }}</ActButton
                >
              </li>
            </ul>
          </section>
          <div class="flex flex-wrap gap-2">
            <ActButton v-if="given.length" data-start-again @click="inHand.clear()">{{
              t.startAgain
            }}</ActButton>
            <ActButton :to="{ name: 'tracing', params: { trace: '' }, query: route.query }">{{
              t.otherSymptom
            }}</ActButton>
          </div>
        </div>
        <section class="space-y-2 rounded-lg bg-sunk p-3" aria-labelledby="trace-causes">
          <h2 id="trace-causes" class="sturdy text-lg">{{ t.remaining }}</h2>
          <CauseList
            :trace="inHand.trace.value"
            :answers="answers"
            :likely="state.likely"
            :not-excluded="notExcluded"
          />
        </section>
      </div>
    </template>
  </main>
</template>
