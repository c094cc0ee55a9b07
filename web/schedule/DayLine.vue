<script setup lang="ts">
import { computed } from 'vue';
import { ChevronDown } from '@lucide/vue';
import { clock, untilNow, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import DayCounts from './DayCounts.vue';
import GroupStrip from './GroupStrip.vue';
import { useCover } from './use-cover';
import { useOpening } from './use-opening';
import { shortBrief } from './wording';
import * as t from './messages';

/** The day in one line: the next group out, how many of its bikes are cleared, what is short. Opened, the whole day. */
const fleet = useFleet();
const now = useNow();
const covers = useCover();
const next = computed(() => covers.value.find((cover) => cover.group.outAt > now.value) ?? null);
const short = computed(() => (next.value ? shortBrief(next.value.wants) : ''));
const opening = useOpening();
const out = computed(() => {
  if (!next.value) return null;
  const { outAt, siteId, name } = next.value.group;
  return { at: clock(outAt, fleet.siteById.get(siteId)?.timeZone), name };
});
</script>

<template>
  <div class="min-w-0 max-lg:grow" data-day-line>
    <button
      type="button"
      popovertarget="the-day"
      class="figures flex min-h-11 w-full min-w-0 items-center gap-2 rounded-md border-2 px-2 text-left leading-tight hover:bg-sunk max-sm:gap-1.5 max-sm:px-1.5 max-sm:text-[0.9rem]"
      :class="short ? 'border-watch' : 'border-line'"
    >
      <span class="sr-only">{{ t.showDay }}{{ ' ' }}</span>
      <span v-if="opening?.at && opening.at > now" class="shrink-0 text-soft max-[1500px]:hidden"
        >{{ t.opensIn({ span: untilNow(opening.at, now) }) }} ·</span
      >
      <template v-if="next && out">
        <span class="sturdy shrink-0">{{ out.at }}</span>
        <span class="min-w-0 shrink truncate max-[1500px]:hidden">{{ out.name }}</span>
        <strong class="shrink-0" :class="short ? 'text-watch' : 'text-act'" data-cover>{{
          t.clearedNeeded({ cleared: next.cleared, needed: next.needed })
        }}</strong>
        <span v-if="short" class="min-w-0 truncate font-semibold text-watch">{{ t.shortOf({ short }) }}</span>
        <span v-else class="shrink-0 text-soft">{{ t.cleared }}</span>
      </template>
      <span v-else class="text-soft">{{ t.noGroupToday }}</span>
      <ChevronDown class="ml-auto size-4 shrink-0 max-sm:hidden" aria-hidden="true" />
    </button>
    <div
      id="the-day"
      popover
      class="fixed inset-x-2 top-[calc(var(--strip)+0.25rem)] bottom-auto m-0 ml-auto w-auto max-w-3xl space-y-3 rounded-lg border-2 border-ink/60 bg-ground p-3 text-ink shadow-lg"
    >
      <DayCounts />
      <GroupStrip />
    </div>
  </div>
</template>
