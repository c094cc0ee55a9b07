<script setup lang="ts">
import { defineAsyncComponent, nextTick, ref } from 'vue';
import { CalendarClock, Undo2, Search } from '@lucide/vue';
import { DayCounts } from '@cadre/web/schedule';
import { ActButton, SelectField } from '@cadre/web/ui';
import { useAnswers } from '@cadre/web/fleet';
import { useWallView } from './use-wall';
import { GROUPING_OPTIONS } from './wall-lines';
import WallQueue from './WallQueue.vue';
import * as t from './messages';

const WallMenu = defineAsyncComponent(() => import('./WallMenu.vue'));

/** The wall's own line: find, group, select, and everything rarer under one button. */
defineProps<{ shown: number; unknown: readonly string[] }>();
const emit = defineEmits<{ enter: []; print: [] }>();
const view = useWallView();
const answers = useAnswers();
const finder = ref<HTMLInputElement | null>(null);

function leave(): void {
  view.sought = '';
  finder.value?.blur();
}
function toggleArranging(): void {
  view.arranging = !view.arranging;
  view.selecting = false;
  if (!view.arranging) return;
  view.grouping = 'hooks';
  view.sought = '';
}
function toggleSelecting(): void {
  view.selecting = !view.selecting;
  view.selected = new Set();
  view.arranging = false;
}
defineExpose({ focus: () => void nextTick(() => finder.value?.focus()) });
</script>

<template>
  <div class="flex flex-wrap items-center gap-2">
    <h1 class="sr-only">{{ t.rackWall }}</h1>
    <DayCounts brief />
    <WallQueue
      v-if="answers.returnDue.size"
      :name="t.returnChecks"
      :hint="t.showReturnsDue({ bikes: answers.returnDue.size })"
      :word="t.returnWord"
      :count="answers.returnDue.size"
      :icon="Undo2"
      data-returns-due
    />
    <WallQueue
      v-if="answers.serviceOverdue.size"
      class="max-sm:hidden"
      :name="t.services"
      :hint="t.showServicesOverdue({ bikes: answers.serviceOverdue.size })"
      :word="t.serviceWord"
      :count="answers.serviceOverdue.size"
      :icon="CalendarClock"
      data-services-overdue
    />
    <span class="mr-auto" />
    <form class="relative min-w-0 grow basis-32 sm:max-w-72" role="search" @submit.prevent="emit('enter')">
      <label for="find" class="sr-only">{{ t.findBikesTagWords }}</label>
      <Search class="pointer-events-none absolute left-3 top-3.5 size-5 text-soft" aria-hidden="true" />
      <input
        id="find"
        ref="finder"
        v-model="view.sought"
        autocomplete="off"
        :placeholder="t.tagHeld24in"
        class="h-12 w-full rounded-md border-2 border-ink/60 bg-plate pl-10 pr-3 placeholder:text-soft"
        :aria-invalid="unknown.length > 0"
        aria-describedby="find-said"
        @keydown.esc="leave"
      />
      <p
        id="find-said"
        role="status"
        class="absolute left-0 top-full z-10 mt-1 whitespace-nowrap rounded-md border-2 border-line bg-plate px-2 py-0.5 empty:hidden"
        :class="unknown.length ? 'font-semibold text-held' : 'text-soft'"
      >
        <template v-if="unknown.length"
          >{{ t.noBikeMatchesUnknown({ unknown: unknown.join('”, “') }) }}{{ ' ' }}</template
        ><template v-else-if="view.sought.trim()">{{ t.bikeEnterOpensFirst({ bikes: shown }) }}</template>
      </p>
    </form>
    <SelectField
      v-model="view.grouping"
      :label="t.groupBikes"
      hide-label
      class="font-semibold max-sm:hidden"
      :options="GROUPING_OPTIONS"
      data-grouping
    />
    <ActButton
      class="max-sm:px-3"
      :aria-pressed="view.selecting"
      :class="view.selecting && 'bg-ink! text-ground!'"
      data-select
      @click="toggleSelecting"
      >{{ view.selecting ? t.done : t.selectWord }}</ActButton
    >
    <ActButton v-if="view.arranging" kind="main" data-arrange @click="toggleArranging">{{
      t.finishArranging
    }}</ActButton>
    <WallMenu v-else @arrange="toggleArranging" @print="emit('print')" />
  </div>
</template>
