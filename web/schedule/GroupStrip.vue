<script setup lang="ts">
import { DAY_MS } from '@cadre/core/time';
import { computed } from 'vue';
import { useNow, clock } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { siteDay } from '@cadre/core/schedule';
import { useCover } from './use-cover';
import { shortWords } from './wording';
import * as t from './messages';

/** The day as a line: now, and each group with the bikes it needs and those that are cleared for it. */
const fleet = useFleet();
const now = useNow();
const covers = useCover();
const today = computed(() =>
  covers.value
    .map((cover) => {
      const zone = fleet.siteById.get(cover.group.siteId)?.timeZone ?? 'UTC';
      const out = cover.group.outAt <= now.value;
      return {
        cover,
        out,
        site: fleet.siteById.get(cover.group.siteId)?.name ?? '',
        day: siteDay(cover.group.outAt, zone) === siteDay(now.value, zone) ? '' : 'tomorrow ',
        from: clock(cover.group.outAt, zone),
        until: clock(cover.group.backAt, zone),
        short: shortWords(cover.wants),
      };
    })
    .filter((each) => each.cover.group.outAt < now.value + DAY_MS),
);
/** Where "now" stands among them: before the first that is still to go out. */
const nowAt = computed(() => {
  const at = today.value.findIndex((each) => !each.out);
  return at < 0 ? today.value.length : at;
});
const manySites = computed(() => (fleet.wall?.sites.length ?? 0) > 1);
</script>

<template>
  <ol
    v-if="today.length"
    class="relative flex items-stretch gap-2 overflow-x-auto px-4 pb-1.5 max-sm:px-2"
    :aria-label="t.groupsDay"
    data-group-strip
  >
    <template v-for="(each, index) in today" :key="each.cover.group.id">
      <li
        v-if="index === nowAt"
        class="flex shrink-0 flex-col items-center justify-center border-l-4 border-act pl-1.5 leading-none"
        :aria-label="t.now"
      >
        <span class="sturdy text-sm text-act">{{ t.now2 }}</span>
      </li>
      <li
        class="flex min-w-44 max-w-80 shrink-0 items-center gap-2 rounded-md border-2 bg-plate px-2 py-0.5"
        :class="each.out ? 'border-dashed border-rail' : each.short ? 'border-watch' : 'border-act'"
        :data-group="each.cover.group.name"
      >
        <RouterLink :to="{ name: 'groups' }" class="flex min-h-12 min-w-0 grow items-center gap-2">
          <span class="sturdy shrink-0 text-center text-sm leading-tight"
            ><span v-if="each.day" class="block text-[0.7rem] font-normal">{{ each.day }}</span
            >{{ each.from }}<br /><span class="text-soft">{{ each.until }}</span></span
          >
          <span class="min-w-0 leading-tight">
            <span class="block truncate font-semibold"
              >{{ each.cover.group.name
              }}<span
                v-if="manySites"
                :class="each.cover.group.name.length > 14 ? 'sr-only' : 'font-normal text-soft'"
              >
                · {{ each.site }}</span
              ></span
            >
            <span v-if="each.out" class="block text-sm text-soft">{{
              t.outBackUntil({ until: each.until })
            }}</span>
            <span
              v-else
              class="figures block truncate text-sm"
              :class="each.short ? 'font-semibold text-watch' : 'text-act'"
              ><strong data-cover>{{
                t.clearedNeeded({ cleared: each.cover.cleared, needed: each.cover.needed })
              }}</strong>
              {{ t.cleared
              }}<template v-if="each.short"
                >{{ ' ' }}{{ t.shortShort({ short: each.short }) }}</template
              ></span
            >
          </span>
        </RouterLink>
      </li>
    </template>
    <li
      v-if="nowAt === today.length"
      class="flex shrink-0 flex-col items-center justify-center border-l-4 border-act pl-1.5 leading-none"
    >
      <span class="sturdy text-sm text-act">{{ t.now2 }}</span>
    </li>
  </ol>
</template>
