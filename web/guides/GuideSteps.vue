<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useSessionStorage } from '@vueuse/core';
import { OctagonX } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { asBuilt } from '@cadre/core/catalogue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { recheckedAfter, touchedBy, type Guide, type GuideStep } from '@cadre/core/guides';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { BikeFigure } from '@cadre/web/figures';
import { useFollowed } from '@cadre/web/followed-guides';
import { asSet, useTorqueRows } from '@cadre/web/torque';
import { JOINT_WORDS } from '@cadre/web/words';
import { ActButton, CautionLine } from '@cadre/web/ui';
import GuideFigure from './GuideFigure.vue';
import * as t from './messages';

/** One job, a step at a time: what to mind stands at the step, the torque of the bike at the joint, what is rechecked at the end. */
const props = defineProps<{ guide: Guide; bike: Bike | null; position: 'only' | 'front' | 'rear' }>();
const route = useRoute();
const torques = useTorqueRows(() => props.bike);
const done = useSessionStorage<number[]>(() => `cadre.guide.${props.guide.key}.${props.bike?.id ?? ''}`, []);
const followed = useFollowed(() => props.bike?.id ?? '');
function tick(step: number): void {
  if (props.bike) {
    const mine = touchedBy(props.guide, props.position);
    const isMine = (each: (typeof mine)[number]): boolean =>
      mine.some(({ touch, position }) => touch === each.touch && position === each.position);
    followed.value = [...followed.value.filter((each) => !isMine(each)), ...mine];
  }
  done.value = done.value.includes(step) ? done.value.filter((each) => each !== step) : [...done.value, step];
}
/** The axle of a step is that of the end the job is at. */
function jointAt({ joint }: GuideStep): GuideStep['joint'] {
  if (joint === 'axle-front' && props.position === 'rear') return 'axle-rear';
  return joint === 'axle-rear' && props.position === 'front' ? 'axle-front' : joint;
}
function torqueOf(step: GuideStep): string {
  const joint = jointAt(step);
  if (!joint) return '';
  const row = torques.value.find((each) => each.joint === joint);
  const value = row?.answer?.kind === 'target' ? row.answer.target : null;
  const name = JOINT_WORDS[joint];
  return value === null ? t.torqueUnknown({ joint: name }) : t.torqueIs({ joint: name, value: asSet(value) });
}
const asked = computed(() => {
  const { bike } = props;
  const fitted = bike ? { build: bike.build, parts: bike.parts } : asBuilt(USUAL_BUILD.hardtail);
  return recheckedAfter(props.guide, props.position, fitted, CHECKPOINTS);
});
</script>

<template>
  <!-- On a phone the drawing stands between what to mind and the first step. -->
  <article
    class="grid grid-cols-1 items-start gap-4 md:grid-cols-[1fr_18rem] md:grid-rows-[auto_1fr] lg:grid-cols-[1fr_22rem]"
    data-guide-steps
  >
    <div class="min-w-0 space-y-3 max-md:order-1">
      <header>
        <h1 class="sturdy text-2xl leading-tight">
          {{ guide.name }}<template v-if="bike"> · {{ bike.tag }}</template>
        </h1>
        <p class="text-soft">{{ t.stepsMinutes({ steps: guide.steps.length, minutes: guide.minutes }) }}</p>
        <p>{{ t.toolsNeeded({ tools: guide.tools.join(', ') }) }}</p>
      </header>
      <p class="flex items-start gap-2 border-l-4 border-held bg-held-wash px-3 py-2 font-semibold text-held">
        <OctagonX class="mt-0.5 size-5 shrink-0" aria-hidden="true" />{{ guide.stopWhen }}
      </p>
    </div>
    <ol class="min-w-0 space-y-2 max-md:order-3 md:col-start-1">
      <li
        v-for="(step, index) in guide.steps"
        :key="index"
        class="flex gap-3 rounded-md border-2 bg-plate p-3"
        :class="done.includes(index) ? 'border-line opacity-80' : 'border-ink/40'"
      >
        <button
          type="button"
          class="sturdy flex size-12 shrink-0 items-center justify-center rounded-md border-2 text-xl"
          :class="done.includes(index) ? 'border-act bg-act text-on-act' : 'border-ink/60'"
          :aria-pressed="done.includes(index)"
          :aria-label="t.stepDone({ number: index + 1 })"
          :data-step="index"
          @click="tick(index)"
        >
          {{ done.includes(index) ? '✓' : index + 1 }}
        </button>
        <div class="min-w-0 space-y-1">
          <CautionLine v-if="step.caution" :text="step.caution" />
          <p class="text-lg leading-snug">{{ step.text }}</p>
          <p v-if="torqueOf(step)" class="figures font-semibold" :data-torque-step="jointAt(step)">
            {{ torqueOf(step) }}
          </p>
        </div>
      </li>
    </ol>
    <aside
      class="max-md:contents md:sticky md:top-18 md:col-start-2 md:row-span-2 md:row-start-1 md:space-y-4"
    >
      <GuideFigure
        v-if="guide.drawing"
        class="rounded-lg border-2 border-line bg-plate p-2 max-md:order-2"
        :drawing="guide.drawing"
      />
      <div v-if="bike" class="h-52 max-md:order-4 rounded-lg border-2 border-line bg-plate p-2">
        <BikeFigure
          :build="bike.build"
          :label="t.figureOf({ tag: bike.tag })"
          route="m-front-first"
          :zones="[...guide.zones]"
          :lit="[...guide.zones]"
        />
      </div>
      <div v-if="bike" class="flex flex-wrap gap-2 max-md:order-4">
        <ActButton kind="main" :to="{ name: 'bench', params: { bikeId: bike.id } }" data-guide-bench>{{
          t.toBench
        }}</ActButton>
        <ActButton :to="{ name: 'torque', params: { bikeId: bike.id } }">{{ t.torqueCard }}</ActButton>
      </div>
      <section class="space-y-1 rounded-lg bg-sunk p-3 max-md:order-4" aria-labelledby="guide-recheck">
        <h2 id="guide-recheck" class="sturdy text-lg">{{ t.recheckAfter }}</h2>
        <p v-if="asked.length === 0">{{ t.recheckFinding }}</p>
        <ul v-else class="list-disc pl-5">
          <li v-for="checkpoint in asked" :key="checkpoint.key">{{ checkpoint.name }}</li>
        </ul>
      </section>
      <p class="text-soft max-md:order-4">{{ t.makerFirst }}</p>
      <ActButton
        :to="{ name: 'guides', params: { guide: '' }, query: route.query }"
        kind="quiet"
        class="!px-0 max-md:order-4"
        >{{ t.allGuides }}</ActButton
      >
    </aside>
  </article>
</template>
