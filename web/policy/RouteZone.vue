<script setup lang="ts">
import { ref } from 'vue';
import { GripVertical } from '@lucide/vue';
import type { Zone } from '@cadre/core/catalogue';
import { useDragPlace } from '@cadre/web/ui';

/** A zone in a route being written: dragged, or moved by its buttons. */
const props = defineProps<{ zone: Zone; at: number }>();
const emit = defineEmits<{ dropped: [zone: Zone] }>();
const row = ref<HTMLElement | null>(null);
const over = useDragPlace(row, {
  on: () => true,
  kind: 'zone',
  dragged: () => props.zone,
  takes: () => true,
  dropped: (zone) => emit('dropped', zone as Zone),
});
</script>

<template>
  <li
    ref="row"
    class="flex items-center gap-2 rounded-md border-2 bg-plate pl-2"
    :class="over ? 'border-watch ring-4 ring-watch' : 'border-line'"
    :data-zone="zone"
  >
    <GripVertical class="size-5 shrink-0 cursor-grab text-soft" aria-hidden="true" />
    <slot />
  </li>
</template>
