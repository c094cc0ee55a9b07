<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { asBuilt, holds, SEVERITIES, type Severity } from '@cadre/core/catalogue';
import { isStopNow, maySetSeverity, type Finding } from '@cadre/core/findings';
import { count, dayAndClock, useNow } from '@cadre/web/platform/time';
import { SEVERITY_MEANING, SEVERITY_WORDS, withPosition, ZONE_WORDS } from '@cadre/web/words';
import { SimilarFaults } from '@cadre/web/findings';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { FindingPhotos } from '@cadre/web/photos';
import { ActButton } from '@cadre/web/ui';
import { STATE_WORDS } from './wording';

/** One finding as the bench sees it: what, where, who, how long it may ride, what to do; its weight changed or told as one with another. */
const props = defineProps<{ bike: Bike; finding: Finding; taken: boolean; busy: boolean }>();
const emit = defineEmits<{
  tick: [];
  regrade: [severity: Severity, reason: string];
  merge: [otherId: string];
  close: [reason: string];
}>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const open = ref<'severity' | 'merge' | 'close' | null>(null);
const reason = ref('');
const stops = computed(() => isStopNow(props.finding, now.value));
const grades = computed(() =>
  SEVERITIES.filter(
    (severity) => session.person && maySetSeverity(session.person, props.finding, severity).ok,
  ),
);
/** Findings of the same look: what this one may be told as one with. */
const mates = computed(() =>
  props.finding.state === 'open' && session.may('raise-severity')
    ? (props.bike.facts.findings as readonly Finding[]).filter(
        (each) =>
          each.id !== props.finding.id &&
          each.state === 'open' &&
          each.checkpoint === props.finding.checkpoint &&
          each.position === props.finding.position,
      )
    : [],
);
/** Whether its part has gone since: nobody can look at it again, so it is closed by name. The server has the last word. */
const isGone = computed(() => {
  const { applies, position, state } = props.finding;
  if (!applies || (state !== 'open' && state !== 'repaired') || !session.may('repair')) return false;
  return !holds(applies, asBuilt(props.bike.build), position);
});
const limit = computed(() => {
  const { severity, limit: until, outingsUsed } = props.finding;
  if (severity !== 'soon' || !until) return '';
  if (stops.value) return 'past its limit';
  return `until ${dayAndClock(until.until, now.value)} or ${count(Math.max(0, until.outings - outingsUsed), 'outing')} more`;
});
function regrade(severity: Severity): void {
  emit('regrade', severity, reason.value.trim());
  open.value = null;
  reason.value = '';
}
function close(): void {
  emit('close', reason.value.trim());
  open.value = null;
  reason.value = '';
}
function merge(id: string): void {
  emit('merge', id);
  open.value = null;
}
</script>

