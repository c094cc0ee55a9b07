<script setup lang="ts">
import type { Station } from '@cadre/core/catalogue';
import type { Answer } from '@cadre/core/checks';
import { PHASE_WORDS, zonesName } from '@cadre/web/words';
import * as t from './messages';

/** The walk as a list: where one is, what is left, where something did not pass. */
const props = defineProps<{
  stations: readonly Station[];
  answers: ReadonlyMap<string, Answer>;
  at: number;
}>();
const emit = defineEmits<{ go: [index: number] }>();
const looked = (station: Station): number =>
  station.questions.filter((question) => props.answers.has(question.key)).length;
const trouble = (station: Station): number =>
  station.questions.filter((question) =>
    ['fail', 'watch', 'skipped'].includes(props.answers.get(question.key)?.outcome ?? ''),
  ).length;
</script>

<template>
  <nav :aria-label="t.stations" class="mt-2">
    <ol class="flex flex-col gap-1 max-[1000px]:flex-row max-[1000px]:flex-wrap">
      <li v-for="(station, index) in stations" :key="station.key" class="max-[1000px]:shrink-0">
        <button
          type="button"
          data-keys-pass
          class="relative flex min-h-12 w-full items-center gap-3 rounded-md px-3 text-left leading-tight max-sm:min-w-12 max-sm:justify-center max-sm:gap-1 max-sm:px-1.5"
          :class="index === at ? 'bg-act text-on-act' : 'bg-sunk'"
          :aria-current="index === at ? 'step' : undefined"
          @click="emit('go', index)"
        >
          <span class="sturdy">{{ index + 1 }}</span>
          <span class="grow max-[1000px]:sr-only"
            >{{ zonesName(station.zones)
            }}<span v-if="station.phase" class="text-sm"> · {{ PHASE_WORDS[station.phase] }}</span></span
          >
          <span class="figures text-sm"
            >{{ looked(station) }}/{{ station.questions.length
            }}<span class="sr-only">{{ ' ' }}{{ t.answered }}</span></span
          >
          <span v-if="trouble(station)" class="rounded bg-held px-1.5 text-sm font-semibold text-on-held"
            >{{ trouble(station) }}<span class="sr-only">{{ ' ' }}{{ t.withProblem }}</span></span
          >
        </button>
      </li>
      <li class="max-[1000px]:shrink-0">
        <button
          type="button"
          data-keys-pass
          class="relative flex min-h-12 w-full items-center gap-3 rounded-md px-3 text-left"
          :class="at >= stations.length ? 'bg-act text-on-act' : 'bg-sunk'"
          :aria-current="at >= stations.length ? 'step' : undefined"
          data-go-sign
          @click="emit('go', stations.length)"
        >
          {{ t.signOff }}
        </button>
      </li>
    </ol>
  </nav>
</template>
