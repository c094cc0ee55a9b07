<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { Trash2 } from '@lucide/vue';
import { setOpening, type Site } from '@cadre/contract/fleet';
import {
  ALWAYS_OPEN,
  dayAfter,
  openingIssues,
  opensOn,
  siteDay,
  weekdayOf,
  type Opening,
  type OpeningException,
} from '@cadre/core/schedule';
import { useAct } from '@cadre/web/platform/act';
import { fieldWords } from '@cadre/web/platform/api';
import { dayWords, now as serverNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import {
  ActButton,
  CheckField,
  IconButton,
  NoticePlate,
  SelectField,
  TextField,
  useRefusal,
} from '@cadre/web/ui';
import { takeDaysFile } from './calendar-file';
import { shortDay, WEEKDAYS } from './opening-wording';
import * as t from './messages';

/** On which days a site opens: by weekday, and day by day where it is otherwise. */
const fleet = useFleet();
const session = useSession();
const act = useAct();
const refusal = useRefusal();
const siteId = ref('');
const opening = shallowRef<Opening>(ALWAYS_OPEN);
const said = ref('');
const site = computed(() => fleet.siteById.get(siteId.value) ?? null);
const may = computed(() => session.may('edit-program'));
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
watch(
  () => fleet.wall?.sites[0]?.id,
  (first) => (siteId.value ||= first ?? ''),
  { immediate: true },
);
/** As it stands on record; what is being changed is never taken from under the hand. */
const recorded = computed<Opening>(() => (site.value as Site | null)?.opening ?? ALWAYS_OPEN);
watch(siteId, () => (opening.value = recorded.value), { immediate: true });
watch(recorded, (fresh, before) => {
  if (JSON.stringify(opening.value) === JSON.stringify(before)) opening.value = fresh;
});
const changed = computed(() => JSON.stringify(opening.value) !== JSON.stringify(recorded.value));
const issues = computed(() => openingIssues(opening.value));
const errorOf = (path: string): string | null => {
  const issue = issues.value.find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
const today = computed(() => siteDay(serverNow(), site.value?.timeZone ?? 'UTC'));
const weeks = computed(() => {
  const here = { opensAt: site.value?.opensAt ?? '09:00', opening: opening.value };
  return Array.from({ length: 28 }, (_, ahead) => {
    const day = dayAfter(today.value, ahead);
    return {
      day,
      opensAt: opensOn(here, day),
      name: opening.value.exceptions.find((each) => each.day === day)?.name,
    };
  });
});
function set(part: Partial<Opening>): void {
  said.value = '';
  opening.value = { ...opening.value, ...part };
}
const openOn = (weekday: number, yes: boolean): void =>
  set({
    closedOn: WEEKDAYS.map(({ number }) => number).filter((each) =>
      each === weekday ? !yes : opening.value.closedOn.includes(each),
    ),
  });
const change = (at: number, part: Partial<OpeningException>): void =>
  set({
    exceptions: opening.value.exceptions.map((each, index) => (index === at ? { ...each, ...part } : each)),
  });
const byDay = (exceptions: readonly OpeningException[]): readonly OpeningException[] =>
  [...exceptions].sort((a, b) => (a.day < b.day ? -1 : 1));
/** A new day begins as the first one ahead that nothing is said of. */
const freeDay = computed(() => {
  const known = new Set(opening.value.exceptions.map((each) => each.day));
  let day = dayAfter(today.value);
  while (known.has(day)) day = dayAfter(day);
  return day;
});
async function takeFile(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  refusal.said.value = null;
  const taken = await takeDaysFile(file, today.value, dayAfter(today.value, 366));
  if ('said' in taken) {
    refusal.said.value = taken.said;
    return;
  }
  const known = new Set(opening.value.exceptions.map((each) => each.day));
  const fresh = taken.days.filter((each) => !known.has(each.day));
  set({
    exceptions: byDay([...opening.value.exceptions, ...fresh.map((each) => ({ ...each, opensAt: null }))]),
  });
  said.value = t.daysRead({ days: fresh.length, name: file.name });
}
async function save(): Promise<void> {
  const here = site.value;
  if (!here || issues.value.length > 0) return;
  const done = await refusal.run(async () => {
    const body = JSON.parse(JSON.stringify({ opening: opening.value, before: recorded.value })) as {
      opening: NonNullable<Site['opening']>;
      before: NonNullable<Site['opening']>;
    };
    await act(setOpening, { params: { id: here.id }, body });
    await fleet.load();
    opening.value = recorded.value;
    said.value = t.openingDaysSaved;
  });
  // Somebody else saved meanwhile: what is typed stays, and can be saved over theirs once that was said.
  if (!done && refusal.error.value?.problem.code === 'conflict.version') await fleet.load();
}
</script>

<template>
  <main class="max-w-6xl px-4 pb-16 pt-4" data-opening-days>
    <h1 class="sturdy text-2xl">{{ t.openingDays }}</h1>
    <p v-if="!may" class="mt-1 text-soft">{{ t.onlyLeadChanges }}</p>
    <div v-if="site" class="mt-3 grid gap-6 lg:grid-cols-[1fr_26rem]">
      <fieldset class="min-w-0 space-y-5" :disabled="!may">
        <SelectField
          v-if="(fleet.wall?.sites.length ?? 0) > 1"
          v-model="siteId"
          class="max-w-80"
          :label="t.site"
          :options="(fleet.wall?.sites ?? []).map((each) => ({ value: each.id, label: each.name }))"
        />
        <fieldset>
          <legend class="sturdy text-xl">{{ t.openOn }}</legend>
          <div class="mt-1 flex flex-wrap gap-x-5">
            <CheckField
              v-for="weekday in WEEKDAYS"
              :key="weekday.number"
              :model-value="!opening.closedOn.includes(weekday.number)"
              :data-weekday="weekday.number"
              @update:model-value="(yes) => openOn(weekday.number, yes)"
              >{{ weekday.name }}</CheckField
            >
          </div>
          <p v-if="errorOf('closedOn')" class="font-semibold text-held" role="alert">
            {{ errorOf('closedOn') }}
          </p>
        </fieldset>
        <section aria-labelledby="other-days">
          <h2 id="other-days" class="sturdy text-xl">{{ t.otherDays }}</h2>
          <p class="text-soft">{{ t.otherDaysSay }}</p>
          <ul v-if="opening.exceptions.length" class="mt-1 divide-y divide-line">
            <li
              v-for="(exception, at) in opening.exceptions"
              :key="at"
              class="flex flex-wrap items-start gap-2 py-2"
              :data-other-day="exception.day"
            >
              <TextField
                class="w-44"
                type="date"
                :label="t.day"
                :model-value="exception.day"
                :error="errorOf(`exceptions.${at}.day`)"
                @update:model-value="(day: string) => change(at, { day })"
              />
              <SelectField
                class="w-40"
                :label="t.thatDay"
                :model-value="exception.opensAt === null ? 'closed' : 'opens'"
                :options="[
                  { value: 'closed', label: t.closed },
                  { value: 'opens', label: t.opensAtAnother },
                ]"
                @update:model-value="
                  (kind: string) => change(at, { opensAt: kind === 'closed' ? null : site!.opensAt })
                "
              />
              <TextField
                v-if="exception.opensAt !== null"
                class="w-32"
                type="time"
                :label="t.openingTime"
                :model-value="exception.opensAt"
                :error="errorOf(`exceptions.${at}.opensAt`)"
                @update:model-value="(opensAt: string) => change(at, { opensAt })"
              />
              <TextField
                class="min-w-40 grow"
                maxlength="80"
                :label="t.nameOfDay"
                :model-value="exception.name"
                @update:model-value="(name: string) => change(at, { name })"
              />
              <IconButton
                class="mt-7"
                :name="t.removeDay({ number: at + 1 })"
                @click="set({ exceptions: opening.exceptions.filter((_, index) => index !== at) })"
                ><Trash2
              /></IconButton>
            </li>
          </ul>
          <p v-else class="mt-1 text-soft">{{ t.noOtherDays }}</p>
          <div class="mt-2 flex flex-wrap items-center gap-3">
            <ActButton
              data-add-day
              @click="set({ exceptions: [...opening.exceptions, { day: freeDay, opensAt: null, name: '' }] })"
              >{{ t.addDay }}</ActButton
            >
            <label class="cursor-pointer font-semibold text-act underline focus-within:outline-3"
              >{{ t.readHolidays
              }}<input
                type="file"
                accept=".ics,text/calendar"
                class="sr-only"
                data-holidays
                @change="takeFile"
            /></label>
          </div>
        </section>
        <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
        <p v-if="said" role="status" class="font-semibold">{{ said }}</p>
        <ActButton
          v-if="may"
          kind="main"
          :disabled="!changed || issues.length > 0 || refusal.busy.value"
          data-save-opening
          @click="save"
          >{{ t.saveOpeningDays }}</ActButton
        >
      </fieldset>
      <section aria-labelledby="next-days">
        <h2 id="next-days" class="sturdy text-xl">{{ t.nextDays }}</h2>
        <ol class="figures mt-1 grid grid-cols-7 gap-1" aria-hidden="true">
          <li v-for="weekday in WEEKDAYS" :key="weekday.number" class="text-center text-sm text-soft">
            {{ weekday.name.slice(0, 2) }}
          </li>
        </ol>
        <ol class="figures grid grid-cols-7 gap-1">
          <li
            v-for="(each, index) in weeks"
            :key="each.day"
            class="rounded-md border-2 py-1 text-center text-sm leading-tight"
            :class="each.opensAt === null ? 'border-dashed border-line text-soft' : 'border-line bg-plate'"
            :style="index === 0 ? { gridColumnStart: weekdayOf(each.day) } : undefined"
            :data-day="each.day"
            :title="each.name"
          >
            <span class="sr-only">{{ dayWords(each.day) }}</span><span
              aria-hidden="true"
              class="font-semibold"
              >{{ shortDay(each.day, index === 0) }}</span
            ><br />{{ each.opensAt ?? t.closedOnDay }}
          </li>
        </ol>
      </section>
    </div>
    <p v-else class="p-4 text-soft" role="status">{{ t.openingDays }}</p>
  </main>
</template>
