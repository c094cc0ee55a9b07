<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { TraceRun } from '@cadre/contract/tracing';
import type { Trace } from '@cadre/core/tracing';
import { useSession } from '@cadre/web/people';
import { ActButton, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** A search that has ended: its finding and the way to the bench, whether the repair ended the symptom, and what still holds the bike. */
const props = defineProps<{ run: TraceRun; trace: Trace; bike: Bike; busy: boolean }>();
const emit = defineEmits<{ prove: [gone: boolean]; close: [reason: string] }>();
const session = useSession();
const reason = ref('');
const cause = computed(() => props.trace.causes.find(({ key }) => key === props.run.cause) ?? null);
const finding = computed(
  () => props.bike.facts.findings.find(({ id }) => id === props.run.findingId) ?? null,
);
/** Repaired and rechecked: closed findings are not among the bike’s facts any more. */
const repaired = computed(
  () => props.run.findingId !== null && (finding.value === null || finding.value.state === 'rechecked'),
);
const head = computed(() => {
  const { result } = props.run;
  if (result === 'finding') return t.foundCause({ cause: cause.value?.name ?? '' });
  return result === 'handed-over' ? t.handedOverHead : t.endedWithoutCause;
});
</script>

<template>
  <section class="space-y-3 rounded-lg border-2 border-act bg-plate p-4" data-ended-search>
    <h2 class="sturdy text-2xl leading-tight">{{ head }}</h2>
    <p v-if="cause" class="text-lg leading-snug">{{ t.whatToDo({ repair: cause.repair }) }}</p>
    <p
      v-if="run.holding.length"
      class="border-l-4 border-held bg-held-wash px-3 py-2 font-semibold text-held"
    >
      {{ t.stillToExclude({ causes: run.holding.join(', ') }) }}
    </p>
    <div v-if="repaired && session.may('repair')" class="space-y-2">
      <p class="text-lg font-semibold">{{ t.symptomGone }}</p>
      <div class="flex flex-wrap gap-2">
        <ActButton kind="main" :disabled="busy" data-symptom-gone @click="emit('prove', true)">{{
          t.yesGone
        }}</ActButton>
        <ActButton :disabled="busy" data-symptom-there @click="emit('prove', false)">{{
          t.noStillThere
        }}</ActButton>
      </div>
    </div>
    <div v-else class="flex flex-wrap gap-2">
      <ActButton
        v-if="finding"
        kind="main"
        :to="{ name: 'bench', params: { bikeId: bike.id } }"
        data-to-bench
        >{{ t.repairAtBench }}</ActButton
      >
      <ActButton
        v-if="cause"
        :to="{ name: 'guides', query: { checkpoint: cause.place.checkpoint, bike: bike.tag } }"
        data-to-guide
        >{{ t.openGuide }}</ActButton
      >
    </div>
    <ActButton
      kind="quiet"
      class="!px-0"
      :to="{ name: 'trace-sheet', params: { bikeId: bike.id, runId: run.id } }"
      data-sheet
      >{{ t.printHandOver }}</ActButton
    >
    <form
      v-if="session.may('release')"
      class="flex flex-wrap items-end gap-2 border-t border-line pt-3"
      data-close-search
      @submit.prevent="emit('close', reason)"
    >
      <TextField v-model="reason" class="min-w-56 grow" :label="t.closeReason" maxlength="400" required />
      <ActButton type="submit" :disabled="busy || !reason.trim()">{{ t.closeSearch }}</ActButton>
    </form>
  </section>
</template>
