<script setup lang="ts">
import { computed, provide, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { whenever } from '@vueuse/core';
import type { Bike } from '@cadre/contract/fleet';
import type { Question } from '@cadre/core/catalogue';
import { useFleet, useFound } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import LeaveIt from './LeaveIt.vue';
import SignedElsewhere from './SignedElsewhere.vue';
import SignOff from './SignOff.vue';
import StandBar from './StandBar.vue';
import StandBike from './StandBike.vue';
import StandHead from './StandHead.vue';
import StandStation from './StandStation.vue';
import WhatsLeft from './WhatsLeft.vue';
import { STAND_CHECK, useStandCheck } from './use-stand-check';
import { useStandKeys } from './use-stand-keys';

const props = defineProps<{ bike: Bike; checkId: string }>();
const fleet = useFleet();
const session = useSession();
const router = useRouter();
const route = useRoute();
const standCheck = useStandCheck(props);
provide(STAND_CHECK, standCheck);
const { draft, stand, signedElsewhere } = standCheck;
const { stations, answers, progress, check } = draft;
const { at, signing, station } = stand;
/** What is over the station for a moment: what is left, or leaving it. */
const over = ref<'left' | 'leave' | null>(null);
watch(at, () => (over.value = null));

const ready = computed(() => stations.value.length > 0 && check.value !== null);
/** Marks left over from before: go on where something is left, or where one was sent to. */
function start(): void {
  const wanted = stations.value
    .flatMap((each) => each.questions)
    .find((question) => question.key === route.query.at);
  if (wanted) {
    stand.goToQuestion(wanted);
    return;
  }
  const first = stations.value.findIndex((each) =>
    each.questions.some((question) => !answers.value.has(question.key)),
  );
  stand.goTo(first < 0 ? stations.value.length : first);
}
whenever(ready, start, { immediate: true, once: true });

/** Where one goes from here: back to the round or the bench it was opened from, else to the wall. */
function leave(): void {
  const from = route.query.from;
  if (typeof from === 'string' && from.startsWith('/') && !from.startsWith('//')) void router.push(from);
  else
    void router.push(
      check.value?.repairId ? { name: 'bench', params: { bikeId: props.bike.id } } : { name: 'wall' },
    );
}
watch(
  () => check.value?.state,
  (state) => {
    if (state === 'signing' || (state === 'signed' && !signedElsewhere.value)) leave();
  },
);
/** Another bike scanned at the stand: what is marked here stays, and that one is opened. */
useFound((found) => {
  if (found.id === props.bike.id) return true;
  void router.push({ name: 'stand', params: { bikeId: found.id }, query: { from: route.query.from } });
  return true;
});
function goToLeft(question: Question): void {
  over.value = null;
  stand.goToQuestion(question);
}
/** Asks what rests all the same, from the first of it on. */
function ask(questions: readonly Question[]): void {
  draft.askAlso(questions);
  if (questions[0]) stand.goToQuestion(questions[0]);
}
useStandKeys(standCheck, over, leave);
</script>

<template>
  <main
    class="mx-auto flex max-w-[100rem] gap-5 px-4 pb-24 pt-2 max-[1000px]:flex-col max-[1000px]:gap-2"
    :data-check="check?.serverId ?? check?.id"
    :data-unsent="draft.unsent.value"
  >
    <StandHead />
    <StandBike />
    <div class="min-w-0 grow">
      <SignedElsewhere v-if="signedElsewhere" :name="fleet.nameOf(signedElsewhere)" @on="leave" />
      <WhatsLeft
        v-else-if="over === 'left'"
        :stations="stations"
        :answers="answers"
        @close="over = null"
        @go="goToLeft"
      />
      <LeaveIt
        v-else-if="over === 'leave'"
        :bike="bike"
        :left="progress.asked - progress.looked"
        @stay="over = null"
        @left="router.push({ name: 'wall' })"
      />
      <SignOff
        v-else-if="signing && check"
        :progress="progress"
        :stations="stations"
        :answers="answers"
        :resting="draft.resting.value"
        :name-of="fleet.nameOf"
        :bike="bike"
        :time-zone="fleet.siteById.get(bike.siteId)?.timeZone"
        :signer="session.person?.name ?? ''"
        :trainee="session.person?.trainee ?? false"
        :checklist="check.checklist"
        :checklist-hash="check.checklistHash"
        :trouble="check.trouble"
        @sign="standCheck.sign"
        @go="stand.goToQuestion"
        @ask="ask"
      />
      <StandStation v-else-if="station" :station="station" />
    </div>
    <StandBar v-if="!signing && !over && !signedElsewhere" @left="over = 'left'" @leave="over = 'leave'" />
  </main>
</template>
