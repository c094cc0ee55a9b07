<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { clock, untilNow, useNow } from '@cadre/web/platform/time';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { CalendarClock, Hourglass } from '@lucide/vue';
import { overdueServices } from '@cadre/core/fitness';
import { isDue } from '@cadre/core/timed-rechecks';
import { FitnessMark } from '@cadre/web/ui';
import { shortWhen } from './round-wording';
import type { BoardRow } from './use-round-board';
import * as t from './messages';

/** One bike of a round as a tag on the board: whose hand it is in, who needs it, what was found. */
const props = defineProps<{
  row: BoardRow;
  to: object;
  timeZone: string;
  may: boolean;
  /** How long a check of it takes, as far as that is known. */
  minutes: number;
}>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const mine = computed(() => props.row.look?.by === session.person?.id);
const who = computed(() => (mine.value ? t.you : fleet.nameOf(props.row.look?.by ?? '')));
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
        : t.doneWord;
    default:
      return row.neededAt
        ? t.neededShortWhen({ shortWhen: shortWhen(row.neededAt, now.value, props.timeZone) })
        : '';
  }
});
/** A look asked for later has raised itself on it. */
const again = computed(
  () => (props.row.bike.facts.timedRechecks ?? []).find((recheck) => isDue(recheck, now.value)) ?? null,
);
const services = computed(() =>
  props.row.state === 'done' ? [] : overdueServices(props.row.bike.facts, now.value),
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
    :is="may || row.state === 'done' ? RouterLink : 'div'"
    :to="row.state === 'done' ? { name: 'bike', params: { bikeId: row.bikeId } } : to"
    class="round-row min-h-12 items-center gap-x-3 rounded-md border-2 bg-plate px-2.5 py-1 leading-tight"
    :class="[
      row.state === 'abandoned' || row.state === 'incomplete'
        ? 'border-dashed border-watch'
        : row.state === 'in-hand'
          ? 'border-act'
          : 'border-line',
      may && row.state !== 'done' && 'hover:border-ink/60',
    ]"
    :data-round-bike="row.bike.tag"
    :data-row-state="row.state"
  >
    <span class="sturdy text-lg leading-tight [grid-area:tag]">{{ row.bike.tag }}</span>
    <span class="[grid-area:kind]"
      >{{ KIND_WORDS[row.bike.build.kind] }} {{ row.bike.size
      }}<span v-if="fleet.hookOf(row.bike)" class="text-soft sm:hidden">
        · {{ fleet.hookOf(row.bike) }}</span
      ></span
    >
    <span class="text-soft [grid-area:hook] max-sm:hidden">{{ fleet.hookOf(row.bike) }}</span>
    <span
      class="figures [grid-area:said]"
      :class="
        row.state === 'abandoned' || row.state === 'incomplete'
          ? 'font-semibold text-watch'
          : row.state === 'waiting' && row.neededAt !== null
            ? 'font-semibold'
            : 'text-soft'
      "
      >{{ words
      }}<span v-if="again" class="flex items-center gap-1 font-semibold text-watch" data-round-again
        ><Hourglass :size="15" aria-hidden="true" />{{ t.recheckWhat({ what: again.what }) }}</span
      ><span v-if="services.length" class="flex items-center gap-1 text-watch" data-round-services
        ><CalendarClock :size="15" aria-hidden="true" />{{
          services.map((each) => each.name).join(', ')
        }}</span
      ></span
    >
    <span class="figures text-right text-soft [grid-area:takes] max-sm:hidden">{{
      row.state === 'done' || !minutes ? '' : t.minutesTaken({ minutes })
    }}</span>
    <span
      v-if="act"
      class="justify-self-end whitespace-nowrap rounded border-2 border-act px-2 py-1 font-semibold text-act [grid-area:act]"
      >{{ act }}</span
    >
    <span
      v-else-if="row.look?.found"
      class="flex items-center justify-end gap-2 text-right [grid-area:act]"
      :class="fitness === 'held' ? 'font-semibold text-held' : 'text-watch'"
    >
      {{ t.findingCount({ found: row.look.found }) }}<FitnessMark :fitness="fitness" :size="22"
    /></span>
    <FitnessMark
      v-else-if="row.state === 'done'"
      :fitness="fitness"
      :size="22"
      class="justify-self-end [grid-area:act]"
    />
  </component>
</template>

<style scoped>
.round-row {
  display: grid;
  grid-template-areas: 'tag kind act' 'tag said act';
  grid-template-columns: 3.5rem minmax(0, 1fr) auto;
}
@media (min-width: 640px) {
  .round-row {
    grid-template-areas: 'tag kind hook said takes act';
    grid-template-columns: 5rem minmax(0, 1.1fr) minmax(0, 1fr) minmax(0, 1.3fr) 4rem 9rem;
  }
}
</style>
