<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRoute } from 'vue-router';
import { isClockBehind } from '@cadre/core/fitness';
import { useOutbox } from '@cadre/web/checks';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { storageTrouble } from '@cadre/web/platform/local-db';
import { notSecureHere, takeUpdate, updateWaiting } from './shell-update';
import * as t from './messages';

// Seldom: a full disk, another person who took the tablet over without a signal.
const StorageNotice = defineAsyncComponent(() => import('./StorageNotice.vue'));
const ClockBehind = defineAsyncComponent(() => import('./ClockBehind.vue'));
const WaitsFor = defineAsyncComponent(() => import('./WaitsFor.vue'));

/** What has to be known before the next mark, under the line of the day. */
const emit = defineEmits<{ change: [] }>();
const fleet = useFleet();
const session = useSession();
const outbox = useOutbox();
const route = useRoute();
const secureNote = ref(notSecureHere);
/** The latest time on record, while the server's clock says an earlier one. */
const behind = computed(() => {
  const { recordedUntil = 0, now = 0 } = fleet.wall ?? {};
  return isClockBehind(now, recordedUntil) ? recordedUntil : null;
});
const LINK = 'min-h-8 font-semibold underline';
</script>

<template>
  <StorageNotice v-if="storageTrouble" />
  <p v-if="session.needsSignIn" class="bg-watch-wash px-4 py-2 text-watch">
    {{ t.youWereSignedOut }}
    <button type="button" :class="LINK" @click="emit('change')">{{ t.signInSync }}</button>
  </p>
  <ClockBehind v-if="behind" :recorded-until="behind" />
  <WaitsFor v-if="outbox.waitsFor.size" :counts="outbox.waitsFor" @change="emit('change')" />
  <p v-for="each in outbox.troubles" :key="each.id" role="alert" class="bg-held-wash px-4 py-2">
    <RouterLink
      :to="{ name: 'stand', params: { bikeId: each.bikeId }, query: each.over ? {} : { check: each.id } }"
      class="font-semibold underline"
      >{{ each.tag }}</RouterLink>:
    {{ each.trouble }}
  </p>
  <p v-if="updateWaiting && route.name !== 'stand'" class="bg-sunk px-4 py-2">
    {{ t.newVersionCadreReady }}
    <button type="button" :class="LINK" @click="takeUpdate">{{ t.updateNow }}</button>
  </p>
  <p v-if="secureNote" class="bg-watch-wash px-4 py-2 text-watch">
    {{ t.addressDoesNotUse }}
    <button type="button" :class="LINK" @click="secureNote = false">{{ t.closeNotice }}</button>
  </p>
</template>
