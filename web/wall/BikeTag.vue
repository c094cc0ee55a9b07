<script setup lang="ts">
import { computed } from 'vue';
import { CalendarClock, Hourglass, PencilLine, Wrench } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { overdueServices, type Fitness } from '@cadre/core/fitness';
import { isDue } from '@cadre/core/timed-rechecks';
import { useNow } from '@cadre/web/platform/time';
import { FitnessMark } from '@cadre/web/ui';
import { BikeSign } from '@cadre/web/figures';
import type { TagSize } from './tag-size';
import { FITNESS_WORDS, KIND_WORDS, WHEREABOUTS_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** A stamped tag on its hook; a bike that is out leaves its outline. */
const props = defineProps<{
  bike: Bike;
  fitness: Fitness;
  size: TagSize;
  picked: boolean;
  pressed: boolean;
  selected: boolean;
  beganCheck: boolean;
  /** What stands on a line of its own, empty where there is nothing to say of this bike; null where tags have no such line. */
  says: string | null;
}>();
const now = useNow();
/** A look asked for later whose time has come. Most bikes wait for nothing, and follow no clock. */
const lookAgain = computed(() =>
  (props.bike.facts.timedRechecks ?? []).some((recheck) => isDue(recheck, now.value)),
);
/** A service overdue that has a date to be done by. Planned work alone puts no sign on a tag. */
const serviceDue = computed(() =>
  overdueServices(props.bike.facts, now.value).some((each) => each.overdue !== 'maintenance'),
);
const away = computed(() => props.bike.whereabouts === 'out');
const line = computed(() => {
  if (away.value) return t.outWord;
  if (props.bike.whereabouts !== 'in') return PLACE_WORDS[props.bike.whereabouts];
  return props.beganCheck ? t.started : props.bike.size.replace(/ in$/, '″');
});
/** Where a word has no room beside the tag a sign stands for it. */
const sign = computed(() =>
  props.bike.whereabouts === 'on-the-bench'
    ? Wrench
    : props.bike.whereabouts === 'in' && props.beganCheck
      ? PencilLine
      : props.bike.whereabouts === 'in' && serviceDue.value
        ? CalendarClock
        : null,
);
/** Short enough to stand beside the tag. */
const PLACE_WORDS = {
  in: '',
  out: t.outWord,
  'on-the-bench': t.bench,
  'laid-up': t.laidUp,
  gone: t.gone,
} as const;
</script>

<template>
  <button
    type="button"
    data-keys-pass
    class="relative flex w-full grow flex-col overflow-hidden border-2 text-left"
    :class="[
      size === 'large' ? 'rounded-b-lg rounded-t-[1.6rem]' : 'rounded-b-lg rounded-t-2xl',
      away
        ? 'border-dashed border-rail bg-transparent'
        : fitness === 'held'
          ? 'border-held bg-held text-on-held'
          : fitness === 'due'
            ? 'border-dashed border-ink/60 bg-sunk'
            : 'border-ink/55 bg-plate shadow-[0_3px_0_0_rgb(0_0_0/.13)]',
      picked && 'ring-4 ring-act ring-offset-2 ring-offset-ground',
      selected && 'outline-4 -outline-offset-2 outline-act',
    ]"
    :aria-pressed="pressed"
    :data-tag="bike.tag"
    :data-fitness="fitness"
  >
    <span
      class="absolute top-0.5 left-1/2 size-2 -translate-x-1/2 rounded-full border-2 border-ink/60 bg-ground"
      aria-hidden="true"
    />
    <!-- Drawn by the wall's own mark, so that beginning to select draws no tag anew. -->
    <span
      class="absolute right-1 top-1 invisible grid size-5 place-items-center group-data-selecting/wall:visible rounded border-2 border-ink bg-plate text-xs font-bold leading-none text-ink"
      aria-hidden="true"
      >{{ selected ? '✓' : '' }}</span
    >
    <span
      class="flex items-baseline justify-between gap-1"
      :class="size === 'large' ? 'px-2 pt-3' : size === 'medium' ? 'px-1.5 pt-2.5' : 'px-1 pt-2.5'"
    >
      <span
        class="sturdy leading-none"
        :class="
          size === 'large'
            ? 'text-[1.9rem]'
            : bike.tag.length > 5
              ? 'text-[0.78rem]'
              : size === 'medium'
                ? 'text-[1.15rem]'
                : 'text-[1rem]'
        "
        >{{ bike.tag }}</span
      >
      <span
        v-if="size !== 'small'"
        class="shrink-0 text-right leading-none"
        :class="[size === 'large' ? 'text-base' : 'text-[0.78rem]', fitness !== 'held' && 'text-soft']"
      >
        <template v-if="sign && size === 'medium'"
          ><component :is="sign" class="inline size-4" aria-hidden="true" /><span class="sr-only">{{
            line
          }}</span></template
        >
        <template v-else>{{ line }}</template>
      </span>
    </span>
    <span
      v-if="size === 'large'"
      class="mx-auto my-1 block h-[5.6rem] w-full"
      :class="[away && 'opacity-35', fitness === 'held' && 'rounded bg-plate']"
      aria-hidden="true"
      ><BikeSign :build="bike.build"
    /></span>
    <span
      v-if="says !== null"
      class="block h-4 whitespace-nowrap text-[0.78rem] leading-4"
      :class="[size === 'large' ? 'px-2 text-base' : 'px-1.5', fitness === 'held' ? '' : 'font-semibold']"
      data-tag-says
      >{{ says }}</span
    >
    <!-- The foot of the tag says from afar what it is: a full foot goes out, a broken one waits, a full tag stays. -->
    <span
      class="mt-auto flex items-center gap-1"
      :class="[
        size === 'large' ? 'px-2 py-1' : 'px-1.5 py-0.5',
        size === 'small' && 'justify-center',
        away || fitness === 'due' || fitness === 'held'
          ? ''
          : fitness === 'cleared'
            ? 'bg-act text-on-act'
            : 'border-t-4 border-dotted border-watch bg-watch-wash text-watch',
      ]"
    >
      <FitnessMark
        :fitness="fitness"
        :size="size === 'large' ? 22 : size === 'medium' ? 16 : 13"
        :on="away ? 'plate' : fitness === 'cleared' ? 'act' : fitness === 'held' ? 'held' : 'plate'"
      />
      <span class="font-semibold leading-[1.1]" :class="size === 'large' ? 'text-base' : 'text-[0.78rem]'"
        ><template v-if="size === 'large'">{{ FITNESS_WORDS[fitness] }}</template
        ><template v-else
          >{{
            away && size === 'small'
              ? t.outWord
              : fitness === 'cleared-with-watch'
                ? t.watchShort
                : FITNESS_WORDS[fitness]
          }}<span v-if="!away && fitness === 'cleared-with-watch'" class="sr-only"
            >, {{ FITNESS_WORDS[fitness] }}</span
          ></template
        ></span
      >
    </span>
    <span
      v-if="lookAgain"
      class="absolute bottom-0.5 right-1"
      :class="
        fitness === 'cleared' && !away ? 'text-on-act' : fitness === 'held' ? 'text-on-held' : 'text-watch'
      "
      data-look-again
      ><Hourglass :size="size === 'large' ? 20 : 15" aria-hidden="true" /><span class="sr-only">{{
        t.recheckNow
      }}</span></span
    >
    <span v-if="serviceDue" class="sr-only" data-service-overdue>{{ t.serviceOverdue }}</span>
    <span v-if="size === 'small'" class="sr-only">, {{ line }}</span>
    <span class="sr-only"
      >, {{ KIND_WORDS[bike.build.kind]
      }}{{ away || bike.whereabouts === 'in' ? '' : `, ${WHEREABOUTS_WORDS[bike.whereabouts]}` }}</span
    >
  </button>
</template>
