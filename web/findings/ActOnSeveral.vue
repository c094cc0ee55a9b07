<script setup lang="ts">
import { computed, ref } from 'vue';
import { setSeverity } from '@cadre/contract/findings';
import { startRepair } from '@cadre/contract/repairs';
import { SEVERITIES, type Severity } from '@cadre/core/catalogue';
import { maySetSeverity } from '@cadre/core/findings';
import { now as serverNow } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { SEVERITY_MEANING, SEVERITY_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import type { FindingRow } from './use-findings';
import * as t from './messages';

/** One act on several findings: a repair begun on each bike, or another severity for a reason. Each is an act of its own; what is refused is said and stays chosen. */
const props = defineProps<{ rows: readonly FindingRow[] }>();
const emit = defineEmits<{ done: [ids: readonly string[]]; none: [] }>();
const fleet = useFleet();
const session = useSession();
const refusal = useRefusal();
const act = useAct();
const reason = ref('');
const asking = ref(false);
const progress = ref<{ done: number; all: number } | null>(null);
const open = computed(() => props.rows.filter((row) => row.finding.state === 'open'));
const bikes = computed(() => [...new Set(open.value.map((row) => row.bikeId))]);
/** What every one of them may be set to by this person. */
const grades = computed(() =>
  SEVERITIES.filter((severity) =>
    props.rows.every((row) => session.person && maySetSeverity(session.person, row.finding, severity).ok),
  ),
);

async function each<T>(all: readonly T[], act: (one: T) => Promise<readonly string[]>): Promise<void> {
  progress.value = { done: 0, all: all.length };
  await refusal.run(async () => {
    for (const [at, one] of all.entries()) {
      emit('done', await act(one));
      progress.value = { done: at + 1, all: all.length };
    }
  });
  progress.value = null;
}
const start = (): Promise<void> =>
  each(bikes.value, async (bikeId) => {
    const findingIds = open.value.filter((row) => row.bikeId === bikeId).map((row) => row.id);
    fleet.put((await act(startRepair, { body: { bikeId, findingIds, at: serverNow() } }, bikeId)).bike);
    return findingIds;
  });
async function regrade(severity: Severity): Promise<void> {
  await each([...props.rows], async (row) => {
    await act(setSeverity, {
      params: { id: row.id },
      body: { severity, reason: reason.value.trim(), at: serverNow() },
    });
    await fleet.refresh(row.bikeId);
    return [row.id];
  });
  asking.value = false;
}
</script>

<template>
  <section
    class="sticky bottom-[var(--nav-bar)] z-10 mt-4 rounded-t-lg border-2 border-b-0 border-ink/60 bg-plate p-3"
    :aria-label="t.actionsForChosenFindings"
    data-act-on-several
  >
    <div class="flex flex-wrap items-center gap-2">
      <p class="mr-auto font-semibold" role="status">
        {{
          progress
            ? t.doneAllDone({ done: progress.done, all: progress.all })
            : t.findingChosen({ rows: rows.length })
        }}
      </p>
      <ActButton
        v-if="session.may('repair') && open.length"
        kind="main"
        :disabled="refusal.busy.value"
        data-start-several
        @click="start"
        >{{ t.startRepairOnBike({ bikes: bikes.length }) }}</ActButton
      >
      <ActButton v-if="grades.length && !asking" data-regrade-several @click="asking = true">{{
        t.changeSeverity
      }}</ActButton>
      <ActButton kind="quiet" @click="emit('none')">{{ t.clearChoice }}</ActButton>
    </div>
    <div v-if="asking" class="mt-2 flex flex-wrap items-end gap-2">
      <TextField v-model="reason" :label="t.reasonForAllThese" class="grow" maxlength="400" />
      <ActButton
        v-for="severity in grades"
        :key="severity"
        :disabled="refusal.busy.value || !reason.trim()"
        @click="regrade(severity)"
        >{{ SEVERITY_WORDS[severity] }}, {{ SEVERITY_MEANING[severity] }}</ActButton
      >
      <ActButton kind="quiet" @click="asking = false">{{ t.cancel }}</ActButton>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
  </section>
</template>
