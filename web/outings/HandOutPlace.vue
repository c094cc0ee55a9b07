<script setup lang="ts">
import { computed } from 'vue';
import { ArrowLeftRight, SquareCheckBig, Square, X } from '@lucide/vue';
import { useFleet } from '@cadre/web/fleet';
import { IconButton } from '@cadre/web/ui';
import { KIND_WORDS } from '@cadre/web/words';
import type { PlaceShown } from './use-hand-out';
import * as t from './messages';

/** One place of a group: the bike proposed for it and where it hangs, ticked by a scan or a touch, swapped by another. */
const props = defineProps<{ place: PlaceShown; swapping: boolean }>();
const emit = defineEmits<{ tick: []; untick: []; swap: [] }>();
const fleet = useFleet();
const words = computed(() => {
  const { bike, standsIn } = props.place;
  if (!bike) return '';
  return [
    [KIND_WORDS[bike.build.kind], bike.size].filter(Boolean).join(' ') + (standsIn ? ` (${t.standIn})` : ''),
    fleet.hookOf(bike),
  ]
    .filter(Boolean)
    .join(' · ');
});
</script>

<template>
  <li
    class="flex items-center gap-1 rounded-md border-2 bg-plate"
    :class="place.ticked ? 'border-act' : 'border-line'"
    :data-place="place.bike?.tag ?? ''"
    :data-ticked="place.ticked"
  >
    <template v-if="place.bike">
      <button
        type="button"
        class="flex min-h-14 min-w-0 grow items-center gap-3 px-3 text-left"
        role="checkbox"
        :aria-checked="place.ticked"
        :aria-label="t.tickTag({ tag: place.bike.tag })"
        @click="place.ticked ? emit('untick') : emit('tick')"
      >
        <component
          :is="place.ticked ? SquareCheckBig : Square"
          :size="24"
          :class="place.ticked ? 'text-act' : 'text-soft'"
          aria-hidden="true"
        />
        <span class="sturdy w-14 shrink-0 text-xl">{{ place.bike.tag }}</span>
        <span class="min-w-0 grow leading-tight text-soft">{{ words }}</span>
      </button>
      <IconButton
        :name="t.swapTag({ tag: place.bike.tag })"
        :aria-expanded="swapping"
        data-swap
        @click="emit('swap')"
        ><component :is="swapping ? X : ArrowLeftRight" aria-hidden="true"
      /></IconButton>
    </template>
  </li>
</template>