<template>
  <li class="p-3" :class="stops ? 'border-l-8 border-l-held' : ''" :data-bench-finding="finding.fault">
    <div class="flex items-start gap-3 max-sm:flex-wrap">
      <input
        v-if="finding.state === 'open' && session.may('repair')"
        :id="`take-${finding.id}`"
        type="checkbox"
        class="mt-1 size-7 shrink-0"
        :checked="taken"
        :aria-label="`Repair: ${finding.words.fault}`"
        @change="emit('tick')"
      />
      <div class="min-w-0 flex-1 leading-snug">
        <p class="text-lg font-semibold">{{ finding.words.fault }}</p>
        <p>
          {{ withPosition(finding.words.checkpoint, finding.position) }} ·
          {{ ZONE_WORDS[finding.zone].toLowerCase() }}
        </p>
        <p class="text-soft">
          {{ fleet.nameOf(finding.openedBy) }},
          {{ dayAndClock(finding.openedAt, now, fleet.siteById.get(bike.siteId)?.timeZone)
          }}{{ finding.timesSeen > 1 ? ` · seen ${count(finding.timesSeen, 'time')}` : ''
          }}{{ finding.words.note ? ` · “${finding.words.note}”` : '' }}
        </p>
        <p v-if="finding.state === 'open' || finding.state === 'in-work'" class="mt-1">
          <span class="text-soft">Do:</span> {{ finding.words.doNext }}
        </p>
        <FindingPhotos :bike-id="bike.id" :finding="finding" />
        <SimilarFaults v-if="stops || finding.severity === 'soon'" :finding-id="finding.id" />
        <p v-if="finding.words.toMechanic" class="font-semibold text-held">
          A qualified mechanic or the maker decides. Nobody rides it to see.
        </p>
      </div>
      <p
        class="shrink-0 text-right leading-tight max-sm:order-first max-sm:flex max-sm:w-full max-sm:items-baseline max-sm:gap-2 max-sm:text-left"
      >
        <span
          class="font-semibold"
          :class="
            stops
              ? 'text-held'
              : finding.severity === 'watch' || finding.severity === 'soon'
                ? 'text-watch'
                : ''
          "
          >{{ SEVERITY_WORDS[finding.severity] }}</span><br /><span class="text-sm text-soft">{{
          STATE_WORDS[finding.state]
        }}</span
        ><template v-if="limit"
          ><br /><span class="text-sm" :class="stops ? 'text-held' : 'text-watch'">{{
            limit
          }}</span></template
        >
      </p>
    </div>
    <div class="mt-1 flex flex-wrap gap-x-2">
      <ActButton v-if="grades.length && open !== 'severity'" kind="quiet" @click="open = 'severity'"
        >Change severity</ActButton
      >
      <ActButton v-if="mates.length && open !== 'merge'" kind="quiet" data-merge-open @click="open = 'merge'"
        >The same as another</ActButton
      >
      <ActButton v-if="isGone && open !== 'close'" kind="plain" data-close-open @click="open = 'close'"
        >Close: part no longer on the bike</ActButton
      >
    </div>
    <div v-if="open === 'severity'" class="flex flex-wrap items-end gap-2 rounded-md bg-sunk p-3">
      <label class="grow"
        >Reason<input
          v-model="reason"
          class="mt-1 block h-12 w-full rounded-md border-2 border-line bg-plate px-3"
          maxlength="400"
      /></label>
      <ActButton
        v-for="severity in grades"
        :key="severity"
        :disabled="busy || !reason.trim()"
        @click="regrade(severity)"
        >{{ SEVERITY_WORDS[severity] }}, {{ SEVERITY_MEANING[severity] }}</ActButton
      >
      <ActButton kind="quiet" @click="open = null">Leave it</ActButton>
    </div>
    <div v-if="open === 'close'" class="flex flex-wrap items-end gap-2 rounded-md bg-sunk p-3">
      <p class="w-full">
        This bike no longer has the part, so nobody can check it again.
        {{ stops ? 'The bike stays held until it is released.' : '' }}
      </p>
      <label class="grow"
        >Reason<input
          v-model="reason"
          class="mt-1 block h-12 w-full rounded-md border-2 border-line bg-plate px-3"
          maxlength="400"
          data-close-reason
      /></label>
      <ActButton :disabled="busy || !reason.trim()" data-close @click="close">Close finding</ActButton>
      <ActButton kind="quiet" @click="open = null">Cancel</ActButton>
    </div>
    <div v-if="open === 'merge'" class="rounded-md bg-sunk p-3">
      <p>The worse of both goes on here; the other is closed and stays on the timeline.</p>
      <div class="mt-1 flex flex-wrap gap-2">
        <ActButton v-for="mate in mates" :key="mate.id" :disabled="busy" data-merge @click="merge(mate.id)"
          >Same as: {{ mate.words.fault.toLowerCase() }},
          {{ SEVERITY_WORDS[mate.severity].toLowerCase() }}</ActButton
        >
        <ActButton kind="quiet" @click="open = null">Leave it</ActButton>
      </div>
    </div>
  </li>
</template>
