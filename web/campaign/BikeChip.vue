<script setup lang="ts">
import { ref } from 'vue';
import { CircleCheck, Pin } from '@lucide/vue';
import { useFleet } from '@cadre/web/fleet';
import { useDragPlace } from '@cadre/web/ui';
import type { BoardSlot } from './use-board';
import * as t from './messages';

/** A bike on its day: dragged to another, or chosen to be moved by keys. */
const props = defineProps<{ entry: BoardSlot; picked: boolean; movable: boolean }>();
const emit = defineEmits<{ pick: [] }>();
const fleet = useFleet();
const chip = ref<HTMLElement | null>(null);
useDragPlace(chip, {
  on: () => props.movable && !props.entry.done,
  kind: 'campaign-bike',
  dragged: () => props.entry.bikeId,
  takes: () => false,
  dropped: () => undefined,
});
</script>

<template>
  <button
    ref="chip"
    type="button"
    class="sturdy inline-flex min-h-12 min-w-12 items-center justify-center gap-1 rounded-md border-2 px-2"
    :class="[
      picked ? 'border-act bg-act text-on-act' : 'border-ink/50 bg-plate',
      entry.done && !picked && 'border-dashed text-soft',
    ]"
    :aria-pressed="picked"
    :data-chip="entry.tag"
    @click="emit('pick')"
  >
    <CircleCheck v-if="entry.done" :size="16" aria-hidden="true" />
    <Pin v-else-if="entry.fixed" :size="16" aria-hidden="true" />
    {{ entry.tag
    }}<span class="sr-only"
      >, {{ fleet.nameOf(entry.personId) }}<template v-if="entry.done">, {{ t.doneWord }}</template
      ><template v-else-if="entry.fixed">, {{ t.fixedHere }}</template></span
    >
  </button>
</template>
