<script setup lang="ts">
import { DAY_MS } from '@cadre/core/time';
import { computed, ref } from 'vue';
import { useLocalStorage } from '@vueuse/core';
import { fetchCalendar } from '@cadre/contract/schedule';
import { send } from '@cadre/web/platform/api';
import { now as serverNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, DisclosureBox, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import { takeCalendarFile } from './calendar-file';
import GroupDraftCard from './GroupDraftCard.vue';
import { useGroupDrafts } from './use-group-drafts';
import * as t from './messages';

/** New groups, typed or pasted a line each, or read from a calendar; each is shown before it is added. */
const props = defineProps<{ zone: string; today: string }>();
const siteId = defineModel<string>('siteId', { required: true });
const fleet = useFleet();
const adding = useRefusal();
const pasted = ref('');
const said = ref('');
/** Where bookings are published; it stays on this device. */
const address = useLocalStorage('cadre.calendar-address', '');
const drafts = useGroupDrafts(computed(() => props.zone));
const EXAMPLE = t.n09301130;

function take(): void {
  drafts.takeLines(pasted.value, props.today);
  pasted.value = '';
}
async function takeFile(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  said.value = '';
  adding.said.value = null;
  await takeText(file);
}
async function takeText(file: File): Promise<void> {
  const taken = await takeCalendarFile(file, serverNow(), serverNow() + 21 * DAY_MS);
  if ('said' in taken) {
    adding.said.value = taken.said;
    return;
  }
  drafts.takeCalendar(taken.groups);
  said.value = t.outingInNextThree({ groups: taken.groups.length, name: file.name });
}
async function takeAddress(): Promise<void> {
  const from = address.value.trim();
  if (!from) return;
  said.value = '';
  await adding.run(async () => {
    const { calendar } = await send(fetchCalendar, { body: { address: from } });
    await takeText(new File([calendar], URL.canParse(from) ? new URL(from).host : from));
  });
}
async function add(): Promise<void> {
  said.value = '';
  await adding.run(async () => {
    const added = await drafts.add(siteId.value);
    said.value = t.groupAdded({ added });
    await fleet.load();
  });
}
</script>

<template>
  <section aria-labelledby="new" class="min-w-0 rounded-lg bg-sunk p-4">
    <h2 id="new" class="sturdy text-xl">{{ t.addGroups }}</h2>
    <SelectField
      v-model="siteId"
      class="mt-2"
      :label="t.site"
      :options="(fleet.wall?.sites ?? []).map((each) => ({ value: each.id, label: each.name }))"
    />
    <form class="mt-2" @submit.prevent="take">
      <TextField
        v-model="pasted"
        :label="t.typePasteGroupsOne"
        :rows="4"
        :placeholder="EXAMPLE"
        :hint="t.timesNameBikesFor"
        data-group-lines
      />
      <div class="mt-2 flex flex-wrap gap-2">
        <ActButton type="submit" :disabled="pasted.trim() === ''" data-take-lines>{{
          t.readLines
        }}</ActButton>
        <label
          class="inline-flex min-h-12 items-center rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold focus-within:outline-3 focus-within:outline-act"
          >{{ t.readCalendarIcs
          }}<input type="file" accept=".ics,text/calendar" class="sr-only" data-calendar @change="takeFile"
        /></label>
      </div>
    </form>
    <DisclosureBox class="mt-2" :title="t.calendarFromAddress">
      <form class="flex flex-wrap items-end gap-2" @submit.prevent="takeAddress">
        <TextField
          v-model="address"
          class="min-w-60 grow"
          :label="t.calendarAddress"
          type="url"
          maxlength="2000"
          data-calendar-address
        />
        <ActButton type="submit" :disabled="!address.trim() || adding.busy.value" data-take-address>{{
          t.readAddress
        }}</ActButton>
      </form>
    </DisclosureBox>
    <NoticePlate v-if="adding.said.value" :said="adding.said.value" class="mt-2" />
    <p v-if="said" role="status" class="mt-2 font-semibold">{{ said }}</p>
    <ul v-if="drafts.drafts.value.length" class="mt-3 space-y-3">
      <GroupDraftCard
        v-for="draft in drafts.drafts.value"
        :key="draft.id"
        :draft="draft"
        :wrong="drafts.read(draft).wrong"
        @change="(part) => Object.assign(draft, part)"
        @remove="drafts.drafts.value = drafts.drafts.value.filter((each) => each.id !== draft.id)"
      />
    </ul>
    <ActButton
      v-if="drafts.drafts.value.length"
      kind="main"
      big
      class="mt-3 w-full"
      :disabled="adding.busy.value || drafts.ready.value.length === 0"
      data-add-groups
      @click="add"
      >{{ t.addGroup({ ready: drafts.ready.value.length }) }}</ActButton
    >
  </section>
</template>
