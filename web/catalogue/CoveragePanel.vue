<script setup lang="ts">
import { computed } from 'vue';
import { asBuilt, coverageOf, type Checkpoint, type ChecklistVersion } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { BikeSign } from '@cadre/web/figures';
import { KIND_WORDS } from '@cadre/web/words';
import { minutesWords } from './checklist-wording';
import * as t from './messages';

/** For each kind of bike at once: what the checklist asks, how long it takes, what critical it would miss. */
const props = defineProps<{
  checklist: ChecklistVersion;
  catalogue: readonly Checkpoint[];
  picked?: string | null;
}>();
const emit = defineEmits<{ pick: [kind: string] }>();
/** A checklist that lets a bike out must miss nothing; one that stands on the day's ride-out, or lets nothing out, may. */
const mustMissNothing = computed(() => props.checklist.clears && !props.checklist.afterRideOut);
const rows = computed(() =>
  BIKE_KINDS.map((kind) => ({
    kind,
    meant: !props.checklist.kinds || props.checklist.kinds.includes(kind),
    ...coverageOf(props.checklist, asBuilt(USUAL_BUILD[kind]), props.catalogue),
  })),
);
const most = computed(() => Math.max(1, ...rows.value.map((row) => row.asked)));
</script>

<template>
  <div>
    <ul class="divide-y divide-line">
      <li v-for="row in rows" :key="row.kind">
        <button
          type="button"
          class="grid min-h-14 w-full grid-cols-[3.5rem_1fr_4.75rem] items-center gap-x-2 rounded-md px-1 py-1 text-left"
          :class="picked === row.kind && 'bg-sunk'"
          :aria-pressed="picked === row.kind"
          :data-coverage="row.kind"
          @click="emit('pick', row.kind)"
        >
          <span class="h-10" :class="!row.meant && 'opacity-40'"
            ><BikeSign :build="USUAL_BUILD[row.kind]"
          /></span>
          <span class="min-w-0">
            <span class="leading-tight"
              >{{ KIND_WORDS[row.kind]
              }}<span v-if="!row.meant" class="text-soft">{{ ' ' }}{{ t.notForKind }}</span></span
            >
            <span class="mt-1 block h-2 rounded-full bg-sunk" aria-hidden="true"
              ><span class="block h-2 rounded-full bg-rail" :style="{ width: `${(100 * row.asked) / most}%` }"
                ><span
                  class="block h-2 rounded-full bg-act"
                  :style="{ width: `${row.asked ? (100 * row.criticals) / row.asked : 0}%` }" /></span
            ></span>
            <span class="figures text-sm text-soft"
              >{{ t.questionCriticalsCritical({ asked: row.asked, criticals: row.criticals }) }}
              <span class="max-sm:hidden">{{ t.ruledOutNotAsked({ ruledOut: row.ruledOut }) }}</span></span
            >
          </span>
          <span class="figures whitespace-nowrap text-right leading-tight"
            ><span class="sturdy">{{ row.asked ? minutesWords(row.minutes) : '–' }}</span></span
          >
        </button>
        <p
          v-if="row.meant && mustMissNothing && row.missed.length"
          class="px-1 pb-2 leading-snug text-held"
          data-missed
        >
          {{
            t.criticalQuestionsLeftOut({
              missed: row.missed.slice(0, 6).join(', '),
              part: row.missed.length > 6 ? t.missedMore({ missed: row.missed.length - 6 }) : '',
            })
          }}
        </p>
      </li>
    </ul>
    <p class="mt-2 text-sm text-soft">
      {{ t.barAllQuestionsCritical }}<template v-if="checklist.afterRideOut">{{ t.validOnlyOnDay }}</template
      >.
    </p>
  </div>
</template>
