<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { SEVERITIES } from '@cadre/core/catalogue';
import { isStopNow, type Finding } from '@cadre/core/findings';
import { dayAndClock, useNow, useToday } from '@cadre/web/platform/time';
import { severityOfFinding, withPosition } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

const PastFindings = defineAsyncComponent(() => import('./PastFindings.vue'));

/** What is open on a bike, worst first, numbered as it is on the figure, and what was. */
const props = defineProps<{ bike: Bike; timeZone?: string | undefined; past?: boolean }>();
const fleet = useFleet();
const now = useNow();
const today = useToday();
const findings = computed(() =>
  [...(props.bike.facts.findings as readonly Finding[])].sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  ),
);
</script>

<template>
  <section aria-labelledby="findings-of" data-open-findings>
    <h2 id="findings-of" class="sturdy text-xl">{{ t.findings }}</h2>
    <p v-if="findings.length === 0" class="text-soft">{{ t.noOpenFindings }}</p>
    <ul class="mt-1 divide-y divide-line rounded-md border-2 border-line bg-plate empty:hidden">
      <li
        v-for="finding in findings"
        :key="finding.id"
        class="flex flex-wrap items-baseline gap-x-3 px-3 py-2 leading-snug"
        :class="isStopNow(finding, now) && 'border-l-8 border-l-held'"
      >
        <span class="min-w-48 grow"
          ><span class="font-semibold"
            >{{ withPosition(finding.words.checkpoint, finding.position) }}:
            {{ finding.words.fault.toLowerCase() }}</span
          ><span class="block text-[0.95rem] text-soft"
            >{{ fleet.nameOf(finding.openedBy) }}, {{ dayAndClock(finding.openedAt, today, timeZone)
            }}{{ finding.timesSeen > 1 ? t.seenTime({ timesSeen: finding.timesSeen }) : ''
            }}{{ finding.words.note ? ` · “${finding.words.note}”` : '' }}</span
          ></span
        >
        <span class="max-w-64 text-right leading-tight"
          ><span
            class="font-semibold"
            :class="isStopNow(finding, now) ? 'text-held' : finding.severity === 'upkeep' ? '' : 'text-watch'"
            >{{ severityOfFinding(finding, today, timeZone) }}</span
          ></span
        >
      </li>
    </ul>
    <PastFindings
      class="mt-1"
      :bike-id="bike.id"
      :version="bike.facts"
      :open="past ?? false"
      :most="past ? 100 : 12"
      :time-zone="timeZone"
    />
  </section>
</template>
