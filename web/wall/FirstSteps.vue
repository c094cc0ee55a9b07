<script setup lang="ts">
import { computed } from 'vue';
import { useStorage } from '@vueuse/core';
import { Check } from '@lucide/vue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useRounds } from '@cadre/web/rounds';
import { ActButton } from '@cadre/web/ui';
import { useWallView } from './use-wall';
import * as t from './messages';

/** The way from an empty program to its first round. Each step is done when its things are there; any may be left and continued later. */
const fleet = useFleet();
const session = useSession();
const rounds = useRounds();
const view = useWallView();
rounds.begin();
const hidden = useStorage('cadre.first-steps-hidden', false);

function arrange(): void {
  view.arranging = true;
  view.grouping = 'hooks';
}
const steps = computed(() => [
  { key: 'program', title: t.stepProgram, how: t.stepProgramHow, done: true, to: null, act: '' },
  {
    key: 'rack',
    title: t.stepRack,
    how: t.stepRackHow,
    done: (fleet.wall?.racks.length ?? 0) > 0,
    to: null,
    act: t.addRack,
  },
  {
    key: 'bikes',
    title: t.stepBikes,
    how: t.stepBikesHow,
    done: fleet.bikes.length > 0,
    to: { name: 'exchange' },
    act: t.importOrPaste,
  },
  {
    key: 'people',
    title: t.stepPeople,
    how: t.stepPeopleHow,
    done: (fleet.wall?.people.length ?? 0) > 1,
    to: { name: 'people' },
    act: t.addPeople,
  },
  {
    key: 'round',
    title: t.stepRound,
    how: t.stepRoundHow,
    done: rounds.rounds.length > 0,
    to: { name: 'rounds' },
    act: t.makeRound,
  },
]);
/** With bikes on racks the wall needs the room: only the next step is left to show. */
const brief = computed(() => fleet.bikes.length > 0);
const next = computed(() => steps.value.find((step) => !step.done) ?? null);
const shown = computed(
  () =>
    session.may('edit-program') &&
    fleet.wall &&
    !fleet.wall.demo &&
    next.value &&
    !hidden.value &&
    !view.arranging,
);
</script>

<template>
  <section
    v-if="shown"
    :class="
      brief
        ? 'mt-1.5 flex flex-wrap items-center gap-x-3 rounded-md bg-plate px-3'
        : 'mt-3 max-w-3xl rounded-md border-2 border-ink/60 bg-plate p-4'
    "
    aria-labelledby="first-steps"
    data-first-steps
  >
    <div class="flex items-center justify-between gap-3" :class="brief && 'order-2'">
      <h2 id="first-steps" :class="brief ? 'sr-only' : 'sturdy text-xl'">{{ t.firstSteps }}</h2>
      <ActButton kind="quiet" @click="hidden = true">{{ t.hideSteps }}</ActButton>
    </div>
    <ol :class="brief ? 'grow' : 'mt-2 space-y-1'">
      <li
        v-for="(step, index) in brief && next ? [next] : steps"
        :key="step.key"
        class="flex flex-wrap items-center gap-3 rounded px-2 py-1.5"
        :class="step.key === next?.key && !brief && 'bg-sunk'"
        :data-step="step.key"
        :data-done="step.done"
      >
        <span
          class="sturdy grid size-8 shrink-0 place-items-center rounded-full border-2"
          :class="step.done ? 'border-act bg-act text-on-act' : 'border-ink/60'"
          ><Check v-if="step.done" class="size-5" aria-hidden="true" /><template v-else>{{
            index + 1
          }}</template
          ><span v-if="step.done" class="sr-only">{{ t.stepDone }}</span></span
        >
        <span class="min-w-48 grow leading-tight"
          ><span class="font-semibold">{{ step.title }}</span
          ><span v-if="!step.done && !brief" class="block text-soft">{{ step.how }}</span></span
        >
        <template v-if="!step.done">
          <ActButton v-if="step.to" :to="step.to" :kind="step.key === next?.key ? 'main' : undefined">{{
            step.act
          }}</ActButton>
          <ActButton v-else :kind="step.key === next?.key ? 'main' : undefined" @click="arrange">{{
            step.act
          }}</ActButton>
          <ActButton v-if="step.key === 'bikes'" :to="{ name: 'bike-new' }">{{ t.addOneBike }}</ActButton>
        </template>
      </li>
    </ol>
  </section>
</template>
