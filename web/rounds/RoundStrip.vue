<script setup lang="ts">
import { useRouter } from 'vue-router';
import { useSession } from '@cadre/web/people';
import RoundPlate from './RoundPlate.vue';
import type { RoundBoard } from './use-round-board';
import { useRounds } from './use-rounds';

/** The rounds of the day over the racks: how far, whether in time, and the next bike for whoever stands here. */
const rounds = useRounds();
const session = useSession();
const router = useRouter();
rounds.begin();
function goNext(board: RoundBoard): void {
  const row = board.next.value;
  if (row) void router.push(board.standOf(row));
}
</script>

<template>
  <section v-if="rounds.open.length" class="mt-2 space-y-1.5" aria-label="Rounds of the day" data-round-strip>
    <RoundPlate v-for="round in rounds.open" :key="round.id" v-slot="{ board }" :round="round" slim>
      <button
        v-if="session.may('mark')"
        type="button"
        class="min-h-12 rounded-md bg-act px-4 font-semibold text-on-act disabled:border-2 disabled:border-line disabled:bg-sunk disabled:text-soft max-sm:grow"
        :disabled="!board.next.value"
        @click="goNext(board)"
      >
        {{ board.next.value ? `Next for me: ${board.next.value.bike.tag}` : 'None free' }}
      </button>
    </RoundPlate>
  </section>
</template>
