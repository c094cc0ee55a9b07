<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import {
  CALENDAR_PATH,
  endCalendarAddress,
  listCalendarAddresses,
  makeCalendarAddress,
  type CalendarAddress,
} from '@cadre/contract/calendar';
import { useAct } from '@cadre/web/platform/act';
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
/** Of its own: an address is made and ended while those there are still come in. */
const listing = useRefusal();
const addresses = shallowRef<readonly CalendarAddress[]>([]);
const fresh = ref('');
const site = computed(() => fleet.siteById.get(props.siteId) ?? fleet.wall?.sites[0] ?? null);
/** Made here since the list was asked for: it may not have them. */
const made = new Set<string>();
const siteOf = (id: string): string => fleet.siteById.get(id)?.name ?? '';

async function load(event: Event): Promise<void> {
  if ((event.target as HTMLDetailsElement).open)
    await listing.run(async () => {
      const listed = (await send(listCalendarAddresses)).addresses;
      const known = new Set(listed.map(({ id }) => id));
      addresses.value = [...listed, ...addresses.value.filter(({ id }) => made.has(id) && !known.has(id))];
    });
}
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
    const address = await act(makeCalendarAddress, { body: { siteId: here.id, token } });
    made.add(address.id);
    addresses.value = [...addresses.value, address];
    fresh.value = `${location.origin}${CALENDAR_PATH}${token}.ics`;
  });
}
async function end(address: CalendarAddress): Promise<void> {
  await refusal.run(async () => {
    addresses.value = (await act(endCalendarAddress, { params: { id: address.id }, body: {} })).addresses;
    made.delete(address.id);
    fresh.value = '';
  });
}
const pick = (event: FocusEvent): void => (event.target as HTMLInputElement).select();
</script>

<template>
  <details class="rounded-lg border-2 border-line px-4 py-1" data-calendar-addresses @toggle="load">
    <summary class="min-h-12 cursor-pointer content-center font-semibold">{{ t.inYourCalendar }}</summary>
    <div class="space-y-3 pb-3">
      <p class="text-soft">{{ t.inYourCalendarSays }}</p>
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
      <NoticePlate v-else-if="listing.said.value" :said="listing.said.value" />
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
