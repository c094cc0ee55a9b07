<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { describeReport, listReports } from '@cadre/contract/reports';
import type { Zone } from '@cadre/core/catalogue';
import { faultsAt, reportPlaces, type ReportFault } from '@cadre/core/reports';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { now } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, ChoiceChips, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { ZONE_WORDS } from '@cadre/web/words';
import { FAULT_WORDS } from './words';
import * as t from './messages';

/** Where the problem of a bike that just came back is, and what is wrong: the bike is held already, this helps whoever looks at it. */
const props = defineProps<{ bike: Bike }>();
const emit = defineEmits<{ done: [] }>();
const fleet = useFleet();
const act = useAct();
const refusal = useRefusal();
const zone = ref<Zone | null>(null);
const note = ref('');
const places = computed(() =>
  reportPlaces(props.bike.build).map((each) => ({ value: each, label: ZONE_WORDS[each] })),
);
const faults = computed(() =>
  zone.value === null ? [] : faultsAt(zone.value).map((each) => ({ value: each, label: FAULT_WORDS[each] })),
);
async function say(fault: ReportFault): Promise<void> {
  const done = await refusal.run(async () => {
    const { reports } = await send(listReports);
    const report = reports.find(
      (each) => each.bikeId === props.bike.id && each.state === 'unread' && each.zone === null,
    );
    if (!report) {
      refusal.said.value = { what: t.noReportYet, todo: t.tryInMoment };
      return;
    }
    const body = { zone: zone.value, fault, canRide: report.canRide, note: note.value.trim(), at: now() };
    fleet.put(await act(describeReport, { params: { id: report.id }, body }));
  });
  if (done && refusal.said.value === null) emit('done');
}
</script>

<template>
  <section class="space-y-2 rounded-lg border-2 border-ink/60 bg-plate p-4" data-describe>
    <h2 class="sturdy text-lg">{{ t.sayWhere({ tag: bike.tag }) }}</h2>
    <ChoiceChips
      :name="t.sayWhere({ tag: bike.tag })"
      :options="places"
      :chosen="zone ? [zone] : []"
      @toggle="(each) => (zone = each)"
    />
    <template v-if="zone">
      <TextField v-model="note" :label="t.moreWords" maxlength="600" />
      <p class="font-semibold">{{ t.sayWhat }}</p>
      <ChoiceChips :name="t.sayWhat" :options="faults" :chosen="[]" @toggle="say" />
    </template>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ActButton kind="quiet" class="!px-0" @click="emit('done')">{{ t.skip }}</ActButton>
  </section>
</template>
