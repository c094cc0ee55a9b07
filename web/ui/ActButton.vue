<script setup lang="ts">
import { RouterLink, type RouteLocationRaw } from 'vue-router';

/** An act: a button, or with `to` a link that looks like one. */
withDefaults(
  defineProps<{
    kind?: 'main' | 'plain' | 'quiet' | 'held';
    big?: boolean;
    disabled?: boolean;
    type?: 'button' | 'submit';
    to?: RouteLocationRaw;
  }>(),
  {
    kind: 'plain',
    big: false,
    disabled: false,
    type: 'button',
    to: undefined,
  },
);
</script>

<template>
  <component
    :is="to ? RouterLink : 'button'"
    v-bind="to ? { to } : { type, disabled }"
    class="inline-flex items-center justify-center gap-2 rounded-md px-4 font-semibold transition-colors disabled:border-2 disabled:border-line disabled:bg-sunk disabled:text-soft disabled:shadow-none"
    :class="[
      big ? 'min-h-14 text-lg' : 'min-h-12',
      kind === 'main' && 'bg-act text-on-act shadow-[0_2px_0_0_rgb(0_0_0/.25)]',
      kind === 'plain' && 'border-2 border-ink/70 bg-plate text-ink',
      kind === 'quiet' && 'text-act underline underline-offset-4',
      kind === 'held' && 'bg-held text-on-held',
    ]"
  >
    <slot />
  </component>
</template>
