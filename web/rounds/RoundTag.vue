<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { clock, untilNow, useNow } from '@cadre/web/platform/time';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { Hourglass } from '@lucide/vue';
import { isDue } from '@cadre/core/timed-rechecks';
import { FitnessMark } from '@cadre/web/ui';
import { shortWhen } from './round-wording';
import type { BoardRow } from './use-round-board';
import * as t from './messages';

/** One bike of a round as a tag on the board: whose hand it is in, who needs it, what was found. */
const props = defineProps<{ row: BoardRow; to: object; timeZone: string; may: boolean }>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const mine = computed(() => props.row.look?.by === session.person?.id);
const who = computed(() => (mine.value ? 'you' : fleet.nameOf(props.row.look?.by ?? '')));
const fitness = computed(() => fleet.fitnessOf(props.row.bike, now.value).fitness);
const words = computed(() => {
  const { row } = props;
  switch (row.state) {
    case 'in-hand':
      return mine.value ? t.inYourHand : t.withWho({ who: who.value });
    case 'abandoned':
      return t.leftWhoSpan({ who: who.value, span: untilNow(row.look?.lastAt ?? now.value, now.value) });
    case 'incomplete':
      return t.signedIncomplete;
    case 'done':
      return row.look?.signedAt
        ? `${fleet.nameOf(row.look.signedBy ?? '').split(' ')[0]} ${clock(row.look.signedAt, props.timeZone)}`
        : 'done';
    default:
      return row.neededAt
        ? t.neededShortWhen({ shortWhen: shortWhen(row.neededAt, now.value, props.timeZone) })
        : `${KIND_WORDS[row.bike.build.kind]} ${row.bike.size}`;
  }
});
/** A look asked for later has raised itself on it. */
const again = computed(
  () => (props.row.bike.facts.timedRechecks ?? []).find((recheck) => isDue(recheck, now.value)) ?? null,
);
const act = computed(() => {
  if (!props.may) return '';
  if (props.row.state === 'abandoned') return mine.value ? t.continueWord : t.takeOver;
  if (props.row.state === 'in-hand') return mine.value ? t.continueWord : t.join;
  return '';
});
</script>

<template>
  <component
    :is="may && row.state !== 'done' ? RouterLink : row.state === 'done' ? RouterLink : 'div'"
    :to="row.state === 'done' ? { name: 'bike', params: { bikeId: row.bikeId } } : to"
    class="flex min-h-14 items-center gap-2 rounded-md border-2 bg-plate px-2 py-1 leading-tight"
    :class="[
      row.state === 'abandoned' || row.state === 'incomplete'
        ? 'border-dashed border-watch'
        : row.state === 'in-hand'
          ? 'border-act'
          : 'border-line',
      row.state === 'waiting' && row.neededAt !== null && 'border-ink/70',
    ]"
    :data-round-bike="row.bike.tag"
    :data-row-state="row.state"
  >
    <span
      class="size-2.5 shrink-0 self-start rounded-full border-2 border-rail bg-ground"
      aria-hidden="true"
    />
    <span class="min-w-0 grow">
      <span class="sturdy block text-lg leading-tight">{{ row.bike.tag }}</span>
      <span
        class="block truncate text-sm"
        :class="
          row.state === 'abandoned' || row.state === 'incomplete' ? 'font-semibold text-watch' : 'text-soft'
        "
        >{{ words }}</span
      >
      <span v-if="again" class="flex items-center gap-1 text-sm font-semibold text-watch" data-round-again
        ><Hourglass :size="15" aria-hidden="true" />{{ t.recheckWhat({ what: again.what }) }}</span
      >
    </span>
    <span
      v-if="act"
      class="shrink-0 whitespace-nowrap rounded bg-act px-2 py-1.5 font-semibold text-on-act"
      >{{ act }}</span
    >
    <span
      v-else-if="row.look?.found"
      class="text-right text-sm leading-tight"
      :class="fitness === 'held' ? 'font-semibold text-held' : 'text-watch'"
    >
      <FitnessMark :fitness="fitness" :size="18" class="ml-auto" />{{
        t.findingCount({ found: row.look.found })
      }}</span
    >
    <FitnessMark v-else-if="row.state === 'done'" :fitness="fitness" :size="22" />
  </component>
</template>
