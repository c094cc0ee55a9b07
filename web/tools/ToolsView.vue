<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { AudioLines, BookOpen, Gauge, SearchCheck, Wrench } from '@lucide/vue';
import ToolBench from './ToolBench.vue';
import { TOOL_GROUPS, toolOf } from './all-tools';
import * as t from './messages';

/** The arithmetic of the workshop, each by itself: what is typed stands in the address, so that it can be sent to somebody. */
const props = defineProps<{ tool?: string }>();
/** What is more than arithmetic: searches, guides, and what measures. */
const WORK = [
  { to: 'tracing', name: t.findCause, hint: t.findCauseHint, sign: SearchCheck },
  { to: 'guides', name: t.repairGuides, hint: t.repairGuidesHint, sign: BookOpen },
  { to: 'spokes', name: t.spokesByEar, hint: t.spokesByEarHint, sign: AudioLines },
  { to: 'equipment', name: t.toolsInstruments, hint: t.toolsInstrumentsHint, sign: Wrench },
  { to: 'instruments', name: t.connectInstruments, hint: t.connectInstrumentsHint, sign: Gauge },
] as const;
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
      <ul class="mt-3 grid grid-cols-[repeat(auto-fill,minmax(18rem,1fr))] gap-2">
        <li v-for="each in WORK" :key="each.to" class="flex">
          <RouterLink
            :to="{ name: each.to }"
            class="flex grow items-center gap-3 rounded-lg border-2 border-line bg-plate px-3 py-2 leading-tight hover:border-act"
            :data-work="each.to"
            ><component :is="each.sign" :size="30" class="shrink-0 text-act" aria-hidden="true" /><span
              ><span class="sturdy block text-lg">{{ each.name }}</span
              ><span class="text-[0.95rem] text-soft">{{ each.hint }}</span></span
            ></RouterLink
          >
        </li>
      </ul>
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
