<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { BatchColumn } from '@cadre/core/batch-check';
import { withPosition } from '@cadre/web/words';
import type { Legend } from './use-paper';
import * as t from './messages';

/** One page: bikes down, questions across, and what each column stands for. */
const props = defineProps<{
  bikes: readonly Bike[];
  columns: readonly BatchColumn[];
  legend: readonly Legend[];
  isAsked: (bike: Bike, column: BatchColumn) => boolean;
}>();
const isSingle = computed(() => props.columns.every((column) => column.kind === 'question'));
const cautions = computed(() =>
  [...new Set(props.legend.flatMap((each) => each.looks).flatMap((each) => each.checkpoint.cautions))].slice(
    0,
    8,
  ),
);
</script>

<template>
  <article
    class="paper-page relative mb-6 overflow-x-auto bg-white p-6 text-black max-sm:p-3 shadow print:mb-0 print:p-0 print:overflow-visible print:shadow-none"
    tabindex="0"
  >
    <slot />
    <table class="mt-2 w-full min-w-[46rem] border-collapse print:min-w-0 text-[0.8rem]">
      <thead>
        <tr>
          <th class="w-20 border border-black px-1 text-left align-bottom">{{ t.bike }}</th>
          <th
            v-for="(each, at) in legend"
            :key="each.key"
            class="border border-black px-0.5 text-center align-bottom font-semibold leading-tight"
          >
            <span class="block text-[0.65rem]">{{ at + 1 }}</span>{{ each.name }}
          </th>
          <th class="w-[28%] border border-black px-1 text-left align-bottom">{{ t.faultPlace }}</th>
          <th class="w-12 border border-black px-1 align-bottom">{{ t.initials }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="bike in bikes" :key="bike.id" class="h-10">
          <th class="border border-black px-1 text-left">
            <span class="sturdy text-base">{{ bike.tag }}</span>{{ ' '
            }}<span class="whitespace-nowrap font-normal">{{ bike.size }}</span>
          </th>
          <td
            v-for="column in columns"
            :key="column.key"
            class="border border-black text-center"
            :class="!isAsked(bike, column) && 'bg-neutral-300'"
          >
            <span v-if="!isAsked(bike, column)" class="text-[0.6rem]">{{ t.notAsked }}</span>
          </td>
          <td class="border border-black" />
          <td class="border border-black" />
        </tr>
      </tbody>
    </table>
    <div class="mt-3 columns-2 gap-6 text-[0.72rem] leading-snug">
      <p v-for="(each, at) in legend" :key="each.key" class="mb-1.5 break-inside-avoid">
        <b>{{ at + 1 }} {{ each.name }}:</b>
        <template v-for="(look, no) in each.looks" :key="look.key"
          >{{ no ? ' · ' : ' '
          }}<span :class="look.critical && 'font-semibold'">{{
            isSingle ? look.checkpoint.passWhen : withPosition(look.checkpoint.name, look.position)
          }}</span></template
        >
      </p>
    </div>
    <ul v-if="cautions.length" class="mt-2 border-t border-black pt-1 text-[0.72rem] leading-snug">
      <li v-for="caution in cautions" :key="caution">! {{ caution }}</li>
    </ul>
  </article>
</template>
