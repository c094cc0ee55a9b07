<script setup lang="ts">
import { DAY_MS } from '@cadre/core/time';
import { computed } from 'vue';
import { useNow, clock } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { siteDay } from '@cadre/core/schedule';
import { useCover } from './use-cover';
import { shortBrief, shortWords } from './wording';
import * as t from './messages';

/** The day as a line: now, and each group with the bikes it needs and those that are cleared for it. */
/** `brief`: only the next that go out. */
const props = withDefaults(defineProps<{ brief?: boolean }>(), { brief: false });
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
        day: siteDay(cover.group.outAt, zone) === siteDay(now.value, zone) ? '' : t.tomorrow,
        from: clock(cover.group.outAt, zone),
        until: clock(cover.group.backAt, zone),
        short: props.brief ? shortBrief(cover.wants) : shortWords(cover.wants),
      };
    })
    .filter((each) => each.cover.group.outAt < now.value + DAY_MS),
);
/** Where "now" stands among them: before the first that is still to go out. */
const nowAt = computed(() => {
  const at = shown.value.findIndex((each) => !each.out);
  return at < 0 ? shown.value.length : at;
});
const shown = computed(() =>
  props.brief ? today.value.filter((each) => !each.out).slice(0, 4) : today.value,
);
const manySites = computed(() => (fleet.wall?.sites.length ?? 0) > 1);
</script>

<template>
  <ol
    v-if="today.length"
    :class="
      brief
        ? 'grid grid-cols-[repeat(auto-fill,minmax(12.25rem,1fr))] gap-1.5'
        : 'flex flex-wrap items-stretch gap-1.5'
    "
    :aria-label="t.groupsDay"
    data-group-strip
  >
    <template v-for="(each, index) in shown" :key="each.cover.group.id">
      <li
        v-if="!brief && index === nowAt"
        class="flex shrink-0 flex-col items-center justify-center border-l-4 border-act pl-1.5 leading-none"
        :aria-label="t.now"
      >
        <span class="sturdy text-sm text-act">{{ t.now2 }}</span>
      </li>
      <li
        class="flex min-w-0 items-center rounded-md border-2 bg-plate px-2"
        :class="each.out ? 'border-dashed border-rail' : each.short ? 'border-watch' : 'border-act'"
        :data-group="each.cover.group.name"
      >
        <RouterLink
          :to="{ name: 'groups' }"
          class="flex min-h-9 min-w-0 grow flex-wrap items-center gap-x-2 text-[0.95rem] leading-tight"
        >
          <span class="sturdy shrink-0 text-sm"
            ><span v-if="each.day" class="font-plain font-normal">{{ each.day }}{{ ' ' }}</span
            >{{ each.from }}<template v-if="!brief">–{{ each.until }}</template></span
          >
          <span class="min-w-0 font-semibold" :class="brief && 'grow basis-0 truncate'"
            >{{ each.cover.group.name
            }}<span v-if="manySites && !brief" class="font-normal text-soft"> · {{ each.site }}</span></span
          >
          <span v-if="each.out" class="text-soft">{{ t.outBackUntil({ until: each.until }) }}</span>
          <span
            v-else
            class="figures"
            data-cover-line
            :class="each.short ? 'font-semibold text-watch' : 'text-act'"
            ><strong data-cover>{{
              t.clearedNeeded({ cleared: each.cover.cleared, needed: each.cover.needed })
            }}</strong>
            {{ t.cleared
            }}<template v-if="each.short">{{ ' ' }}{{ t.shortShort({ short: each.short }) }}</template></span
          >
        </RouterLink>
      </li>
    </template>
    <li
      v-if="!brief && nowAt === shown.length"
      class="flex shrink-0 flex-col items-center justify-center border-l-4 border-act pl-1.5 leading-none"
    >
      <span class="sturdy text-sm text-act">{{ t.now2 }}</span>
    </li>
  </ol>
</template>
