<script setup lang="ts">
import { computed } from 'vue';
import { AlarmClock } from '@lucide/vue';
import { clock } from '@cadre/web/platform/time';
import type { OutBike } from './use-desk';
import * as t from './messages';

/** A bike that is out: with whom, until when, and whether it is late. A touch asks how it came back. */
const props = defineProps<{ row: OutBike; zone: string; open: boolean }>();
const emit = defineEmits<{ open: [] }>();
const words = computed(() => {
  const { outing } = props.row;
  if (!outing) return '';
  return [
    outing.groupName ? t.withGroup({ group: outing.groupName }) : t.walkIn,
    t.backSince({ time: clock(outing.at, props.zone) }),
    ...(outing.dueBackAt !== null && !props.row.late
      ? [t.dueBack({ time: clock(outing.dueBackAt, props.zone) })]
      : []),
  ].join(' · ');
});
</script>

<template>
  <li
    class="rounded-md border-2 bg-plate"
    :class="open ? 'border-act' : 'border-line'"
    :data-out="row.bike.tag"
  >
    <button
      type="button"
      class="flex min-h-14 w-full items-center gap-3 px-3 text-left"
      :aria-expanded="open"
      :aria-label="t.takeBackTag({ tag: row.bike.tag })"
      @click="emit('open')"
    >
      <span class="sturdy w-16 shrink-0 text-xl">{{ row.bike.tag }}</span>
      <span class="min-w-0 grow leading-tight">
        <span class="block truncate text-soft">{{ words }}</span>
        <span v-if="row.late" class="flex items-center gap-1 font-semibold text-held"
          ><AlarmClock :size="16" aria-hidden="true" />{{
            t.lateSince({ time: clock(row.outing?.dueBackAt ?? 0, zone) })
          }}</span
        >
      </span>
    </button>
    <div v-if="open" class="px-3 pb-3"><slot /></div>
  </li>
</template>
