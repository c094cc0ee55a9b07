<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { OctagonX } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { closeReport, type Report } from '@cadre/contract/reports';
import { useAct } from '@cadre/web/platform/act';
import { dayAndClock, now, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import ReportToFinding from './ReportToFinding.vue';
import { reportWords } from './words';
import * as t from './messages';

/** One report: what is wrong where, who told it and when, its photo; it becomes a finding or is closed with a reason. */
const props = defineProps<{ report: Report; bike: Bike; main: boolean }>();
const fleet = useFleet();
const session = useSession();
const act = useAct();
const refusal = useRefusal();
const clockNow = useNow();
const doing = ref<'finding' | 'close' | null>(null);
const reason = ref('');
const zone = computed(() => fleet.siteById.get(props.bike.siteId)?.timeZone);
const time = (at: number): string => dayAndClock(at, clockNow.value, zone.value);
const teller = computed(() => {
  const { by, riderName } = props.report;
  if (by) return fleet.nameOf(by);
  return riderName ? t.fromNamedRider({ name: riderName }) : t.fromRider;
});
const details = computed(() =>
  [
    props.report.canRide ? t.canRideOn : t.cannotRideOn,
    teller.value,
    time(props.report.at),
    ...(props.report.times > 1 ? [t.timesReported({ times: props.report.times })] : []),
    ...(props.report.outing
      ? [props.report.outing.groupName ? t.onOuting({ group: props.report.outing.groupName }) : t.onWalkIn]
      : []),
  ].join(' · '),
);
const close = (): Promise<boolean> =>
  refusal.run(async () => {
    const body = { reason: reason.value.trim(), at: now() };
    fleet.put(await act(closeReport, { params: { id: props.report.id }, body }));
  });
</script>

<template>
  <li class="space-y-2 rounded-lg border-2 border-line bg-plate px-4 py-3" :data-report="bike.tag">
    <div class="flex gap-4">
      <div class="min-w-0 grow">
        <p class="flex flex-wrap items-baseline gap-x-3">
          <RouterLink
            :to="{ name: 'bike', params: { bikeId: bike.id } }"
            class="sturdy min-h-8 text-2xl underline underline-offset-4"
            >{{ bike.tag }}</RouterLink
          >
          <strong class="text-lg">{{ reportWords(report.zone, report.fault) }}</strong>
          <span
            v-if="report.state === 'unread' && report.holds"
            class="flex items-center gap-1 self-center font-semibold text-held"
            ><OctagonX :size="18" aria-hidden="true" />{{ t.holdsBike }}</span
          >
        </p>
        <p class="leading-snug text-soft">{{ details }}</p>
        <p v-if="report.note" class="mt-1 whitespace-pre-wrap break-words">“{{ report.note }}”</p>
        <p v-if="report.dealt" class="mt-1 leading-snug">
          {{
            report.state === 'finding'
              ? t.becameFinding({ name: fleet.nameOf(report.dealt.by), time: time(report.dealt.at) })
              : t.wasClosed({
                  reason: report.dealt.reason,
                  name: fleet.nameOf(report.dealt.by),
                  time: time(report.dealt.at),
                })
          }}
        </p>
      </div>
      <a v-if="report.hasPhoto" :href="`/api/v1/reports/${report.id}/photo`" target="_blank" class="shrink-0">
        <img
          :src="`/api/v1/reports/${report.id}/photo`"
          :alt="t.photoOf({ tag: bike.tag })"
          class="size-24 rounded-md border-2 border-line object-cover"
          loading="lazy"
        />
      </a>
    </div>
    <template v-if="report.state === 'unread'">
      <p v-if="!session.may('release')" class="text-soft">{{ t.onlyMechanics }}</p>
      <div v-else-if="doing === null" class="flex flex-wrap gap-2">
        <ActButton :kind="main ? 'main' : 'plain'" data-make-finding @click="doing = 'finding'">{{
          t.makeFinding
        }}</ActButton>
        <ActButton data-close-report @click="doing = 'close'">{{ t.closeReport }}</ActButton>
        <ActButton
          kind="quiet"
          :to="{
            name: 'tracing',
            params: { trace: '' },
            query: { bike: bike.tag, from: 'report', id: report.id },
          }"
          data-report-cause
          >{{ t.findCause }}</ActButton
        >
      </div>
      <ReportToFinding v-else-if="doing === 'finding'" :report="report" :bike="bike" @cancel="doing = null" />
      <form v-else class="flex flex-wrap items-end gap-2" @submit.prevent="close">
        <TextField
          v-model="reason"
          :label="t.closeReason"
          :hint="t.closeReasonHint"
          maxlength="400"
          class="min-w-64 grow"
          data-close-reason
        />
        <ActButton
          kind="main"
          type="submit"
          :disabled="!reason.trim() || refusal.busy.value"
          data-close-now
          >{{ t.closeReport }}</ActButton
        >
        <ActButton @click="doing = null">{{ t.cancel }}</ActButton>
      </form>
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    </template>
  </li>
</template>
