<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Round } from '@cadre/contract/rounds';
import { count, dayAndClock, untilNow, useNow } from '@cadre/web/platform/time';
import { useKeys } from '@cadre/web/platform/keys';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet, useFound, usePicked } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import CloseRound from './CloseRound.vue';
import FinishScale from './FinishScale.vue';
import RoundForm from './RoundForm.vue';
import RoundTag from './RoundTag.vue';
import { basisWords, deadlineWords, finishWords, shortWhen } from './round-wording';
import { useRoundBoard } from './use-round-board';
import { useRounds } from './use-rounds';

/** The board of a round: won or not, what next for me, who is on which bike, what is done and what was found. */
const props = defineProps<{ round: Round }>();
const fleet = useFleet();
const rounds = useRounds();
const session = useSession();
const catalogue = useCatalogue();
const picked = usePicked();
const router = useRouter();
const now = useNow();
const board = useRoundBoard(() => props.round);
const { count: counts, inHand, waiting, done, next, projection } = board;
const over = ref<'close' | 'change' | null>(null);
const zone = computed(() => fleet.siteById.get(props.round.siteId)?.timeZone ?? 'UTC');
const checklistName = computed(() =>
  props.round.checklistKey
    ? (catalogue.summaryOf(props.round.checklistKey)?.name ?? props.round.checklistKey)
    : 'Ride-out',
);
const may = computed(() => session.may('mark') && props.round.state === 'open');
const finish = computed(() =>
  projection.value ? finishWords(projection.value, now.value, zone.value) : null,
);
const verdict = computed(() =>
  projection.value ? deadlineWords(projection.value, props.round.deadline) : null,
);
const left = computed(() => [...inHand.value, ...waiting.value]);
const undone = computed(() =>
  props.round.undone.map((each) => ({ tag: fleet.bikeById.get(each.bikeId)?.tag ?? '', why: each.why })),
);
const nextWords = computed(() => {
  const row = next.value;
  if (!row) return '';
  const why =
    row.look?.by === session.person?.id && row.look?.state === 'open'
      ? 'begun by you'
      : row.neededAt
        ? `needed ${shortWhen(row.neededAt, now.value, zone.value)}`
        : 'nearest';
  return `${row.bike.tag} · ${why}`;
});
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
    { keys: 'N', does: 'The next bike for me' },
    { keys: 'L', does: 'Batch check of what is left' },
  ],
);
const RAILS = computed(() =>
  [
    { key: 'hand', title: 'In hand', rows: inHand.value },
    { key: 'left', title: 'To do, what is needed first', rows: waiting.value },
    { key: 'done', title: 'Done', rows: done.value },
  ].filter((rail) => rail.rows.length > 0),
);
</script>

