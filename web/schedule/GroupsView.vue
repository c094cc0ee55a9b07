<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { changeGroup, listGroups, removeGroup, type Group } from '@cadre/contract/schedule';
import { readWants, siteDay } from '@cadre/core/schedule';
import { clock, count, dayWords, now as serverNow, useNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, ChoiceField, NoticePlate, useRefusal } from '@cadre/web/ui';
import { useCover } from './use-cover';
import { useGroupDrafts } from './use-group-drafts';
import { shortWords, standInWords, wantText, wantWords } from './wording';

/** Groups due out: what is coming with how far the cleared bikes go round, and new ones typed, pasted or read from a calendar. */
const fleet = useFleet();
const session = useSession();
const now = useNow();
const list = useRefusal();
const adding = useRefusal();
const act = useAct();
const covers = useCover();
const groups = ref<readonly Group[]>([]);
const siteId = ref('');
const pasted = ref('');
const said = ref('');
const changing = ref<{ group: Group; bikes: string } | null>(null);
const site = computed(() => fleet.siteById.get(siteId.value));
const zone = computed(() => site.value?.timeZone ?? 'UTC');
const drafts = useGroupDrafts(zone);
const DAY_MS = 86_400_000;

const reload = (): Promise<boolean> =>
  list.run(async () => {
    groups.value = (
      await send(listGroups, { query: { from: serverNow() - DAY_MS / 4, until: serverNow() + 21 * DAY_MS } })
    ).groups;
  });
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  siteId.value = fleet.wall?.sites[0]?.id ?? '';
  await reload();
});
watch(
  () => fleet.groups,
  () => void reload(),
);
const days = computed(() => {
  const byDay = new Map<string, Group[]>();
  for (const group of groups.value) {
    const day = siteDay(group.outAt, fleet.siteById.get(group.siteId)?.timeZone ?? 'UTC');
    byDay.set(day, [...(byDay.get(day) ?? []), group]);
  }
  return [...byDay];
});
const coverOf = (group: Group) => covers.value.find((each) => each.group.id === group.id) ?? null;
const today = computed(() => siteDay(now.value, zone.value));

function take(): void {
  drafts.takeLines(pasted.value, today.value);
  pasted.value = '';
}
async function takeFile(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  said.value = '';
  adding.said.value = null;
  if (file.size > 5_000_000) {
    adding.said.value = {
      what: `${file.name} is ${Math.round(file.size / 1e6)} MB; a calendar of outings is smaller.`,
      todo: 'Export the next weeks only.',
    };
    return;
  }
  const { readCalendar } = await import('./read-calendar');
  const read = readCalendar(await file.text(), serverNow(), serverNow() + 21 * DAY_MS);
  if (!read.ok)
    adding.said.value = {
      what: `${file.name} is no calendar that can be read (${read.why}).`,
      todo: 'Export it as iCalendar (.ics) and try again.',
    };
  else {
    drafts.takeCalendar(read.groups);
    said.value = `${count(read.groups.length, 'outing')} in the next three weeks read from ${file.name}.`;
  }
}
async function add(): Promise<void> {
  said.value = '';
  await adding.run(async () => {
    const added = await drafts.add(siteId.value);
    said.value = `${count(added, 'group')} added.`;
    await fleet.load();
  });
}
const remove = (group: Group): Promise<boolean> =>
  list.run(async () => {
    await act(removeGroup, { params: { id: group.id }, body: {} });
    await fleet.load();
  });
function saveChange(): void {
  const change = changing.value;
  if (!change) return;
  const { wants, unread } = readWants(change.bikes);
  if (unread.length > 0 || wants.length === 0) {
    list.said.value = {
      what: unread.length ? `“${unread.join('”, “')}” is not read.` : 'How many bikes is missing.',
      todo: 'Write it like 8 x 24in, 4 hybrid M.',
    };
    return;
  }
  void list
    .run(async () => {
      const { id, siteId: at, name, outAt, backAt, version } = change.group;
      await act(changeGroup, {
        params: { id },
        body: { siteId: at, name, outAt, backAt, wants: wants.map((want) => ({ ...want })), version },
      });
      await fleet.load();
    })
    .then((done) => {
      if (done) changing.value = null;
    });
}
</script>

