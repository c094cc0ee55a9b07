<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { TRACES, TRACES_BY_AREA } from '@cadre/core/shipped';
import { asksWhichEnd, TRACE_ORIGINS, type TraceQuestion } from '@cadre/core/tracing';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { SoundNotes } from '@cadre/web/sounds';
import { ActButton, ChoiceChips, NoticePlate, SelectField, useRefusal } from '@cadre/web/ui';
import CauseList from './CauseList.vue';
import EndedSearch from './EndedSearch.vue';
import GivenAnswers from './GivenAnswers.vue';
import PunctureLedger from './PunctureLedger.vue';
import QuestionCard from './QuestionCard.vue';
import RecordedAnswers from './RecordedAnswers.vue';
import TraceEnd from './TraceEnd.vue';
import TraceList from './TraceList.vue';
import { useSharedTraces, type PunctureSaid } from './use-shared-traces';
import { useTrace, type TracePosition } from './use-trace';
import * as t from './messages';

/** From what one notices to its cause, a question at a time. On a bike it is saved as it goes, so that another person can go on. */
const props = defineProps<{ trace?: string }>();
const fleet = useFleet();
const session = useSession();
const route = useRoute();
const router = useRouter();
const refusal = useRefusal();
/** Of its own: the next question is answered while the last answer is on its way. */
const syncing = useRefusal();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const asks = (key: string): string => {
  const value = route.query[key];
  return typeof value === 'string' ? value : '';
};
const chosen = computed(() => TRACES.find(({ key }) => key === props.trace) ?? null);
const tag = computed(() => asks('bike'));
const bike = computed(() => fleet.bikes.find((each) => each.tag === tag.value) ?? null);
const timeZone = computed(() => fleet.siteById.get(bike.value?.siteId ?? '')?.timeZone);
const position = computed((): TracePosition => {
  const at = chosen.value?.at ?? asks('at');
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
const shared = useSharedTraces(() => bike.value);
const inHand = useTrace(
  () => chosen.value ?? (TRACES[0] as (typeof TRACES)[number]),
  () => bike.value,
  () => position.value,
  shared,
  {
    origin: () => {
      const kind = TRACE_ORIGINS.find((each) => each === asks('from')) ?? 'symptom';
      return { kind, id: asks('id') || null };
    },
    maySave: () => session.may('mark'),
    refused: (error) => void syncing.run(() => Promise.reject(error as Error)),
  },
);
const { fits, given, answers, state, run, recorded } = inHand;
const ended = computed(() => (run.value && run.value.state !== 'open' ? run.value : null));
/** A question asked for by hand, before what would be asked next. */
const asked = ref<TraceQuestion | null>(null);
watch([chosen, bike, position], () => (asked.value = null));
const question = (key: string): TraceQuestion | null =>
  inHand.trace.value.questions.find((each) => each.key === key) ?? null;
/** Heard at a place: that is answered, and when it is heard is asked next. */
watch(
  chosen,
  (trace) => {
    const place = Number.parseInt(asks('place'), 10);
    if (trace?.key !== 'noise-by-place' || Number.isNaN(place) || given.value.has('place')) return;
    void inHand.answer('place', place);
    asked.value = question('when');
  },
  { immediate: true },
);
const current = computed(
  () => asked.value ?? (state.value.state === 'asking' ? state.value.next.question : null),
);
const notExcluded = computed(() => new Set(state.value.notExcluded.map(({ key }) => key)));
function answer(said: number | null): void {
  const key = current.value?.key;
  asked.value = null;
  syncing.said.value = null;
  if (key) void inHand.answer(key, said);
}
const end = (result: 'finding' | 'handed-over' | 'not-found', cause: string | null): Promise<boolean> =>
  refusal.run(async () => {
    await inHand.sync();
    // Nothing was answered by hand: it is begun here, by its end.
    const own = run.value ?? (await shared.save(null, inHand.said()));
    await shared.end(own, { result, cause, severity: null, note: '' });
    if (result === 'handed-over' && bike.value)
      await router.push({ name: 'trace-sheet', params: { bikeId: bike.value.id, runId: own.id } });
  });
const onRun = (act: (of: NonNullable<typeof run.value>) => Promise<void>): Promise<boolean> =>
  refusal.run(async () => {
    if (run.value) await act(run.value);
  });
const addPuncture = (said: PunctureSaid): Promise<boolean> => refusal.run(() => shared.puncture(said));
/** On a bike nothing is asked before its record is known, or known to be out of reach. */
const ready = computed(
  () => tag.value === '' || (fleet.wall !== null && (bike.value === null || shared.ready.value)),
);
const isNoise = computed(() => TRACES_BY_AREA.noises.some(({ key }) => key === props.trace));
const mayRecord = computed(() => bike.value !== null && session.may('mark'));
const counts = computed(
  () =>
    new Map(
      shared.proved.value
        .filter((each) => each.trace === props.trace)
        .map((each) => [each.cause, each.count]),
    ),
);
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-4 px-4 pb-16 pt-3 max-sm:px-2" data-tracing>
    <TraceList v-if="!chosen" :bike="bike" :runs="shared.runs.value" />
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
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
      <NoticePlate v-else-if="syncing.said.value" :said="syncing.said.value" />
      <p v-if="!ready" role="status" class="text-soft">{{ t.loading }}</p>
      <p v-else-if="!fits" role="status" class="text-lg">{{ t.notHere }}</p>
      <div v-else class="grid items-start gap-5 lg:grid-cols-[1fr_24rem]">
        <div class="min-w-0 space-y-4">
          <EndedSearch
            v-if="ended && bike"
            :run="ended"
            :trace="inHand.trace.value"
            :bike="bike"
            :busy="refusal.busy.value"
            @prove="(gone) => onRun((of) => shared.prove(of, gone))"
            @close="(reason) => onRun((of) => shared.close(of, reason))"
          />
          <QuestionCard v-else-if="current" :key="current.key" :question="current" @answer="answer" />
          <TraceEnd
            v-else
            :state="state"
            :may-record="mayRecord"
            :busy="refusal.busy.value"
            @ask="(each) => (asked = each)"
            @end="end"
          />
          <PunctureLedger
            v-if="
              chosen.key === 'flat-again' &&
              bike &&
              shared.record.value &&
              session.may('mark') &&
              position !== 'only'
            "
            :punctures="shared.record.value.punctures"
            :position="position"
            :time-zone="timeZone"
            :add="addPuncture"
          />
          <p
            v-if="chosen.key === 'flat-again' && bike && position === 'only' && session.may('mark')"
            class="text-soft"
          >
            {{ t.chooseWheel }}
          </p>
          <SoundNotes v-if="bike && isNoise" :key="bike.id" :bike-id="bike.id" :time-zone="timeZone" />
          <RecordedAnswers
            v-if="recorded.length"
            :trace="inHand.trace.value"
            :recorded="recorded"
            :time-zone="timeZone"
            :locked="ended !== null"
            @ask="(each) => (asked = each)"
          />
          <GivenAnswers
            v-if="given.size"
            :trace="inHand.trace.value"
            :given="given"
            :locked="ended !== null"
            :unsynced="inHand.unsynced.value"
            :synced="run !== null"
            @take-back="inHand.takeBack"
          />
          <div class="flex flex-wrap gap-2">
            <ActButton v-if="given.size && !ended" data-start-again @click="inHand.clear">{{
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
            :refuted="run?.refuted ?? []"
            :counts="counts"
          />
        </section>
      </div>
    </template>
  </main>
</template>
