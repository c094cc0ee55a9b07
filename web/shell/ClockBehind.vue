<script setup lang="ts">
import { correctClock } from '@cadre/contract/clock';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useAct } from '@cadre/web/platform/act';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** The server's clock says an earlier time than is on record: no check counts until a lead says which of the two is right. */
const props = defineProps<{ recordedUntil: number }>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const refusal = useRefusal();
const act = useAct();
async function confirm(): Promise<void> {
  await refusal.run(async () => {
    await act(correctClock, { body: { recordedUntil: props.recordedUntil, note: '' } });
    await fleet.load();
  });
}
</script>

<template>
  <div
    role="alert"
    class="flex flex-wrap items-center gap-x-4 gap-y-2 bg-held-wash px-4 py-2"
    data-clock-behind
  >
    <p class="max-w-[70ch]">
      <strong>{{ t.serversClockBehindRecord }}</strong>
      {{ t.latestEntryFromWhen({ when: dayAndClock(recordedUntil, now), when2: dayAndClock(now, now) }) }}
    </p>
    <ActButton v-if="session.may('edit-program')" :disabled="refusal.busy.value" @click="confirm">{{
      t.confirmClockRight
    }}</ActButton>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
  </div>
</template>
