<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { X } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { coSignCheck } from '@cadre/contract/checks';
import { mayGoOut, type FitnessAnswer } from '@cadre/core/fitness';
import { CHECKLIST_AFTER } from '@cadre/core/incidents';
import { type KeyMap, useKeys } from '@cadre/web/platform/keys';
import { now as serverNow, useNow } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { ReportIncident } from '@cadre/web/incidents';
import { useSession } from '@cadre/web/people';
import { TimedRecheckPanel } from '@cadre/web/timed-rechecks';
import { ActButton, FitnessMark, NoticePlate, useRefusal, IconButton } from '@cadre/web/ui';
import ClipboardActs, { type NextAct } from './ClipboardActs.vue';
import { BikeSign } from '@cadre/web/figures';
import { putAwayHint, useFleet } from '@cadre/web/fleet';
import { FITNESS_WORDS, KIND_WORDS, reasonWords, WHEREABOUTS_WORDS } from '@cadre/web/words';

/** What is in hand: the bike picked, why it may or may not go out, and its next act. */
const props = defineProps<{
  bike: Bike;
  answer: FitnessAnswer;
  begun: boolean;
  bare?: boolean;
  /** Out of sight: its keys are not its own. */ idle?: boolean;
}>();
const emit = defineEmits<{ away: [] }>();

const fleet = useFleet();
const session = useSession();
const router = useRouter();
const refusal = useRefusal();
const act = useAct();
const now = useNow();
const shown = ref(4);
watch(
  () => props.bike.id,
  () => {
    shown.value = 4;
    refusal.said.value = null;
  },
);

const site = computed(() => fleet.siteById.get(props.bike.siteId));
const reasons = computed(() =>
  props.answer.reasons.map((reason) => reasonWords(reason, now.value, fleet.nameOf, site.value?.timeZone)),
);
/** The trainee's check somebody experienced may co-sign: what lets it out, or what was looked at after something happened. */
const awaitsCoSign = computed(() => {
  if (props.answer.reasons.some((reason) => reason.code === 'awaits-co-sign'))
    return props.bike.facts.newestCheck?.checkId ?? null;
  return props.bike.facts.incidents?.find((each) => each.awaitsCoSign)?.awaitsCoSign ?? null;
});
const toBench = computed(() =>
  props.answer.reasons.some(
    (reason) =>
      'finding' in reason || ['repair-open', 'not-reassembled', 'ready-for-release'].includes(reason.code),
  ),
);
/** The act that moves this bike on; the others stand beside it. */
const next = computed<NextAct>(() => {
  if (props.bike.whereabouts === 'out') return 'back';
  if (props.begun) return 'check';
  if (props.answer.fitness === 'held' && toBench.value) return 'bench';
  if (awaitsCoSign.value && session.may('co-sign')) return 'co-sign';
  return mayGoOut(props.answer.fitness) ? 'out' : 'check';
});

/** After a crash it is looked over for just that first: a ride-out would let it out of nothing. */
const incident = computed(
  () => props.answer.reasons.find((reason) => reason.code === 'incident')?.incident ?? null,
);
function check(): void {
  if (!session.may('mark')) return;
  const query = incident.value ? { checklist: CHECKLIST_AFTER[incident.value.kind] } : {};
  void router.push({ name: 'stand', params: { bikeId: props.bike.id }, query });
}
/** Where it hangs, or where it could: what a person with a bike in each hand asks. */
const place = computed(() => putAwayHint(props.bike, fleet.racks, fleet.bikes));
const hang = (): void => {
  const to = place.value;
  if (to)
    void refusal.run(() => fleet.hang(props.bike.siteId, [{ bikeId: props.bike.id, hookId: to.hookId }]));
};
const move = (to: 'in' | 'out'): void => void refusal.run(() => fleet.move(props.bike, to));
function coSign(): void {
  const checkId = awaitsCoSign.value;
  if (checkId)
    void refusal.run(async () =>
      fleet.put((await act(coSignCheck, { params: { id: checkId }, body: { at: serverNow() } })).bike),
    );
}
useKeys(
  (): KeyMap =>
    props.idle
      ? {}
      : {
          c: check,
          b: () => void router.push({ name: 'bench', params: { bikeId: props.bike.id } }),
          o: () =>
            props.bike.whereabouts === 'out' ? move('in') : mayGoOut(props.answer.fitness) && move('out'),
        },
  [
    { keys: 'C', does: 'Start or go on with the check of the bike in hand' },
    { keys: 'B', does: 'Open it on the bench' },
    { keys: 'O', does: 'Hand it out or take it back' },
  ],
);
</script>

