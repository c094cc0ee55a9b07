<script setup lang="ts">
import { computed, defineAsyncComponent, provide, ref, useTemplateRef, watch } from 'vue';
import { useKeys } from '@cadre/web/platform/keys';
import { useSession } from '@cadre/web/people';
import { RoundStrip } from '@cadre/web/rounds';
import { GroupStrip } from '@cadre/web/schedule';
import { BikeClipboard } from '@cadre/web/bikes';
import { useFleet } from '@cadre/web/fleet';
import EmptyWall from './EmptyWall.vue';
import SiteHeading from './SiteHeading.vue';
import { useArrange } from './use-arrange';
import { usePrinting } from './use-printing';
import { useWall, useWallView } from './use-wall';
import { useWallActs } from './use-wall-acts';
import { useWallWalk } from './use-wall-walk';
import { useTagLine } from './tag-shows';
import { ON_WALL } from './wall-key';
import WallNotes from './WallNotes.vue';
import WallRacks from './WallRacks.vue';
import WallTools from './WallTools.vue';
import * as t from './messages';

const MorningSheet = defineAsyncComponent(() => import('./MorningSheet.vue'));
const FirstSteps = defineAsyncComponent(() => import('./FirstSteps.vue'));
const SelectionPanel = defineAsyncComponent(() => import('./SelectionPanel.vue'));

const fleet = useFleet();
const view = useWallView();
const session = useSession();
const wall = useWall();
const arrange = useArrange();
const tools = useTemplateRef('tools');
const rails = useTemplateRef('rails');
const walking = useWallWalk(rails, wall);
provide(ON_WALL, { wall, walking, arrange, tagLine: useTagLine() });
const { inHand, sheet, pick, select, step, onHook, enter } = useWallActs(wall, arrange, walking);
const { columns, nextDue, show } = walking;
const { printing, print } = usePrinting();

const answer = computed(() => (inHand.value ? (wall.answers.value.get(inHand.value.id) ?? null) : null));
const selected = computed(() => fleet.bikes.filter((bike) => view.selected.has(bike.id)));
/** The panel follows the tags by a frame: a key is answered on the rails before the clipboard changes. */
const panel = ref(view.selecting);
watch(
  () => view.selecting,
  (selecting) => requestAnimationFrame(() => setTimeout(() => (panel.value = selecting))),
);
watch(
  () => fleet.wall === null,
  (empty) => empty && void fleet.load(),
  { immediate: true },
);

useKeys(
  () => ({
    ArrowRight: () => step(1),
    ArrowLeft: () => step(-1),
    ArrowDown: () => step(view.grouping === 'hooks' || columns.value ? columns.value : 1),
    ArrowUp: () => step(-columns.value),
    n: () => {
      if (!nextDue.value) return;
      pick(nextDue.value.id);
      show(nextDue.value);
    },
    x: () => {
      view.selecting = true;
      view.arranging = false;
      if (inHand.value) select(inHand.value.id, false);
    },
    Escape: () => {
      arrange.lifted.value = null;
      sheet.value = false;
      view.selecting = false;
    },
    f: () => tools.value?.focus(),
  }),
  [
    { keys: '← → ↑ ↓', does: t.moveAlongHooks },
    { keys: 'N', does: t.nextBikeDue },
    { keys: 'F', does: t.filterWall },
    { keys: 'X', does: t.selectBikeEscEnds },
  ],
);
</script>

<template>
  <main class="mx-auto flex max-w-[110rem] gap-5 px-4 pb-8 pt-2 max-sm:px-2 print:hidden">
    <div class="min-w-0 grow">
      <WallTools
        ref="tools"
        :shown="wall.shown.value.length"
        :unknown="wall.unknown.value"
        @enter="enter"
        @print="print"
      />
      <GroupStrip v-if="fleet.groups.length" brief class="mt-1.5 max-sm:hidden" />
      <FirstSteps v-if="fleet.wall && session.may('edit-program')" />
      <WallNotes />
      <RoundStrip v-if="fleet.wall && !view.selecting && !view.arranging" />
      <div ref="rails">
        <WallRacks :in-hand="inHand?.id ?? null" @pick="pick" @hook="onHook" />
      </div>
      <SiteHeading
        v-if="view.arranging && session.may('edit-program')"
        class="mt-4"
        :site="null"
        :bikes="0"
        editing
        :busy="arrange.refusal.busy.value"
        @save="arrange.addSite"
      />
      <EmptyWall />
    </div>
    <aside
      v-if="panel || (inHand && answer)"
      class="w-[20.5rem] shrink-0 max-[900px]:fixed max-[900px]:inset-x-0 max-[900px]:bottom-0 max-[900px]:z-20 max-[900px]:max-h-[72dvh] max-[900px]:w-full max-[900px]:overflow-y-auto max-[900px]:border-t-4 max-[900px]:border-act max-[900px]:bg-ground max-[900px]:p-2 min-[900px]:sticky min-[900px]:top-[calc(var(--strip)+0.75rem)] min-[900px]:max-h-[calc(100dvh-var(--strip)-1.5rem)] min-[900px]:self-start min-[900px]:overflow-y-auto"
      :class="!sheet && !panel && 'max-[900px]:hidden'"
      :aria-label="t.bikeInHand"
    >
      <KeepAlive
        ><SelectionPanel
          v-if="panel"
          :bikes="selected"
          :shown="wall.shown.value"
          :fitness-of="wall.fitnessOf"
      /></KeepAlive>
      <!-- It stays where it is while bikes are selected: making it anew costs more than hiding it. -->
      <BikeClipboard
        v-if="inHand && answer"
        v-show="!panel"
        :bike="inHand"
        :answer="answer"
        :begun="wall.begun.value.has(inHand.id)"
        :idle="view.selecting"
        @away="sheet = false"
      />
    </aside>
  </main>
  <MorningSheet v-if="printing" :bikes="wall.shown.value" :answers="wall.answers.value" />
</template>
