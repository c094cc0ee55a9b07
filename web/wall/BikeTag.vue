<script setup lang="ts">
import { computed } from 'vue';
import { Hourglass, PencilLine, Wrench } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Fitness } from '@cadre/core/fitness';
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
}>();
const now = useNow();
/** A look asked for later whose time has come. Most bikes wait for nothing, and follow no clock. */
const lookAgain = computed(() =>
  (props.bike.facts.timedRechecks ?? []).some((recheck) => isDue(recheck, now.value)),
);
const away = computed(() => props.bike.whereabouts === 'out');
const line = computed(() => {
  if (away.value) return 'out';
  if (props.bike.whereabouts !== 'in') return PLACE_WORDS[props.bike.whereabouts];
  return props.beganCheck ? 'begun' : props.bike.size.replace(/ in$/, '″');
});
/** Where a word has no room beside the tag a sign stands for it. */
const sign = computed(() =>
  props.bike.whereabouts === 'on-the-bench'
    ? Wrench
    : props.bike.whereabouts === 'in' && props.beganCheck
      ? PencilLine
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
    class="relative flex w-full grow flex-col rounded-b-lg border-2 text-left"
    :class="[
      size === 'small' ? 'rounded-t-2xl px-1 pb-1 pt-1.5' : 'rounded-t-[1.6rem] px-2 pb-1.5 pt-2.5',
      away
        ? 'border-dashed border-rail bg-transparent'
        : fitness === 'held'
          ? 'border-held bg-held-wash'
          : 'border-ink/55 bg-plate shadow-[0_3px_0_0_rgb(0_0_0/.13)]',
      picked && 'ring-4 ring-act ring-offset-2 ring-offset-ground',
      selected && 'outline-4 -outline-offset-2 outline-act',
    ]"
    :aria-pressed="pressed"
    :data-tag="bike.tag"
    :data-fitness="fitness"
  >
    <span
      class="absolute -top-1 left-1/2 size-3 -translate-x-1/2 rounded-full border-2 border-ink/60 bg-ground"
      aria-hidden="true"
    />
    <!-- Drawn by the wall's own mark, so that beginning to select draws no tag anew. -->
    <span
      class="absolute right-1 top-1 invisible grid size-5 place-items-center group-data-selecting/wall:visible rounded border-2 border-ink bg-plate text-xs font-bold leading-none"
      aria-hidden="true"
      >{{ selected ? '✓' : '' }}</span
    >
    <span class="flex items-baseline gap-1" :class="size === 'small' && 'justify-center'">
      <span
        class="sturdy leading-none"
        :class="
          size === 'large'
            ? 'text-[1.9rem]'
            : size === 'medium'
              ? 'text-[1.25rem]'
              : bike.tag.length > 5
                ? 'text-[0.8rem]'
                : 'text-[1.05rem]'
        "
        >{{ bike.tag }}</span
      >
      <span
        v-if="size !== 'small'"
        class="ml-auto truncate text-right leading-none text-soft"
        :class="size === 'large' ? 'text-base' : 'text-[0.82rem]'"
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
      v-if="size !== 'small'"
      class="mx-auto my-1 block w-full"
      :class="[size === 'large' ? 'h-[5.6rem]' : 'h-10', away && 'opacity-35']"
      aria-hidden="true"
      ><BikeSign :build="bike.build"
    /></span>
    <span class="mt-auto flex items-center gap-1.5" :class="size === 'small' && 'justify-center gap-1'">
      <FitnessMark :fitness="fitness" :size="size === 'large' ? 24 : size === 'medium' ? 20 : 16" />
      <span
        class="font-semibold leading-[1.1]"
        :class="[
          size === 'large' ? 'text-base' : size === 'medium' ? 'text-[0.84rem]' : 'text-[0.78rem]',
          fitness === 'held' ? 'text-held' : fitness === 'cleared-with-watch' ? 'text-watch' : '',
        ]"
        ><template v-if="size === 'small'"
          >{{ away ? 'out' : FITNESS_WORDS[fitness].split(',')[0]
          }}<span v-if="!away && fitness === 'cleared-with-watch'" class="sr-only">{{
            t.watch
          }}</span></template
        ><template v-else>{{ FITNESS_WORDS[fitness] }}</template></span
      >
    </span>
    <span v-if="lookAgain" class="absolute bottom-1 right-1 text-watch" data-look-again
      ><Hourglass :size="size === 'large' ? 22 : 17" aria-hidden="true" /><span class="sr-only">{{
        t.lookAgainNow
      }}</span></span
    >
    <span v-if="size === 'small'" class="sr-only">, {{ line }}</span>
    <span class="sr-only"
      >, {{ KIND_WORDS[bike.build.kind]
      }}{{ away || bike.whereabouts === 'in' ? '' : `, ${WHEREABOUTS_WORDS[bike.whereabouts]}` }}</span
    >
  </button>
</template>
