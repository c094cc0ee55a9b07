<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink, type RouteLocationRaw } from 'vue-router';
import type { Round } from '@cadre/contract/rounds';
import { useFleet } from '@cadre/web/fleet';
import ProgressRail from './ProgressRail.vue';
import { deadlineWords, finishWords, shortWhen } from './round-wording';
import { useRoundBoard } from './use-round-board';
import * as t from './messages';

/** One round in one line of the wall. */
const props = defineProps<{ round: Round; now: number; may: boolean }>();
const emit = defineEmits<{ go: [to: RouteLocationRaw] }>();
const fleet = useFleet();
const board = useRoundBoard(() => props.round);
const { count: counts, projection, next } = board;
const zone = computed(() => fleet.siteById.get(props.round.siteId)?.timeZone ?? 'UTC');
const finish = computed(() =>
  projection.value ? finishWords(projection.value, props.now, zone.value).about : '',
);
const verdict = computed(() =>
  projection.value ? deadlineWords(projection.value, props.round.deadline) : null,
);
</script>

<template>
  <div
    class="flex items-center gap-x-3 py-0.5 pl-3 pr-1 max-sm:gap-x-2 max-sm:pl-2"
    :data-round-line="round.name"
  >
    <RouterLink
      :to="{ name: 'round', params: { roundId: round.id } }"
      class="flex min-h-11 min-w-0 grow items-center gap-x-2 leading-tight max-sm:flex-col max-sm:items-start max-sm:justify-center"
    >
      <span class="sturdy underline decoration-2 underline-offset-4 max-sm:line-clamp-2 sm:truncate">{{
        round.name
      }}</span>
      <span class="figures shrink-0 text-soft max-sm:text-sm">{{
        t.byShortWhen({ shortWhen: shortWhen(round.deadline, now, zone) })
      }}</span>
    </RouterLink>
    <ProgressRail class="max-sm:hidden" :counts="counts" />
    <span class="figures shrink-0 leading-tight"
      ><strong class="sturdy">{{ counts.done }}</strong> {{ t.ofOf({ of: counts.of })
      }}<span v-if="counts.found" class="text-watch max-sm:block max-sm:text-sm"
        ><span class="max-sm:hidden"> · </span>{{ t.findingCount({ found: counts.found }) }}</span
      ></span
    >
    <span
      v-if="verdict"
      class="figures shrink-0 text-right leading-tight max-sm:hidden"
      :class="verdict.tone === 'bad' ? 'text-held' : verdict.tone === 'doubt' ? 'text-watch' : 'text-act'"
      ><span class="sr-only">{{ t.likelyFinishFinish({ finish }) }}{{ ' ' }}</span
      ><span class="font-semibold">{{ verdict.tone === 'doubt' ? t.justInTime : verdict.words }}</span></span
    >
    <button
      v-if="may"
      type="button"
      class="min-h-11 shrink-0 rounded-md border-2 border-act bg-plate px-3 font-semibold text-act hover:bg-sunk disabled:border-line disabled:bg-sunk disabled:text-soft"
      :disabled="!next"
      data-next-for-me
      @click="next && emit('go', board.standOf(next))"
    >
      {{ next ? t.nextTag({ tag: next.bike.tag }) : t.noBikeFree
      }}<span class="sr-only">{{ ' ' }}{{ t.inName({ name: round.name }) }}</span>
    </button>
  </div>
</template>