<template>
  <section
    class="flex min-h-0 flex-col gap-3 rounded-lg border-2 border-ink/60 bg-plate p-4"
    :aria-label="`In hand: ${bike.tag}`"
    data-clipboard
  >
    <div class="flex items-start gap-3">
      <div class="grow">
        <h2 class="sturdy text-4xl leading-none">
          <RouterLink
            :to="{ name: 'bike', params: { bikeId: bike.id } }"
            class="underline decoration-2 underline-offset-4"
            >{{ bike.tag }}</RouterLink
          >
        </h2>
        <p class="mt-1 leading-tight text-soft">
          {{ [KIND_WORDS[bike.build.kind], bike.model, bike.size].filter(Boolean).join(' · ') }}
        </p>
      </div>
      <p
        class="flex items-center gap-2 rounded-md px-1 text-lg font-semibold"
        :class="
          answer.fitness === 'held'
            ? 'text-held'
            : answer.fitness === 'cleared-with-watch'
              ? 'text-watch'
              : ''
        "
        data-fitness-word
      >
        <FitnessMark :fitness="answer.fitness" :size="30" />{{ FITNESS_WORDS[answer.fitness] }}
      </p>
      <IconButton v-if="!bare" class="min-[900px]:hidden" name="Put the clipboard away" @click="emit('away')">
        <X class="size-6" aria-hidden="true" />
      </IconButton>
    </div>
    <div v-if="!bare" class="mx-auto h-36 w-full max-w-72 max-sm:hidden">
      <BikeSign :build="bike.build" :label="`${KIND_WORDS[bike.build.kind]} ${bike.tag}`" detail="full" />
    </div>
    <ol v-if="reasons.length" class="space-y-2" aria-label="Reasons">
      <li
        v-for="(reason, index) in reasons.slice(0, shown)"
        :key="index"
        class="border-l-4 pl-3"
        :class="answer.fitness === 'held' && index === 0 ? 'border-held' : 'border-line'"
      >
        <p class="font-semibold leading-snug">{{ reason.what }}</p>
        <p v-if="reason.detail" class="text-[0.95rem] leading-snug text-soft">{{ reason.detail }}</p>
        <p class="text-[0.95rem] leading-snug"><span class="text-soft">Ends with:</span> {{ reason.ends }}</p>
      </li>
      <li v-if="reasons.length > shown">
        <ActButton kind="quiet" @click="shown = 99">{{ reasons.length - shown }} more</ActButton>
      </li>
    </ol>
    <p v-else class="leading-snug text-soft">
      Looked over, nothing open. Counts until the end of the day, or until it comes back.
    </p>
    <p class="leading-snug" data-place>
      <template v-if="bike.whereabouts !== 'in'">It is {{ WHEREABOUTS_WORDS[bike.whereabouts] }}. </template>
      <template v-if="place?.own"
        >{{ bike.whereabouts === 'in' ? 'Hangs on' : 'Goes back on' }} {{ place.rack }}, hook
        {{ place.number }}.</template
      >
      <template v-else-if="place"
        >On no hook. Nearest free: {{ place.rack }}, hook {{ place.number }}.
        <button
          v-if="session.may('edit-fleet')"
          type="button"
          class="min-h-8 font-semibold text-act underline"
          data-hang
          @click="hang"
        >
          Hang it there
        </button></template
      >
      <template v-else>On no hook, and none is free here.</template>
    </p>
    <TimedRecheckPanel :bike="bike" :time-zone="site?.timeZone" />
    <ReportIncident v-if="session.may('hand-out')" class="-mt-3" :bike="bike" @told="fleet.put" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ClipboardActs
      class="mt-auto pt-1"
      :bike="bike"
      :answer="answer"
      :next="next"
      :to-bench="toBench"
      :check-words="incident ? 'Check after the incident' : begun ? 'Continue check' : 'Start ride-out'"
      :busy="refusal.busy.value"
      @check="check"
      @co-sign="coSign"
      @move="move"
    />
  </section>
</template>
