<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  CALENDAR_PATH,
  endCalendarAddress,
  listCalendarAddresses,
  makeCalendarAddress,
  type CalendarAddress,
} from '@cadre/contract/calendar';
import { useAct, useAnswer } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { dayAt } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, CautionLine, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** Private addresses at which one's own calendar program reads what a site has to do; each is shown once, and can be ended. */
const props = defineProps<{ siteId: string }>();
const fleet = useFleet();
const act = useAct();
const refusal = useRefusal();
const opened = ref(false);
/** Counts what was made and ended here: the list is asked for again, and what was on its way before is out of date. */
const changes = ref(0);
const listed = useAnswer(
  () => [opened.value, changes.value],
  async () => (opened.value ? (await send(listCalendarAddresses)).addresses : []),
);
const addresses = computed((): readonly CalendarAddress[] => listed.answer.value ?? []);
const fresh = ref('');
const site = computed(() => fleet.siteById.get(props.siteId) ?? fleet.wall?.sites[0] ?? null);
const siteOf = (id: string): string => fleet.siteById.get(id)?.name ?? '';

/** 128 bits nobody can guess, in letters an address may hold. */
function newToken(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');
}
async function make(): Promise<void> {
  const here = site.value;
  if (!here) return;
  const token = newToken();
  await refusal.run(async () => {
    await act(makeCalendarAddress, { body: { siteId: here.id, token } });
    changes.value += 1;
    fresh.value = `${location.origin}${CALENDAR_PATH}${token}.ics`;
  });
}
async function end(address: CalendarAddress): Promise<void> {
  await refusal.run(async () => {
    await act(endCalendarAddress, { params: { id: address.id }, body: {} });
    changes.value += 1;
    fresh.value = '';
  });
}
const pick = (event: FocusEvent): void => (event.target as HTMLInputElement).select();
</script>

<template>
  <details
    class="rounded-lg border-2 border-line px-4 py-1"
    data-calendar-addresses
    @toggle="opened = ($event.target as HTMLDetailsElement).open"
  >
    <summary class="min-h-12 cursor-pointer content-center font-semibold">{{ t.inYourCalendar }}</summary>
    <div class="space-y-3 pb-3">
      <p class="text-soft">{{ t.inYourCalendarSays }}</p>
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
      <p v-if="listed.unreachable.value" role="status" class="text-soft">{{ t.addressesOffline }}</p>
      <template v-if="fresh">
        <TextField
          :model-value="fresh"
          readonly
          :label="t.yourAddress"
          :hint="t.shownOnce"
          data-fresh-address
          @focusin="pick"
        />
        <CautionLine :text="t.whoeverHasIt" />
      </template>
      <ActButton v-if="site" :disabled="refusal.busy.value" data-make-address @click="make">{{
        t.makeAddressFor({ site: site.name })
      }}</ActButton>
      <ul v-if="addresses.length" class="divide-y divide-line">
        <li
          v-for="address in addresses"
          :key="address.id"
          class="flex flex-wrap items-center justify-between gap-2 py-1"
          :data-address="address.id"
        >
          <span>{{ t.addressMade({ site: siteOf(address.siteId), day: dayAt(address.madeAt) }) }}</span>
          <ActButton :disabled="refusal.busy.value" data-end-address @click="end(address)"
            >{{ t.endAddress
            }}<span class="sr-only"
              >: {{ siteOf(address.siteId) }}, {{ dayAt(address.madeAt) }}</span
            ></ActButton
          >
        </li>
      </ul>
    </div>
  </details>
</template>
