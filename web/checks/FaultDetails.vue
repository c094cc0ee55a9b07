<script setup lang="ts">
import { computed, ref } from 'vue';
import { isWorse, SEVERITIES, type Fault, type Question, type Severity } from '@cadre/core/catalogue';
import { placesAsked, type MarkedFault, type Place } from '@cadre/core/checks';
import type { Build } from '@cadre/core/fleet';
import { SEVERITY_MEANING, SEVERITY_WORDS, withPosition } from '@cadre/web/words';
import { useCatalogue } from '@cadre/web/catalogue';
import { ActButton } from '@cadre/web/ui';
import ClockDial from './ClockDial.vue';
import PlaceFigure from './PlaceFigure.vue';
import { SIDE_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** The faults chosen at a question: what to do next, what to check besides, where it is, and whether it is worse than usual. */
const props = defineProps<{
  question: Question;
  build: Build;
  chosen: readonly MarkedFault[];
  last: MarkedFault;
  others: readonly Question[];
}>();
const emit = defineEmits<{
  place: [change: Partial<Place>];
  raise: [severity: Severity];
  go: [question: Question];
}>();
const catalogue = useCatalogue();
const onFigure = ref(false);
const places = computed(() => placesAsked(props.question));
const faultOf = (key: string): Fault | undefined =>
  props.question.checkpoint.faults.find((fault) => fault.key === key);
/** What feels alike or fails together, of what this check asks. */
const lookNext = computed(() => {
  const keys = props.chosen.flatMap((each) => faultOf(each.fault)?.askNext ?? []);
  return props.others.filter(
    (other) =>
      keys.includes(other.checkpoint.key) &&
      (other.position === props.question.position || other.position === 'only'),
  );
});
const worse = computed(() =>
  SEVERITIES.filter((severity) => isWorse(severity, catalogue.floorOf(faultOf(props.last.fault)))),
);
</script>

<template>
  <div class="space-y-2 rounded-md bg-sunk p-3">
    <p v-for="each in chosen" :key="each.fault" class="leading-snug">
      <span class="font-semibold">{{ t.nextStep }}</span>
      {{ faultOf(each.fault)?.doNext }}
    </p>
    <p v-if="chosen.some((each) => faultOf(each.fault)?.toMechanic)" class="font-semibold text-held">
      {{ t.qualifiedMechanicDecidesAbout }}
    </p>
    <div v-if="lookNext.length" class="flex flex-wrap items-center gap-1.5" data-look-next>
      <span class="mr-1 text-soft">{{ t.thenCheck }}</span>
      <ActButton v-for="other in lookNext" :key="other.key" @click="emit('go', other)">{{
        withPosition(other.checkpoint.name, other.position)
      }}</ActButton>
    </div>
    <div
      v-if="places.sides.length"
      class="flex flex-wrap items-center gap-1.5"
      role="group"
      :aria-label="t.place"
    >
      <span class="mr-1 text-soft">{{ t.place }}</span>
      <button
        v-for="side in places.sides"
        :key="side"
        type="button"
        class="min-h-12 rounded border-2 px-2.5"
        :class="last.place?.side === side ? 'border-ink bg-plate font-semibold' : 'border-line bg-plate'"
        :aria-pressed="last.place?.side === side"
        @click="emit('place', { side: last.place?.side === side ? undefined : side })"
      >
        {{ SIDE_WORDS[side] }}
      </button>
    </div>
    <div v-if="places.round || places.onBike" class="flex flex-wrap items-start gap-3">
      <ClockDial v-if="places.round" :hour="last.place?.clock" @pick="(clock) => emit('place', { clock })" />
      <div v-if="places.onBike" class="space-y-1">
        <ActButton
          kind="quiet"
          class="!px-0"
          :aria-expanded="onFigure"
          data-on-figure
          @click="onFigure = !onFigure"
          >{{ onFigure ? t.hideBike : t.touchPlaceOnBike }}</ActButton
        >
        <PlaceFigure
          v-if="onFigure || last.place?.spot"
          :build="build"
          :spot="last.place?.spot"
          :label="question.checkpoint.name"
          @pick="(spot) => emit('place', { spot })"
        />
      </div>
    </div>
    <div
      v-if="worse.length"
      class="flex flex-wrap items-center gap-1.5"
      role="group"
      :aria-label="t.moreSevereThanUsual"
    >
      <span class="mr-1 text-soft">{{ t.moreSevereThanUsual2 }}</span>
      <button
        v-for="severity in worse"
        :key="severity"
        type="button"
        class="min-h-12 rounded border-2 px-3"
        :class="
          last.severity === severity ? 'border-held bg-held-wash font-semibold' : 'border-line bg-plate'
        "
        :aria-pressed="last.severity === severity"
        @click="emit('raise', severity)"
      >
        {{ SEVERITY_WORDS[severity] }}, {{ SEVERITY_MEANING[severity] }}
      </button>
    </div>
  </div>
</template>
