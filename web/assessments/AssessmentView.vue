<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Assessment } from '@cadre/contract/assessments';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useMoney, useStock } from '@cadre/web/parts';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import AssessmentSheet from './AssessmentSheet.vue';
import OpenAssessment from './OpenAssessment.vue';
import { useAssessments } from './use-assessments';
import * as t from './messages';

/** Used bikes on offer: those to decide, and those that were. */
const props = defineProps<{ assessmentId?: string }>();
const fleet = useFleet();
const catalogue = useCatalogue();
const session = useSession();
const assessments = useAssessments();
const stock = useStock();
const money = useMoney();
const refusal = useRefusal();
const router = useRouter();
const adding = ref(false);
onMounted(() => {
  if (!fleet.wall) void fleet.load();
  if (!catalogue.known) void catalogue.load();
  void refusal.run(async () => void (await Promise.all([assessments.load(), stock.load()])));
});
const open = computed(() => assessments.assessments.value.filter((each) => each.state === 'open'));
const decided = computed(() => assessments.assessments.value.filter((each) => each.state !== 'open'));
const inHand = computed(
  () =>
    assessments.assessments.value.find((each) => each.id === props.assessmentId) ??
    (props.assessmentId ? null : (open.value[0] ?? null)),
);
const bike = computed(() => fleet.bikeById.get(inHand.value?.bikeId ?? '') ?? null);
const pick = (assessment: Assessment): void =>
  void router.replace({ name: 'assessment', params: { assessmentId: assessment.id } });
function opened(assessment: Assessment): void {
  adding.value = false;
  pick(assessment);
}
const WORDS = { open: t.toDecide, accepted: t.accepted, declined: t.declined2 } as const;
</script>

<template>
  <main class="max-w-[90rem] px-4 pb-16 pt-3">
    <div class="flex flex-wrap items-end gap-x-6 gap-y-3">
      <h1 class="sturdy mr-auto text-3xl leading-tight">{{ t.usedBikeAssessments }}</h1>
      <ActButton v-if="session.may('edit-fleet')" kind="main" data-add-assessment @click="adding = !adding">{{
        t.newAssessment
      }}</ActButton>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-3" />
    <OpenAssessment
      v-if="adding"
      class="mt-3"
      :assessments="assessments"
      @done="opened"
      @close="adding = false"
    />
    <div class="mt-4 flex gap-5 max-[900px]:flex-col">
      <ul class="w-72 shrink-0 space-y-1.5 max-[900px]:w-full" :aria-label="t.assessments">
        <li v-for="each in [...open, ...decided]" :key="each.id">
          <button
            type="button"
            class="flex min-h-14 w-full items-center gap-3 rounded-md border-2 px-3 py-1 text-left leading-tight"
            :class="inHand?.id === each.id ? 'border-act bg-plate' : 'border-line bg-plate/60'"
            :aria-current="inHand?.id === each.id ? 'true' : undefined"
            @click="pick(each)"
          >
            <span class="sturdy text-xl">{{ fleet.bikeById.get(each.bikeId)?.tag ?? '…' }}</span>
            <span class="min-w-0 grow"
              ><span class="block" :class="each.state === 'open' && 'font-semibold text-act'">{{
                WORDS[each.state]
              }}</span
              ><span class="figures block text-sm text-soft">{{
                t.askingPriceShow({ show: money.show(each.asking) })
              }}</span></span
            >
          </button>
        </li>
        <li v-if="assessments.loaded.value && assessments.assessments.value.length === 0" class="text-soft">
          {{ t.noAssessmentsYetStart }}
        </li>
      </ul>
      <div class="min-w-0 grow">
        <AssessmentSheet
          v-if="inHand && bike"
          :key="inHand.id"
          :assessment="inHand"
          :bike="bike"
          :assessments="assessments"
          :items="stock.items.value"
        />
        <p v-else-if="assessments.loaded.value && assessments.assessments.value.length" class="text-soft">
          {{ t.chooseAssessment }}
        </p>
      </div>
    </div>
  </main>
</template>
