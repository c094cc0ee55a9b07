<script setup lang="ts">
import { ref } from 'vue';
import { Mic, MicOff } from '@lucide/vue';
import { ActButton, CautionLine, NoticePlate, SelectField, TextField } from '@cadre/web/ui';
import SideAnswer from './SideAnswer.vue';
import WheelOfSpokes from './WheelOfSpokes.vue';
import { useListening } from './use-listening';
import { SPOKE_COUNTS, useSpokes } from './use-spokes';
import * as t from './messages';

/** Spokes by ear: pluck them in turn from the valve, and see which are not like the others of their side. */
const spokes = useSpokes();
const { pitches, next, unclear, judged, answers, count } = spokes;
const listening = useListening(spokes.heard);
const { state, said } = listening;
const typed = ref('');
const wrong = ref(false);
function type(): void {
  wrong.value = !spokes.type(typed.value);
  if (!wrong.value) typed.value = '';
}
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-3 px-4 pb-16 pt-3 max-sm:px-2" data-spokes-view>
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="sturdy mr-auto text-2xl">{{ t.spokesByEar }}</h1>
      <SelectField
        :model-value="count"
        class="w-32"
        :label="t.spokes"
        :options="SPOKE_COUNTS.map((each) => ({ value: each, label: String(each) }))"
        data-spoke-count
        @update:model-value="(many: number) => spokes.setCount(many)"
      />
    </header>
    <CautionLine :text="t.caution" />
    <NoticePlate v-if="said" :said="said" />
    <div class="grid items-start gap-5 lg:grid-cols-[1fr_22rem]">
      <div>
        <WheelOfSpokes :pitches="pitches" :judged="judged" :next="next" @pick="spokes.pick" />
        <p class="text-soft">{{ t.figuresAre }}</p>
      </div>
      <div class="space-y-3">
        <div class="space-y-2 rounded-lg border-2 border-ink/60 bg-plate p-3">
          <p class="text-lg font-semibold" role="status" data-next-spoke>
            <template v-if="next === null">{{ t.allPlucked }}</template>
            <template v-else-if="unclear">{{ t.pluckAgain({ spoke: next + 1 }) }}</template>
            <template v-else>{{ t.pluckNext({ spoke: next + 1, count }) }}</template>
          </p>
          <div class="flex flex-wrap gap-2">
            <ActButton v-if="state === 'off'" kind="main" data-listen @click="listening.start('microphone')"
              ><Mic class="size-5" aria-hidden="true" />{{ t.listen }}</ActButton
            >
            <ActButton v-else kind="main" data-stop @click="listening.stop()"
              ><MicOff class="size-5" aria-hidden="true" />{{
                state === 'starting' ? t.starting : t.stop
              }}</ActButton
            >
            <ActButton :disabled="next === null" data-no-tension @click="spokes.slack()">{{
              t.noTension
            }}</ActButton>
            <ActButton data-take-back @click="spokes.takeBack()">{{ t.takeBack }}</ActButton>
          </div>
          <form class="flex items-end gap-2" @submit.prevent="type">
            <TextField
              v-model="typed"
              class="min-w-0 grow"
              :label="t.byHand"
              inputmode="decimal"
              :error="wrong ? t.byHandWrong : null"
              data-typed-pitches
            />
            <ActButton type="submit" :disabled="!typed.trim()">{{ t.enter }}</ActButton>
          </form>
        </div>
        <SideAnswer
          v-for="side in ['left', 'right'] as const"
          :key="side"
          :side="side"
          :answer="answers[side]"
          :text="spokes.textOf(side)"
        />
        <p class="leading-snug text-soft">{{ t.evenNotEnough }}</p>
        <div class="flex flex-wrap gap-2">
          <ActButton data-training @click="listening.start('recording')">{{ t.trainingRecording }}</ActButton>
          <ActButton kind="quiet" data-clear @click="spokes.clear()">{{ t.startAgain }}</ActButton>
        </div>
      </div>
    </div>
  </main>
</template>
