<script setup lang="ts">
import { computed, provide, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Round } from '@cadre/contract/rounds';
import { useKeys } from '@cadre/web/platform/keys';
import { useFleet, useFound, usePicked } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import CloseRound from './CloseRound.vue';
import RoundForm from './RoundForm.vue';
import RoundBar from './RoundBar.vue';
import RoundCounts from './RoundCounts.vue';
import RoundHead from './RoundHead.vue';
import RoundRail from './RoundRail.vue';
import RoundUndone from './RoundUndone.vue';
import { ROUND_BOARD } from './round-board-key';
import { useRoundBoard } from './use-round-board';
import * as t from './messages';

/** The board of a round: won or not, what next for me, who is on which bike, what is done and what was found. */
const props = defineProps<{ round: Round }>();
const fleet = useFleet();
const session = useSession();
const picked = usePicked();
const router = useRouter();
const board = useRoundBoard(() => props.round);
provide(ROUND_BOARD, board);
const { inHand, waiting, done, next } = board;
const over = ref<'close' | 'change' | null>(null);
const zone = computed(() => fleet.siteById.get(props.round.siteId)?.timeZone ?? 'UTC');
const may = computed(() => session.may('mark') && props.round.state === 'open');
const left = computed(() => [...inHand.value, ...waiting.value]);
function goNext(): void {
  if (!next.value || !may.value) return;
  picked.id = next.value.bikeId;
  void router.push(board.standOf(next.value));
}
function goLine(): void {
  const tags = left.value.map((row) => row.bike.tag).join(',');
  void router.push({
    name: 'batch-check',
    query: {
      bikes: tags,
      ...(props.round.checklistKey ? { checklist: props.round.checklistKey } : {}),
      from: `/rounds/${props.round.id}`,
    },
  });
}
useFound((bike) => {
  const row = board.rows.value.find((each) => each.bikeId === bike.id);
  if (!row || !may.value || row.state === 'done') return false;
  picked.id = bike.id;
  void router.push(board.standOf(row));
  return true;
});
useKeys(
  () => ({
    n: goNext,
    l: goLine,
    Escape: () => (over.value ? (over.value = null) : void router.push({ name: 'rounds' })),
  }),
  [
    { keys: 'N', does: t.checkNextBike },
    { keys: 'L', does: t.batchCheckBikesLeft },
  ],
);
const RAILS = computed(() =>
  [
    { key: 'hand', title: t.inProgress, rows: inHand.value },
    { key: 'left', title: t.doMostNeededFirst, rows: waiting.value },
    { key: 'done', title: t.done, rows: done.value },
  ].filter((rail) => rail.rows.length > 0),
);
</script>

<template>
  <main class="mx-auto max-w-[110rem] px-4 pb-28 pt-3 max-sm:px-2" data-round :data-round-state="round.state">
    <RoundHead :round="round" :zone="zone">
      <template v-if="round.state === 'open' && session.may('sign')">
        <ActButton
          kind="quiet"
          class="px-2!"
          data-change-round
          @click="over = over === 'change' ? null : 'change'"
          >{{ t.change }}</ActButton
        >
        <ActButton kind="quiet" class="px-2!" data-close @click="over = over === 'close' ? null : 'close'">{{
          t.close
        }}</ActButton>
      </template>
    </RoundHead>
    <RoundCounts :round="round" :zone="zone" />
    <CloseRound
      v-if="over === 'close'"
      class="mt-3"
      :round="round"
      :left="left"
      @stay="over = null"
      @closed="over = null"
    />
    <RoundForm v-else-if="over === 'change'" class="mt-3" :round="round" @done="over = null" />
    <RoundUndone :round="round" />
    <RoundRail v-for="rail in RAILS" :key="rail.key" :rail="rail" :zone="zone" :may="may" />
    <RoundBar
      v-if="round.state === 'open' && session.may('sign')"
      :next="next"
      :left="left.length"
      :zone="zone"
      @next="goNext"
      @batch="goLine"
    />
  </main>
</template>
