<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { coSignCheck } from '@cadre/contract/checks';
import { mayGoOut, hasServiceOverdue, type FitnessAnswer } from '@cadre/core/fitness';
import { CHECKLIST_AFTER } from '@cadre/core/incidents';
import { RETURN_CHECKLIST } from '@cadre/core/outings';
import { type KeyMap, useKeys } from '@cadre/web/platform/keys';
import { now, useNow } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { ReportIncident } from '@cadre/web/incidents';
import { TakeBackChoice, useOutingActs } from '@cadre/web/outings';
import { useSession } from '@cadre/web/people';
import { ServicesDue } from '@cadre/web/services';
import { TimedRecheckPanel } from '@cadre/web/timed-rechecks';
import { NoticePlate, useRefusal } from '@cadre/web/ui';
import ClipboardHead from './ClipboardHead.vue';
import ClipboardPlace from './ClipboardPlace.vue';
import ClipboardReasons from './ClipboardReasons.vue';
import ClipboardActs, { type NextAct } from './ClipboardActs.vue';
import { BikeSign } from '@cadre/web/figures';
import { useFleet } from '@cadre/web/fleet';
import { KIND_WORDS } from '@cadre/web/words';
import * as t from './messages';

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
const outings = useOutingActs();
watch(
  () => props.bike.id,
  () => {
    refusal.said.value = null;
    comingBack.value = false;
  },
);

const clock = useNow();
const overdue = computed(() => hasServiceOverdue(props.bike.facts, clock.value));
const site = computed(() => fleet.siteById.get(props.bike.siteId));
/** The trainee's check somebody experienced may co-sign: what lets it out, or what was looked at after something happened. */
const awaitsCoSign = computed(() => {
  if (props.answer.reasons.some((reason) => reason.code === 'awaits-co-sign'))
    return props.bike.facts.newestCheck?.checkId ?? null;
  const { incidents = [], returnCheck } = props.bike.facts;
  return incidents.find((each) => each.awaitsCoSign)?.awaitsCoSign ?? returnCheck?.awaitsCoSign ?? null;
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
  if (props.bike.facts.reports.some((report) => report.holds)) return 'report';
  if (props.begun) return 'check';
  if (props.answer.fitness === 'held' && toBench.value) return 'bench';
  if (awaitsCoSign.value && session.may('co-sign')) return 'co-sign';
  return mayGoOut(props.answer.fitness) ? 'out' : 'check';
});

/** After a crash it is looked over for just that first: a ride-out would let it out of nothing. */
const incident = computed(
  () => props.answer.reasons.find((reason) => reason.code === 'incident')?.incident ?? null,
);
const checkWords = computed(() => {
  if (incident.value) return t.startIncidentCheck;
  if (props.begun) return t.continueCheck;
  return props.bike.facts.returnCheck ? t.startReturnCheck : t.startRideOut;
});
function check(): void {
  if (!session.may('mark')) return;
  const key = incident.value
    ? CHECKLIST_AFTER[incident.value.kind]
    : props.bike.facts.returnCheck && RETURN_CHECKLIST;
  const query = key ? { checklist: key } : {};
  void router.push({ name: 'stand', params: { bikeId: props.bike.id }, query });
}
const comingBack = ref(false);
const handOut = (): void => void refusal.run(() => outings.handOut([props.bike]));
function coSign(): void {
  const checkId = awaitsCoSign.value;
  if (checkId)
    void refusal.run(async () =>
      fleet.put((await act(coSignCheck, { params: { id: checkId }, body: { at: now() } })).bike),
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
            props.bike.whereabouts === 'out'
              ? (comingBack.value = true)
              : mayGoOut(props.answer.fitness) && handOut(),
        },
  [
    { keys: 'C', does: t.startContinueCheckBike },
    { keys: 'B', does: t.openBikeOnBench },
    { keys: 'O', does: t.handOutTakeBack },
  ],
);
</script>

<template>
  <section
    class="flex min-h-0 flex-col gap-3 rounded-lg border-2 border-ink/60 bg-plate p-4"
    :aria-label="t.bikeTag({ tag: bike.tag })"
    data-clipboard
  >
    <ClipboardHead :bike="bike" :fitness="answer.fitness" :bare="bare" @away="emit('away')" />
    <div v-if="!bare" class="mx-auto h-36 w-full max-w-72 max-sm:hidden">
      <BikeSign :build="bike.build" :label="`${KIND_WORDS[bike.build.kind]} ${bike.tag}`" detail="full" />
    </div>
    <ClipboardReasons :key="bike.id" :bike="bike" :answer="answer" />
    <ClipboardPlace :bike="bike" :refusal="refusal" />
    <!-- Both come a moment later; their room is there from the start, so that the acts below do not move under a hand. -->
    <div :class="session.may('mark') && 'min-h-12'">
      <TimedRecheckPanel :bike="bike" :time-zone="site?.timeZone" />
    </div>
    <div v-if="session.may('hand-out')" class="-mt-3 min-h-12">
      <ReportIncident :bike="bike" @told="fleet.put" />
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <TakeBackChoice
      v-if="comingBack && bike.whereabouts === 'out'"
      :bikes="[bike]"
      :done="() => (comingBack = false)"
    />
    <ClipboardActs
      class="mt-auto pt-1"
      :bike="bike"
      :answer="answer"
      :next="next"
      :to-bench="toBench"
      :check-words="checkWords"
      :busy="refusal.busy.value"
      @check="check"
      @co-sign="coSign"
      @out="handOut"
      @back="comingBack = !comingBack"
    />
    <ServicesDue v-if="overdue && !bare" :bike="bike" :time-zone="site?.timeZone" />
  </section>
</template>
