<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import type { Round } from '@cadre/contract/rounds';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import ProgressRail from './ProgressRail.vue';
import { deadlineWords, finishWords } from './round-wording';
import { useRoundBoard } from './use-round-board';
import * as t from './messages';

/** A round in one look: how far, and whether it will be done in time. */
const props = defineProps<{ round: Round }>();
const fleet = useFleet();
const now = useNow();
const board = useRoundBoard(() => props.round);
const { count: counts, projection, inHand } = board;
const zone = computed(() => fleet.siteById.get(props.round.siteId)?.timeZone ?? 'UTC');
const finish = computed(() =>
  projection.value ? finishWords(projection.value, now.value, zone.value) : null,
);
const verdict = computed(() =>
  projection.value ? deadlineWords(projection.value, props.round.deadline) : null,
);
const hands = computed(() =>
  inHand.value.map((row) => `${row.bike.tag} ${fleet.nameOf(row.look?.by ?? '').split(' ')[0]}`).join(' · '),
);
</script>

<template>
  <div
    class="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-md border-2 border-ink/60 bg-plate px-3 py-1.5"
    :data-round-plate="round.name"
  >
    <RouterLink
      :to="{ name: 'round', params: { roundId: round.id } }"
      class="flex min-h-12 min-w-0 grow basis-56 flex-col justify-center leading-tight"
    >
      <span class="sturdy truncate text-lg leading-tight underline decoration-2 underline-offset-4">{{
        round.name
      }}</span>
      <span class="figures text-soft"
        >{{ round.state === 'open' ? t.by : t.closedWasDue }} {{ dayAndClock(round.deadline, now, zone) }} ·
        {{ fleet.siteById.get(round.siteId)?.name }}</span
      >
    </RouterLink>
    <div class="figures flex min-w-0 grow basis-64 items-center gap-3">
      <ProgressRail :counts="counts" />
      <span class="leading-tight"
        ><strong class="sturdy">{{ counts.done }}</strong> {{ t.ofOfDone({ of: counts.of })
        }}<template v-if="counts.found"> {{ t.finding({ found: counts.found }) }}</template
        ><span v-if="hands" class="block text-sm text-soft">{{ hands }}</span></span
      >
      <span
        v-if="round.state === 'open' && finish && verdict"
        class="ml-auto text-right leading-tight max-sm:ml-0 max-sm:text-left"
        >{{ t.likelyFinishAbout({ about: finish.about })
        }}<span
          class="block text-sm font-semibold"
          :class="verdict.tone === 'bad' ? 'text-held' : verdict.tone === 'doubt' ? 'text-watch' : 'text-act'"
          >{{ verdict.words }}</span
        ></span
      >
    </div>
  </div>
</template>
