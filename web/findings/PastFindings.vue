<script setup lang="ts">
import { ref, watch } from 'vue';
import { findingsOfBike } from '@cadre/contract/findings';
import type { Finding } from '@cadre/core/findings';
import { dayAndClock, useToday } from '@cadre/web/platform/time';
import { send, UnreachableError } from '@cadre/web/platform/api';
import { SEVERITY_WORDS, withPosition } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** What was found on a bike and is closed: how often something came back shows here. Fetched when somebody opens it, unless `open` from the start. */
const props = defineProps<{
  bikeId: string;
  version: unknown;
  open?: boolean;
  most?: number;
  timeZone?: string | undefined;
}>();
const fleet = useFleet();
const today = useToday();
const findings = ref<readonly Finding[]>([]);
const next = ref<string | null>(null);
const shown = ref(props.open ?? false);
const unreachable = ref(false);

async function load(before?: string): Promise<void> {
  const { bikeId } = props;
  try {
    const answer = await send(findingsOfBike, {
      params: { id: bikeId },
      query: { most: props.most ?? 12, ...(before ? { before } : {}) },
    });
    if (bikeId !== props.bikeId) return;
    findings.value = before
      ? [...findings.value, ...(answer.findings as readonly Finding[])]
      : answer.findings;
    next.value = answer.next;
    unreachable.value = false;
  } catch (error) {
    if (!(error instanceof UnreachableError)) throw error;
    unreachable.value = true;
  }
}
watch([() => props.bikeId, () => props.version, shown], () => void (shown.value && load()), {
  immediate: true,
});
</script>

<template>
  <div data-past-findings>
    <ActButton v-if="!shown" kind="quiet" class="!px-0" @click="shown = true">{{
      t.closedFindings
    }}</ActButton>
    <template v-else>
      <p v-if="unreachable" class="text-soft">{{ t.offlineClosedFindingsCannot }}</p>
      <p v-else-if="findings.length === 0" class="text-soft">{{ t.noClosedFindings }}</p>
      <ul class="divide-y divide-line">
        <li
          v-for="finding in findings"
          :key="finding.id"
          class="flex flex-wrap items-baseline gap-x-2 py-1 leading-snug"
          data-past-finding
        >
          <span class="min-w-40 grow"
            >{{ withPosition(finding.words.checkpoint, finding.position) }}:
            {{ finding.words.fault.toLowerCase() }}</span
          ><span class="figures text-[0.95rem] text-soft"
            >{{ SEVERITY_WORDS[finding.severity].toLowerCase() }} ·
            {{ dayAndClock(finding.openedAt, today, timeZone) }} · {{ fleet.nameOf(finding.openedBy)
            }}{{ finding.timesSeen > 1 ? t.seenTime({ timesSeen: finding.timesSeen }) : '' }}</span
          >
        </li>
      </ul>
      <ActButton v-if="next" kind="quiet" @click="load(next)">{{ t.earlier }}</ActButton>
    </template>
  </div>
</template>
