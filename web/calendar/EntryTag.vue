<script setup lang="ts">
import type { CalendarEntry } from '@cadre/core/calendar';
import { ENTRY_ICONS, ENTRY_WORDS } from './entry-wording';
import * as t from './messages';

/** An entry on its day: what kind it is by its drawing, of how many bikes, and whether it is overdue in words. */
defineProps<{ entry: CalendarEntry }>();
</script>

<template>
  <span
    class="flex w-full items-start gap-1 overflow-hidden rounded-md border-2 bg-plate px-1.5 py-0.5 leading-tight text-ink"
    :class="entry.overdue ? 'border-held' : 'border-line'"
    :data-entry="entry.name"
    :data-entry-kind="entry.kind"
  >
    <component :is="ENTRY_ICONS[entry.kind]" :size="16" class="mt-0.5 shrink-0" aria-hidden="true" />
    <span class="min-w-0 grow"
      ><span class="line-clamp-2 text-[0.95rem]"
        ><span class="sr-only">{{ ENTRY_WORDS[entry.kind] }}: </span>{{ entry.name }}</span
      ><span v-if="entry.bikeIds.length" class="figures block text-sm text-soft">{{
        t.bikesCount({ bikes: entry.bikeIds.length })
      }}</span
      ><strong v-if="entry.overdue" class="block text-sm text-held">{{ t.late }}</strong></span
    >
  </span>
</template>
