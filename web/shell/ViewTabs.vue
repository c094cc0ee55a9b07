<script setup lang="ts">
import { useNavigation } from './use-navigation';

/** The views of the area one is in. */
const { area, view } = useNavigation();
</script>

<template>
  <nav v-if="area" :aria-label="area.label" class="flex gap-0.5 max-lg:hidden" data-tabs>
    <RouterLink
      v-for="link in area.views"
      :key="link.name"
      :to="{ name: link.name }"
      class="inline-flex min-h-11 items-center whitespace-nowrap rounded-md px-2 font-semibold hover:bg-sunk"
      :class="link.name === view ? 'bg-ink! text-ground' : ''"
      :aria-current="link.name === view ? 'page' : undefined"
      >{{ link.label }}</RouterLink
    >
  </nav>
</template>
