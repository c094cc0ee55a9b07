<script setup lang="ts">
import { computed } from 'vue';
import { Hourglass } from '@lucide/vue';
import { dueTimedRechecks } from '@cadre/core/timed-rechecks';
import { clock, untilNow, useNow } from '@cadre/web/platform/time';
import { useAnswers, useFleet } from '@cadre/web/fleet';
import { FitnessMark } from '@cadre/web/ui';
import { useOpening } from './use-opening';
import * as t from './messages';

/** The day in figures: when it opens, how many bikes may go out, are due, are held, and are to be looked at again. */
withDefaults(defineProps<{ brief?: boolean }>(), { brief: false });
const fleet = useFleet();
const answers = useAnswers();
const now = useNow();
/** Looks asked for later whose time has come, the bike that has waited longest first. */
const again = computed(() =>
  fleet.bikes
    .flatMap((bike) =>
      dueTimedRechecks(bike.facts.timedRechecks ?? [], now.value).map((recheck) => ({
        bike,
        since: recheck.dueAt ?? recheck.since,
      })),
    )
    .sort((a, b) => a.since - b.since),
);
const fit = computed(() => answers.counts.cleared + answers.counts['cleared-with-watch']);
const opening = useOpening();
</script>

<template>
  <dl class="figures flex whitespace-nowrap items-center gap-x-4 flex-wrap" :aria-label="t.theDay">
    <div v-if="opening && !brief" class="leading-tight">
      <template v-if="opening.at !== null">
        <dt class="text-sm text-soft">
          {{ t.nameOpensOpensAt({ name: opening.site.name, opensAt: opening.clock }) }}
        </dt>
        <dd class="font-semibold">{{ opening.at > now ? untilNow(opening.at, now) : t.open }}</dd>
      </template>
      <template v-else>
        <dt class="text-sm text-soft">{{ opening.site.name }}</dt>
        <dd class="font-semibold">{{ t.closedToday }}</dd>
      </template>
    </div>
    <div v-if="!brief" class="leading-tight">
      <dt class="text-sm text-soft">{{ t.now }}</dt>
      <dd class="sturdy">{{ clock(now, opening?.site.timeZone) }}</dd>
    </div>
    <div class="leading-tight">
      <dt class="text-sm text-soft">{{ t.clearedBikes }}</dt>
      <dd class="flex items-center gap-1.5">
        <FitnessMark fitness="cleared" :size="18" /><span class="sturdy" data-count="fit">{{
          fleet.wall ? fit : '–'
        }}</span
        ><span v-if="fleet.wall" class="text-soft max-sm:hidden">{{
          t.ofBikes({ bikes: fleet.bikes.length })
        }}</span>
      </dd>
    </div>
    <div class="leading-tight">
      <dt class="text-sm text-soft">{{ t.due }}</dt>
      <dd class="flex items-center gap-1.5">
        <FitnessMark fitness="due" :size="18" /><span class="sturdy" data-count="due">{{
          fleet.wall ? answers.counts.due : '–'
        }}</span>
      </dd>
    </div>
    <div class="leading-tight">
      <dt class="text-sm text-soft">{{ t.held }}</dt>
      <dd class="flex items-center gap-1.5">
        <FitnessMark fitness="held" :size="18" /><span
          class="sturdy"
          :class="answers.counts.held ? 'text-held' : ''"
          data-count="held"
          >{{ fleet.wall ? answers.counts.held : '–' }}</span
        >
      </dd>
    </div>
    <div v-if="again[0]" class="leading-tight" data-strip-again>
      <dt class="text-sm text-soft">{{ t.recheckNow }}</dt>
      <dd>
        <RouterLink
          :to="{ name: 'bike', params: { bikeId: again[0].bike.id } }"
          class="flex items-center gap-1 font-semibold text-watch underline"
          :aria-label="t.recheckNowAgain({ again: again.map((each) => each.bike.tag).join(', ') })"
          ><Hourglass :size="17" aria-hidden="true" />{{ again.length }}</RouterLink
        >
      </dd>
    </div>
  </dl>
</template>
