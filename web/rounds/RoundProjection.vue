<script setup lang="ts">
import type { Projection } from '@cadre/core/rounds';
import { computed } from 'vue';
import { useNow } from '@cadre/web/platform/time';
import FinishScale from './FinishScale.vue';
import { basisWords, deadlineWords, finishWords } from './round-wording';
import * as t from './messages';

/** When it will be done, how sure that is, and whether that is in time. */
const props = defineProps<{
  projection: Projection;
  deadline: number;
  hands: number;
  zone: string;
}>();
const now = useNow();
const finish = computed(() => finishWords(props.projection, now.value, props.zone));
const verdict = computed(() => deadlineWords(props.projection, props.deadline));
</script>

<template>
  <div class="min-w-64 grow" data-projection>
    <dt class="text-soft">{{ t.likelyFinish }}</dt>
    <dd class="flex flex-wrap items-center gap-x-4">
      <span
        ><span class="sturdy text-3xl max-sm:text-2xl">{{ finish.about }}</span>
        <span
          class="ml-2 font-semibold"
          :class="verdict.tone === 'bad' ? 'text-held' : verdict.tone === 'doubt' ? 'text-watch' : 'text-act'"
          >{{ verdict.words }}</span
        >
        <span class="block text-sm text-soft"
          >{{ t.n80RangeBetweenPerson({ between: finish.between, hands }) }}<br />{{
            basisWords(projection)
          }}</span
        ></span
      >
      <FinishScale
        class="max-sm:hidden"
        :projection="projection"
        :now="now"
        :deadline="deadline"
        :time-zone="zone"
      />
    </dd>
  </div>
</template>
