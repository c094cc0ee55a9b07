<script setup lang="ts">
import { onMounted, shallowRef } from 'vue';
import { endDevice, listDevices } from '@cadre/contract/people';
import type { AnswerOf } from '@cadre/contract/http';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** Where one is signed in, so that a tablet that was left somewhere can be signed out from here. */
const devices = shallowRef<AnswerOf<typeof listDevices>['devices']>([]);
const refusal = useRefusal();
const act = useAct();
const now = useNow();
const KINDS = { phone: t.phone, computer: t.computerTablet } as const;
const load = () =>
  refusal.run(async () => {
    devices.value = (await send(listDevices)).devices;
  });
onMounted(load);
async function end(device: string): Promise<void> {
  if (await refusal.run(async () => void (await act(endDevice, { params: { device }, body: {} }))))
    await load();
}
</script>

<template>
  <div class="mt-3">
    <h4 class="font-semibold">{{ t.signedInOn }}</h4>
    <ul class="divide-y divide-line" data-devices>
      <li v-for="each in devices" :key="each.device" class="flex min-h-12 items-center gap-3 py-1">
        <span class="grow leading-tight"
          >{{ each.here ? t.thisDevice : KINDS[each.kind] }}
          <span class="block text-sm text-soft">{{
            t.lastUsedWhen({ when: dayAndClock(each.seenAt, now) })
          }}</span></span
        >
        <ActButton
          v-if="!each.here"
          :disabled="refusal.busy.value"
          data-end-device
          @click="end(each.device)"
          >{{ t.signOut }}</ActButton
        >
      </li>
    </ul>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
  </div>
</template>
