<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { asBuilt, holds, SEVERITIES, type Severity } from '@cadre/core/catalogue';
import { maySetSeverity, type Finding } from '@cadre/core/findings';
import { SEVERITY_MEANING, SEVERITY_WORDS } from '@cadre/web/words';
import { useSession } from '@cadre/web/people';
import { ActButton, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** What may be done with a finding besides repairing it: another severity, merged with another, or closed because its part is gone. */
const props = defineProps<{ bike: Bike; finding: Finding; busy: boolean; stops: boolean }>();
const emit = defineEmits<{
  regrade: [severity: Severity, reason: string];
  merge: [otherId: string];
  close: [reason: string];
}>();
const session = useSession();
const open = ref<'severity' | 'merge' | 'close' | null>(null);
const reason = ref('');
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
  <div>
    <div class="mt-1 flex flex-wrap gap-x-2">
      <ActButton v-if="grades.length && open !== 'severity'" kind="quiet" @click="open = 'severity'">{{
        t.changeSeverity
      }}</ActButton>
      <ActButton
        v-if="mates.length && open !== 'merge'"
        kind="quiet"
        data-merge-open
        @click="open = 'merge'"
        >{{ t.mergeWithAnotherFinding }}</ActButton
      >
      <ActButton v-if="isGone && open !== 'close'" kind="plain" data-close-open @click="open = 'close'">{{
        t.closePartNoLonger
      }}</ActButton>
    </div>
    <div v-if="open === 'severity'" class="flex flex-wrap items-end gap-2 rounded-md bg-sunk p-3">
      <TextField v-model="reason" :label="t.reason" class="grow" maxlength="400" />
      <ActButton
        v-for="severity in grades"
        :key="severity"
        :disabled="busy || !reason.trim()"
        @click="regrade(severity)"
        >{{ SEVERITY_WORDS[severity] }}, {{ SEVERITY_MEANING[severity] }}</ActButton
      >
      <ActButton kind="quiet" @click="open = null">{{ t.cancel }}</ActButton>
    </div>
    <div v-if="open === 'close'" class="flex flex-wrap items-end gap-2 rounded-md bg-sunk p-3">
      <p class="w-full">
        {{ t.bikeNoLongerHas({ part: stops ? t.bikeStaysHeldUntil : '' }) }}
      </p>
      <TextField v-model="reason" :label="t.reason" class="grow" maxlength="400" data-close-reason />
      <ActButton :disabled="busy || !reason.trim()" data-close @click="close">{{ t.closeFinding }}</ActButton>
      <ActButton kind="quiet" @click="open = null">{{ t.cancel }}</ActButton>
    </div>
    <div v-if="open === 'merge'" class="rounded-md bg-sunk p-3">
      <p>{{ t.moreSevereFindingStays }}</p>
      <div class="mt-1 flex flex-wrap gap-2">
        <ActButton v-for="mate in mates" :key="mate.id" :disabled="busy" data-merge @click="merge(mate.id)">{{
          t.mergeWithFaultSeverity({
            fault: mate.words.fault.toLowerCase(),
            severity: SEVERITY_WORDS[mate.severity].toLowerCase(),
          })
        }}</ActButton>
        <ActButton kind="quiet" @click="open = null">{{ t.cancel }}</ActButton>
      </div>
    </div>
  </div>
</template>
