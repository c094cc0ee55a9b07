<script setup lang="ts">
/** The name over a line of hooks, and how many hang there. */
defineProps<{ name: string; bikes: string }>();
</script>

<template>
  <h3 class="flex items-baseline gap-3 px-1 leading-tight">
    <span class="sturdy text-lg">{{ name }}</span>
    <span class="figures text-sm text-soft">{{ bikes }}</span>
  </h3>
</template>
