<script setup lang="ts">
import type { Component } from 'vue';
import { useWallView } from './use-wall';

/** Bikes that wait for the same thing, counted over the racks: a touch shows only them, another all again. */
defineProps<{ name: string; hint: string; word: string; count: number; icon: Component }>();
const view = useWallView();
</script>

<template>
  <button
    type="button"
    class="min-h-12 text-left leading-tight"
    :aria-label="hint"
    :aria-pressed="view.sought === word"
    @click="view.sought = view.sought === word ? '' : word"
  >
    <span class="block text-sm text-soft underline">{{ name }}</span>
    <span class="flex items-center gap-1.5"
      ><component :is="icon" :size="18" class="text-watch" aria-hidden="true" /><span class="sturdy">{{
        count
      }}</span></span
    >
  </button>
</template>
