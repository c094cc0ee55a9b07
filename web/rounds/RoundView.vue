<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useFleet } from '@cadre/web/fleet';
import { useRounds } from './use-rounds';
import RoundBoard from './RoundBoard.vue';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** One round, by its address. */
const props = defineProps<{ roundId: string }>();
const rounds = useRounds();
const fleet = useFleet();
const looked = ref(false);
onMounted(async () => {
  rounds.begin();
  if (!fleet.wall) await fleet.load();
  if (!rounds.known) await rounds.load();
  looked.value = true;
});
const round = computed(() => rounds.rounds.find((each) => each.id === props.roundId) ?? null);
</script>

<template>
  <RoundBoard v-if="round && fleet.wall" :key="round.id" :round="round" />
  <main v-else class="p-8" role="status">
    <template v-if="looked">
      <h1 class="sturdy text-2xl">{{ t.roundNotFound }}</h1>
      <p class="mt-2">{{ t.roundMayClosedIf }}</p>
      <ActButton :to="{ name: 'rounds' }" kind="main" class="mt-4">{{ t.goRounds }}</ActButton>
    </template>
    <p v-else class="text-soft">{{ t.loadingRound }}</p>
  </main>
</template>
