<script setup lang="ts">
import { computed } from 'vue';
import { asBuilt, questionsOf, ruledOutOf, stationsOf, type ChecklistVersion } from '@cadre/core/catalogue';
import { USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { BikeFigure } from '@cadre/web/figures';
import { KIND_WORDS, PHASE_WORDS, withPosition, zonesName } from '@cadre/web/words';
import { ruleWords } from './rule-words';
import { DisclosureBox } from '@cadre/web/ui';
import * as t from './messages';

/** What a checklist asks of one kind of bike, station by station as it is walked, and what its build rules out. */
const props = defineProps<{ checklist: ChecklistVersion; kind: BikeKind }>();
const fitted = computed(() => asBuilt(USUAL_BUILD[props.kind]));
const stations = computed(() =>
  stationsOf(questionsOf(props.checklist, fitted.value), props.checklist.route),
);
const ruledOut = computed(() => ruledOutOf(props.checklist, fitted.value));
</script>

<template>
  <div>
    <div class="h-56 rounded-lg border-2 border-line bg-plate p-2 max-sm:h-44">
      <BikeFigure
        :build="fitted.build"
        :label="t.routeRoundKind({ kind: KIND_WORDS[kind] })"
        :route="checklist.route"
        :zones="stations.flatMap((each) => each.zones)"
      />
    </div>
    <ol class="mt-3 grid gap-3 sm:grid-cols-2">
      <li
        v-for="(station, index) in stations"
        :key="station.key"
        class="rounded-lg border-2 border-line bg-plate p-3"
      >
        <h3 class="flex items-baseline gap-2 leading-tight">
          <span class="sturdy">{{ index + 1 }}</span><span class="font-semibold">{{
            zonesName(station.zones)
          }}</span>
          <span v-if="station.phase" class="text-sm text-soft">{{ PHASE_WORDS[station.phase] }}</span>
        </h3>
        <ul class="mt-1.5 space-y-0.5">
          <li
            v-for="question in station.questions"
            :key="question.key"
            class="flex items-baseline gap-2 leading-snug"
            :data-asked="question.key"
          >
            <RouterLink
              :to="{ name: 'catalogue', params: { checkpointKey: question.checkpoint.key } }"
              class="grow hover:underline"
              >{{ withPosition(question.checkpoint.name, question.position) }}</RouterLink
            >
            <span v-if="question.critical" class="text-sm text-soft">{{ t.critical }}</span>
          </li>
        </ul>
      </li>
    </ol>
    <DisclosureBox
      v-if="ruledOut.length"
      class="mt-3"
      :title="t.checkpointNeverAskedBecause({ ruledOut: ruledOut.length })"
    >
      <ul class="grid gap-x-6 sm:grid-cols-2">
        <li v-for="each in ruledOut" :key="each.question.key" class="py-0.5 leading-snug">
          {{ withPosition(each.question.checkpoint.name, each.question.position) }}:
          <span class="text-soft">{{ t.onlyIfRule({ rule: ruleWords(each.because) }) }}</span>
        </li>
      </ul>
    </DisclosureBox>
  </div>
</template>
