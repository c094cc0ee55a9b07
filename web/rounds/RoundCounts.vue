<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import type { Round } from '@cadre/contract/rounds';
import RoundProjection from './RoundProjection.vue';
import { ROUND_BOARD } from './round-board-key';
import * as t from './messages';

/** How far the round is, and when it is done at this pace. */
defineProps<{ round: Round; zone: string }>();
const { count: counts, projection, hands } = useProvided(ROUND_BOARD);
</script>

<template>
  <dl
    class="figures mt-2 flex flex-wrap items-stretch gap-x-6 gap-y-2 rounded-md bg-sunk px-4 py-2 max-sm:justify-between max-sm:gap-x-3 max-sm:px-3 max-sm:text-[0.95rem]"
    data-round-counts
  >
    <div>
      <dt class="text-soft">{{ t.done }}</dt>
      <dd>
        <span class="sturdy text-3xl max-sm:text-2xl" data-count="done">{{ counts.done }}</span> {{ t.of }}
        <span data-count="of">{{ counts.of }}</span>
      </dd>
    </div>
    <div>
      <dt class="text-soft">{{ t.inProgress }}</dt>
      <dd class="sturdy text-3xl max-sm:text-2xl" data-count="hand">{{ counts.inHand }}</dd>
    </div>
    <div>
      <dt class="text-soft">{{ t.left }}</dt>
      <dd class="sturdy text-3xl max-sm:text-2xl" data-count="left">{{ counts.left }}</dd>
    </div>
    <div>
      <dt class="text-soft">{{ t.findings }}</dt>
      <dd
        class="sturdy text-3xl max-sm:text-2xl"
        :class="counts.found ? 'text-watch' : ''"
        data-count="found"
      >
        {{ counts.found }}
      </dd>
    </div>
    <RoundProjection
      v-if="round.state === 'open' && projection"
      :projection="projection"
      :deadline="round.deadline"
      :hands="hands"
      :zone="zone"
    />
  </dl>
</template>