<template>
  <main class="mx-auto max-w-6xl px-4 pb-12 pt-4">
    <h1 class="sturdy text-2xl">Groups due out</h1>
    <div class="mt-3 grid gap-6 min-[900px]:grid-cols-[1fr_26rem]">
      <section aria-labelledby="coming" class="min-w-0">
        <h2 id="coming" class="sr-only">Coming</h2>
        <NoticePlate v-if="list.said.value" :said="list.said.value" class="mb-2" />
        <template v-for="[day, own] in days" :key="day">
          <h3 class="sturdy mt-2 text-lg">{{ day === today ? 'Today' : dayWords(day) }}</h3>
          <ul class="mt-1 space-y-2">
            <li
              v-for="group in own"
              :key="group.id"
              class="rounded-lg border-2 border-ink/55 bg-plate px-3 py-2"
              :data-group-row="group.name"
            >
              <div class="flex items-start gap-x-4 gap-y-1 max-sm:flex-wrap">
                <p class="sturdy leading-tight">
                  {{ clock(group.outAt, fleet.siteById.get(group.siteId)?.timeZone) }}<br /><span
                    class="text-soft"
                    >{{ clock(group.backAt, fleet.siteById.get(group.siteId)?.timeZone) }}</span
                  >
                </p>
                <div class="min-w-0 grow basis-48">
                  <p class="text-lg font-semibold leading-tight">
                    {{ group.name }}
                    <span class="text-base font-normal text-soft"
                      >· {{ fleet.siteById.get(group.siteId)?.name }}</span
                    >
                  </p>
                  <p class="figures leading-snug">
                    {{ group.wants.map((want) => wantWords(want)).join(', ') }}
                  </p>
                  <p
                    v-if="coverOf(group)"
                    class="figures leading-snug"
                    :class="shortWords(coverOf(group)!.wants) ? 'font-semibold text-watch' : 'text-act'"
                  >
                    {{ coverOf(group)!.cleared }} of {{ coverOf(group)!.needed }} cleared<template
                      v-if="shortWords(coverOf(group)!.wants)"
                    >
                      · short {{ shortWords(coverOf(group)!.wants) }}</template
                    ><template v-if="standInWords(coverOf(group)!.wants)">
                      · {{ standInWords(coverOf(group)!.wants) }}</template
                    >
                  </p>
                </div>
                <div v-if="session.may('edit-fleet')" class="flex shrink-0 gap-1">
                  <ActButton @click="changing = { group, bikes: wantText(group.wants) }">Change</ActButton>
                  <ActButton kind="quiet" :disabled="list.busy.value" @click="remove(group)"
                    >Remove</ActButton
                  >
                </div>
              </div>
              <form
                v-if="changing?.group.id === group.id"
                class="mt-2 flex flex-wrap items-end gap-2"
                @submit.prevent="saveChange"
              >
                <label class="grow"
                  ><span class="font-semibold">Bikes of {{ group.name }}</span
                  ><input
                    v-model="changing.bikes"
                    class="mt-1 h-12 w-full rounded-md border-2 border-ink/60 bg-plate px-3"
                /></label>
                <ActButton kind="main" type="submit">Save</ActButton
                ><ActButton @click="changing = null">Leave it</ActButton>
              </form>
            </li>
          </ul>
        </template>
        <p v-if="days.length === 0 && !fleet.wall" class="text-soft" role="status">Fetching the groups …</p>
        <p v-else-if="days.length === 0 && !list.busy.value" class="text-lg">
          No group is due out in the next three weeks.
        </p>
      </section>
      <section
        v-if="session.may('edit-fleet')"
        aria-labelledby="new"
        class="min-w-0 rounded-lg bg-sunk p-4 min-[900px]:self-start"
      >
        <h2 id="new" class="sturdy text-xl">Add groups</h2>
        <ChoiceField
          v-model="siteId"
          class="mt-2"
          label="At"
          :options="(fleet.wall?.sites ?? []).map((each) => ({ value: each.id, label: each.name }))"
        />
        <form class="mt-2" @submit.prevent="take">
          <label for="lines" class="font-semibold">Type or paste, one group a line</label>
          <textarea
            id="lines"
            v-model="pasted"
            rows="4"
            class="mt-1 w-full rounded-md border-2 border-ink/60 bg-plate px-3 py-2 placeholder:text-soft"
            placeholder="09:30-11:30 Year 5: 8 x 24in, 2 x 20in&#10;13:00-15:00 Evening club: 6 hardtail M"
            aria-describedby="lines-hint"
          />
          <p id="lines-hint" class="text-[0.95rem] text-soft">
            Times, a name, then the bikes. A date like 2026-05-31 first, when it is not today.
          </p>
          <div class="mt-2 flex flex-wrap gap-2">
            <ActButton type="submit" :disabled="pasted.trim() === ''" data-take-lines
              >Read these lines</ActButton
            >
            <label
              class="inline-flex min-h-12 items-center rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold focus-within:outline-3 focus-within:outline-act"
              >From a calendar (.ics)<input
                type="file"
                accept=".ics,text/calendar"
                class="sr-only"
                data-calendar
                @change="takeFile"
            /></label>
          </div>
        </form>
        <NoticePlate v-if="adding.said.value" :said="adding.said.value" class="mt-2" />
        <p v-if="said" role="status" class="mt-2 font-semibold">{{ said }}</p>
        <ul v-if="drafts.drafts.value.length" class="mt-3 space-y-3">
          <li
            v-for="draft in drafts.drafts.value"
            :key="draft.id"
            class="rounded-md border-2 bg-plate p-2"
            :class="drafts.read(draft).wrong.length ? 'border-watch' : 'border-act'"
            data-draft
          >
            <label class="sr-only" :for="`n-${draft.id}`">Name</label>
            <input
              :id="`n-${draft.id}`"
              v-model="draft.name"
              maxlength="80"
              placeholder="Name"
              class="h-12 w-full rounded-md border-2 border-line bg-plate px-2 font-semibold"
            />
            <div class="mt-1 flex flex-wrap gap-1">
              <input
                v-model="draft.day"
                type="date"
                :aria-label="`Day of ${draft.name}`"
                class="h-12 w-36 grow rounded-md border-2 border-line bg-plate px-2"
              />
              <input
                v-model="draft.out"
                type="time"
                :aria-label="`Out, ${draft.name}`"
                class="h-12 w-24 grow rounded-md border-2 border-line bg-plate px-1"
              />
              <input
                v-model="draft.back"
                type="time"
                :aria-label="`Back, ${draft.name}`"
                class="h-12 w-24 grow rounded-md border-2 border-line bg-plate px-1"
              />
            </div>
            <input
              v-model="draft.bikes"
              placeholder="8 x 24in, 4 hybrid M"
              :aria-label="`Bikes of ${draft.name}`"
              class="mt-1 h-12 w-full rounded-md border-2 border-line bg-plate px-2"
            />
            <p
              v-for="line in drafts.read(draft).wrong"
              :key="line"
              class="mt-1 text-[0.95rem] font-semibold text-watch"
            >
              {{ line }}
            </p>
            <ActButton
              kind="quiet"
              @click="drafts.drafts.value = drafts.drafts.value.filter((each) => each.id !== draft.id)"
              >Leave this one out</ActButton
            >
          </li>
        </ul>
        <ActButton
          v-if="drafts.drafts.value.length"
          kind="main"
          big
          class="mt-3 w-full"
          :disabled="adding.busy.value || drafts.ready.value.length === 0"
          data-add-groups
          @click="add"
          >Add {{ count(drafts.ready.value.length, 'group') }}</ActButton
        >
      </section>
    </div>
  </main>
</template>
