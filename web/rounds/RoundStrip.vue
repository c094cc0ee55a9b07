<script setup lang="ts">
import { computed } from 'vue';
import { DAY_MS } from '@cadre/core/time';
import { useRouter } from 'vue-router';
import { useNow } from '@cadre/web/platform/time';
import { useSession } from '@cadre/web/people';
import RoundLine from './RoundLine.vue';
import { useRounds } from './use-rounds';
import * as t from './messages';

/** The rounds over the racks: how far, whether in time, and the next bike for whoever stands here. */
const rounds = useRounds();
const session = useSession();
const router = useRouter();
const now = useNow();
rounds.begin();
/** What is to be done by tomorrow; where there is none, what comes first. Campaigns have time. */
const soon = computed(() => {
  const due = rounds.open.filter((round) => round.deadline < now.value + DAY_MS);
  return due.length > 0 ? due : rounds.open.slice(0, 1);
});
const shown = computed(() => soon.value.slice(0, 3));
const more = computed(() => soon.value.length - shown.value.length);
</script>

<template>
  <section
    v-if="shown.length"
    class="mt-1.5 divide-y-2 divide-line rounded-md border-2 border-ink/60 bg-plate"
    :aria-label="t.rounds"
    data-round-strip
  >
    <RoundLine
      v-for="round in shown"
      :key="round.id"
      :round="round"
      :now="now"
      :may="session.may('mark')"
      @go="(to) => router.push(to)"
    />
    <RouterLink
      v-if="more > 0"
      :to="{ name: 'rounds' }"
      class="flex min-h-8 items-center px-3 text-[0.95rem] text-act underline"
      >{{ t.moreRoundCount({ more }) }}</RouterLink
    >
  </section>
</template>
