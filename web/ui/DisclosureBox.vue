<script setup lang="ts">
import { ChevronRight } from '@lucide/vue';

/** What is looked at now and then: its title, and the rest when it is opened by hand or because something in it is wrong. */
defineProps<{ title: string; open?: boolean }>();
</script>

<template>
  <details :open="open" class="group">
    <summary class="flex min-h-12 list-none items-center gap-1 py-2 font-semibold">
      <ChevronRight class="size-5 shrink-0 transition-transform group-open:rotate-90" aria-hidden="true" />
      {{ title }}
    </summary>
    <slot />
  </details>
</template>
