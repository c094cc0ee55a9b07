<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import ToolBench from './ToolBench.vue';
import { TOOL_GROUPS, toolOf } from './all-tools';
import * as t from './messages';

/** The arithmetic of the workshop, each by itself: what is typed stands in the address, so that it can be sent to somebody. */
const props = defineProps<{ tool?: string }>();
const chosen = computed(() => toolOf(props.tool ?? ''));
</script>

<template>
  <main class="mx-auto flex max-w-[100rem] gap-6 px-4 pb-24 pt-4 max-[900px]:flex-col">
    <nav
      :aria-label="t.tools"
      class="w-64 shrink-0 max-[900px]:w-full"
      :class="chosen && 'max-[900px]:hidden'"
    >
      <component :is="chosen ? 'h2' : 'h1'" class="sturdy text-2xl">{{ t.tools }}</component>
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
    <section v-else class="max-w-prose grow space-y-2 max-[900px]:hidden">
      <h2 class="sturdy text-xl">{{ t.takeOneUp }}</h2>
      <p>
        {{ t.eachAnswersOnceHouses }}
      </p>
    </section>
  </main>
</template>