<template>
  <main class="mx-auto max-w-[110rem] px-4 pb-28 pt-3 max-sm:px-2" data-round :data-round-state="round.state">
    <header class="flex flex-wrap items-baseline gap-x-3">
      <h1 class="sturdy text-3xl leading-tight">{{ round.name }}</h1>
      <p class="text-soft">
        {{ checklistName }} · {{ fleet.siteById.get(round.siteId)?.name }} ·
        <template v-if="round.state === 'open'"
          >by {{ dayAndClock(round.deadline, now, zone) }}, {{ untilNow(round.deadline, now) }}</template
        >
        <template v-else
          >closed by {{ fleet.nameOf(round.closedBy ?? '') }}
          {{ dayAndClock(round.closedAt ?? now, now, zone) }}</template
        >
        <template v-if="round.people.length"> · {{ round.people.map(fleet.nameOf).join(', ') }}</template>
      </p>
      <p v-if="rounds.asOf" role="status" class="basis-full text-watch">
        No signal: what others did since is not shown.
      </p>
    </header>
    <dl
      class="figures mt-2 flex flex-wrap items-stretch gap-x-6 gap-y-2 rounded-md bg-sunk px-4 py-2"
      data-round-counts
    >
      <div>
        <dt class="text-soft">Done</dt>
        <dd>
          <span class="sturdy text-3xl" data-count="done">{{ counts.done }}</span> of
          <span data-count="of">{{ counts.of }}</span>
        </dd>
      </div>
      <div>
        <dt class="text-soft">In hand</dt>
        <dd class="sturdy text-3xl" data-count="hand">{{ counts.inHand }}</dd>
      </div>
      <div>
        <dt class="text-soft">Left</dt>
        <dd class="sturdy text-3xl" data-count="left">{{ counts.left }}</dd>
      </div>
      <div>
        <dt class="text-soft">Found</dt>
        <dd class="sturdy text-3xl" :class="counts.found ? 'text-watch' : ''" data-count="found">
          {{ counts.found }}
        </dd>
      </div>
      <div
        v-if="round.state === 'open' && projection && finish && verdict"
        class="min-w-64 grow"
        data-projection
      >
        <dt class="text-soft">Done about</dt>
        <dd class="flex flex-wrap items-center gap-x-4">
          <span
            ><span class="sturdy text-3xl">{{ finish.about }}</span>
            <span
              class="ml-2 font-semibold"
              :class="
                verdict.tone === 'bad' ? 'text-held' : verdict.tone === 'doubt' ? 'text-watch' : 'text-act'
              "
              >{{ verdict.words }}</span
            >
            <span class="block text-sm text-soft"
              >8 in 10: {{ finish.between }} · {{ count(board.hands.value, 'pair of hands', 'pairs of hands')
              }}<br />{{ basisWords(projection) }}</span
            ></span
          >
          <FinishScale :projection="projection" :now="now" :deadline="round.deadline" :time-zone="zone" />
        </dd>
      </div>
    </dl>
    <CloseRound
      v-if="over === 'close'"
      class="mt-3"
      :round="round"
      :left="left"
      @stay="over = null"
      @closed="over = null"
    />
    <RoundForm v-else-if="over === 'change'" class="mt-3" :round="round" @done="over = null" />
    <section v-if="undone.length" class="mt-3" aria-label="Not done">
      <h2 class="sturdy text-xl">Not done, and why</h2>
      <ul class="mt-1 space-y-0.5" data-undone>
        <li v-for="each in undone" :key="each.tag">
          <span class="sturdy">{{ each.tag }}</span> {{ each.why }}
        </li>
      </ul>
    </section>
    <section
      v-for="rail in RAILS"
      :key="rail.key"
      class="mt-3"
      :aria-label="rail.title"
      :data-rail="rail.key"
    >
      <h2 class="flex items-baseline gap-2 border-b-4 border-rail pb-0.5">
        <span class="sturdy text-xl">{{ rail.title }}</span><span class="figures text-soft">{{
          rail.rows.length
        }}</span>
      </h2>
      <ul class="mt-2 grid gap-2 max-sm:grid-cols-2" :class="rail.key === 'hand' && 'max-sm:grid-cols-1'">
        <li v-for="row in rail.rows" :key="row.bikeId">
          <RoundTag :row="row" :to="board.standOf(row)" :time-zone="zone" :may="may" />
        </li>
      </ul>
    </section>
    <div
      v-if="round.state === 'open' && session.may('sign')"
      data-bottom-bar
      class="fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink/30 bg-ground px-4 py-2.5 max-sm:px-2"
    >
      <div class="mx-auto flex max-w-[110rem] items-center gap-2">
        <ActButton class="max-sm:px-2" data-change-round @click="over = over === 'change' ? null : 'change'"
          >Change</ActButton
        >
        <ActButton class="max-sm:px-2" data-close @click="over = over === 'close' ? null : 'close'"
          >Close</ActButton
        >
        <ActButton class="max-sm:px-2" :disabled="left.length === 0" data-round-line @click="goLine"
          >Line</ActButton
        >
        <ActButton kind="main" big class="min-w-0 grow" :disabled="!next" data-next-for-me @click="goNext"
          >{{ next ? '' : left.length ? 'All others are in hand' : 'All done'
          }}<span v-if="next" class="leading-tight"
            ><span class="max-sm:sr-only">Next for me: </span>{{ nextWords }}</span
          ></ActButton
        >
      </div>
    </div>
  </main>
</template>
