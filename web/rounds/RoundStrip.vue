<script setup lang="ts">
import { computed } from 'vue';
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
/** What is to be done today first; campaigns after it. */
const shown = computed(() => rounds.open.slice(0, 3));
const more = computed(() => rounds.open.length - shown.value.length);
</script>

<template>
  <section
    v-if="shown.length"
    class="mt-2 divide-y-2 divide-line rounded-md border-2 border-ink/60 bg-plate"
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
      class="flex min-h-10 items-center px-3 text-act underline"
      >{{ t.moreMoreRounds({ more }) }}</RouterLink
    >
  </section>
</template>
