<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { BookOpen, SearchCheck } from '@lucide/vue';
import ToolBench from './ToolBench.vue';
import { TOOL_GROUPS, toolOf } from './all-tools';
import * as t from './messages';

/** The arithmetic of the workshop, each by itself: what is typed stands in the address, so that it can be sent to somebody. */
const props = defineProps<{ tool?: string }>();
const chosen = computed(() => toolOf(props.tool ?? ''));
</script>

<template>
  <main class="mx-auto flex max-w-[100rem] gap-6 px-4 pb-24 pt-4 max-[900px]:flex-col">
    <nav v-if="chosen" :aria-label="t.calculators" class="w-64 shrink-0 max-[900px]:hidden">
      <h2 class="sturdy text-2xl">{{ t.calculators }}</h2>
      <section v-for="group in TOOL_GROUPS" :key="group.name" class="mt-3">
        <h2 class="text-soft">{{ group.name }}</h2>
        <ul class="border-l-4 border-line">
          <li v-for="each in group.tools" :key="each.key">
            <RouterLink
              :to="{ name: 'tools', params: { tool: each.key } }"
              class="flex min-h-12 items-center px-3 font-semibold leading-tight"
              :class="each.key === chosen?.key ? '-ml-1 border-l-4 border-act bg-sunk' : ''"
              :aria-current="each.key === chosen?.key ? 'page' : undefined"
              :data-tool="each.key"
              >{{ each.name }}</RouterLink
            >
          </li>
        </ul>
      </section>
    </nav>
    <ToolBench v-if="chosen" :key="chosen.key" :tool="chosen" class="min-w-0 grow" />
    <section v-else class="min-w-0 grow">
      <h1 class="sturdy text-2xl">{{ t.tools }}</h1>
      <RouterLink
        :to="{ name: 'tracing' }"
        class="mt-3 flex max-w-xl items-center gap-4 rounded-lg border-2 border-act bg-plate px-4 py-3 leading-tight"
        data-find-cause
        ><SearchCheck :size="32" class="shrink-0 text-act" aria-hidden="true" /><span
          ><span class="sturdy block text-lg">{{ t.findCause }}</span
          ><span class="text-soft">{{ t.findCauseHint }}</span></span
        ></RouterLink
      >
      <RouterLink
        :to="{ name: 'guides' }"
        class="mt-2 flex max-w-xl items-center gap-4 rounded-lg border-2 border-line bg-plate px-4 py-3 leading-tight hover:border-act"
        data-repair-guides
        ><BookOpen :size="32" class="shrink-0 text-act" aria-hidden="true" /><span
          ><span class="sturdy block text-lg">{{ t.repairGuides }}</span
          ><span class="text-soft">{{ t.repairGuidesHint }}</span></span
        ></RouterLink
      >
      <h2 class="sturdy mt-5 text-lg">{{ t.calculators }}</h2>
      <p class="mt-1 max-w-prose text-soft">{{ t.eachCalculatorUsesYour }}</p>
      <section v-for="group in TOOL_GROUPS" :key="group.name" class="mt-4">
        <h3 class="font-semibold text-soft">{{ group.name }}</h3>
        <ul class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(15.5rem,1fr))] gap-2">
          <li v-for="each in group.tools" :key="each.key" class="flex">
            <RouterLink
              :to="{ name: 'tools', params: { tool: each.key } }"
              class="flex min-h-16 grow flex-col justify-center rounded-md border-2 border-line bg-plate px-3 py-1.5 leading-tight hover:border-act"
              :data-tool="each.key"
              ><span class="font-semibold">{{ each.name }}</span
              ><span class="text-[0.95rem] text-soft">{{ each.when }}</span></RouterLink
            >
          </li>
        </ul>
      </section>
    </section>
  </main>
</template>
