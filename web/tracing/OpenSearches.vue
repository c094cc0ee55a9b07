<script setup lang="ts">
import { Search } from '@lucide/vue';
import type { TraceRun } from '@cadre/contract/tracing';
import { TRACES } from '@cadre/core/shipped';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** Searches of a bike that are not closed: what for, who was last at it, how far, and what keeps the bike held. */
defineProps<{ runs: readonly TraceRun[]; tag: string }>();
const fleet = useFleet();
const now = useNow();
const nameOf = (key: string): string => TRACES.find((each) => each.key === key)?.name ?? key;
const to = ({ trace, position }: TraceRun, tag: string) => ({
  ...{ name: 'tracing', params: { trace } },
  query: { bike: tag, ...(position === 'only' ? {} : { at: position }) },
});
const zone = (run: TraceRun): string | undefined =>
  fleet.siteById.get(fleet.bikeById.get(run.bikeId)?.siteId ?? '')?.timeZone;
</script>

<template>
  <ul class="space-y-2" :aria-label="t.openSearches" data-open-searches>
    <li
      v-for="run in runs"
      :key="run.id"
      class="flex flex-wrap items-center gap-3 rounded-md border-2 bg-plate px-3 py-2"
      :class="run.holding.length ? 'border-held' : 'border-line'"
      :data-search="run.trace"
    >
      <Search class="size-6 shrink-0 text-soft max-sm:hidden" aria-hidden="true" />
      <span class="min-w-0 grow leading-snug">
        <strong>{{ nameOf(run.trace) }}</strong>
        <span class="block text-[0.95rem] text-soft">{{
          t.searchBy({
            answers: run.answers.length,
            name: fleet.nameOf(run.changedBy),
            when: dayAndClock(run.changedAt, now, zone(run)),
          })
        }}</span>
        <span v-if="run.holding.length" class="block text-[0.95rem] font-semibold text-held">{{
          t.notExcludedYet({ causes: run.holding.join(', ') })
        }}</span>
      </span>
      <ActButton :to="to(run, tag)" data-go-on>{{ run.state === 'open' ? t.goOn : t.openSearch }}</ActButton>
    </li>
  </ul>
</template>
