<script setup lang="ts">
import { useRoute } from 'vue-router';
import * as t from './messages';

/** What is looked at, in which order, by which rules: four views of one thing. */
const route = useRoute();
const LINKS = [
  { name: 'checklists', words: t.checklists, also: ['checklist', 'checklist-edit', 'checklist-new'] },
  { name: 'catalogue', words: t.checkpoints, also: [] as string[] },
  { name: 'routes', words: t.routes, also: [] as string[] },
  { name: 'policy', words: t.policy, also: [] as string[] },
] as const;
const isHere = (link: (typeof LINKS)[number]): boolean =>
  route.name === link.name || (link.also as readonly unknown[]).includes(route.name);
</script>

<template>
  <nav :aria-label="t.checklistsRules" class="flex flex-wrap gap-1 max-sm:gap-0.5 border-b-2 border-ink/60">
    <RouterLink
      v-for="link in LINKS"
      :key="link.name"
      :to="{ name: link.name }"
      class="-mb-0.5 inline-flex min-h-12 items-center rounded-t-md border-2 border-b-0 px-4 font-semibold max-sm:px-2 max-sm:text-[0.95rem]"
      :class="isHere(link) ? 'border-ink/60 bg-plate' : 'border-transparent text-act'"
      :aria-current="isHere(link) ? 'page' : undefined"
      >{{ link.words }}</RouterLink
    >
  </nav>
</template>
