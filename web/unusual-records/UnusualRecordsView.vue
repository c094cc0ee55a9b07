<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue';
import { listUnusualRecords } from '@cadre/contract/unusual-records';
import type { AnswerOf } from '@cadre/contract/http';
import { dayAndClock, dayAt, useNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useFleet } from '@cadre/web/fleet';
import { shownValue } from '@cadre/web/measures';
import { NoticePlate, useRefusal } from '@cadre/web/ui';
import { wornName } from '@cadre/web/wear';
import * as t from './messages';

/** What looks unlikely in the records: for a word between two people, not a verdict on one. It blocks nothing. */
const fleet = useFleet();
const now = useNow();
const refusal = useRefusal();
const found = shallowRef<AnswerOf<typeof listUnusualRecords> | null>(null);
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  await refusal.run(async () => {
    found.value = await send(listUnusualRecords);
  });
});
/** Days and times of a bike are its site's; what is of no one bike is told in the first site's. */
const home = computed(() => fleet.wall?.sites[0]?.timeZone);
const zoneOf = (tag: string): string | undefined => {
  const siteId = fleet.bikes.find((bike) => bike.tag === tag)?.siteId;
  return (siteId && fleet.siteById.get(siteId)?.timeZone) || home.value;
};
</script>

<template>
  <main class="max-w-5xl space-y-5 px-4 pb-10 pt-3 max-sm:px-2" data-unusual-records>
    <header>
      <h1 class="sturdy text-3xl leading-tight">{{ t.unusualRecords }}</h1>
      <p class="max-w-[65ch] text-soft">
        {{ t.theseRecordsLookUnlikely }}
      </p>
    </header>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="!found && !refusal.said.value" class="text-soft" role="status">{{ t.loadingRecords }}</p>
    <template v-if="found">
      <p class="text-soft">{{ t.sinceDay({ day: dayAt(found.since, home) }) }}</p>
      <section aria-labelledby="hasty">
        <h2 id="hasty" class="sturdy text-xl">{{ t.answeredFasterThanPossible }}</h2>
        <ul class="mt-1 space-y-1.5">
          <li v-for="each in found.hasty" :key="each.checkId">
            <RouterLink
              :to="{ name: 'check', params: { checkId: each.checkId } }"
              class="flex min-h-12 flex-wrap items-center gap-x-3 rounded-md border-2 border-line bg-plate px-3 leading-tight"
            >
              <span class="sturdy text-lg underline">{{ each.tag }}</span>
              <span class="figures">{{
                t.checklistNameMarkWithinSeconds({
                  checklistName: each.checklistName,
                  marks: each.marks,
                  seconds: Math.round(each.seconds),
                })
              }}</span>
              <span class="ml-auto text-soft"
                >{{ fleet.nameOf(each.by) }}, {{ dayAndClock(each.at, now, zoneOf(each.tag)) }}</span
              >
            </RouterLink>
          </li>
        </ul>
        <p v-if="found.hasty.length === 0" class="text-soft">{{ t.noRecords }}</p>
      </section>
      <section aria-labelledby="odd-times">
        <h2 id="odd-times" class="sturdy text-xl">{{ t.impossibleTimes }}</h2>
        <p class="max-w-[65ch] text-soft">
          {{ t.devicesClockDifferedFrom }}
        </p>
        <ul class="mt-1 space-y-1.5">
          <li v-for="each in found.oddTimes" :key="each.checkId + each.by" data-odd-time>
            <RouterLink
              :to="{ name: 'check', params: { checkId: each.checkId } }"
              class="flex min-h-12 flex-wrap items-center gap-x-3 rounded-md border-2 border-line bg-plate px-3 leading-tight"
            >
              <span class="sturdy text-lg underline">{{ each.tag }}</span>
              <span class="figures">{{
                t.markDatedWhenRecorded({
                  marks: each.marks,
                  when: dayAndClock(each.at, now, zoneOf(each.tag)),
                  when2: dayAndClock(each.recordedAt, now, zoneOf(each.tag)),
                })
              }}</span>
              <span class="ml-auto text-soft">{{ fleet.nameOf(each.by) }}</span>
            </RouterLink>
          </li>
        </ul>
        <p v-if="found.oddTimes.length === 0" class="text-soft">{{ t.noRecords }}</p>
      </section>
      <section aria-labelledby="digits">
        <h2 id="digits" class="sturdy text-xl">{{ t.sameValueOnMany }}</h2>
        <ul class="mt-1 space-y-1.5">
          <li
            v-for="(each, index) in found.sameDigits"
            :key="index"
            class="rounded-md border-2 border-line bg-plate px-3 py-2 leading-snug"
          >
            <span class="figures"
              ><strong class="sturdy text-lg">{{ each.typed }}</strong>
              {{ t.onBikeInRow({ tags: each.tags.length }) }}</span
            >
            <span class="text-soft">
              · {{ fleet.nameOf(each.author) }},
              {{ dayAndClock(each.from, now, zoneOf(each.tags[0] ?? '')) }}</span
            >
            <span class="sturdy block text-[0.95rem]">{{ each.tags.join(' ') }}</span>
          </li>
        </ul>
        <p v-if="found.sameDigits.length === 0" class="text-soft">{{ t.noRecords }}</p>
      </section>
      <section aria-labelledby="healed">
        <h2 id="healed" class="sturdy text-xl">{{ t.wearBecameLess }}</h2>
        <p class="max-w-[65ch] text-soft">
          {{ t.wornPartMeasuredBetter }}
        </p>
        <ul class="mt-1 space-y-1.5">
          <li v-for="(each, index) in found.healed" :key="index" data-healed>
            <RouterLink
              :to="{ name: 'bike', params: { bikeId: each.bikeId } }"
              class="flex min-h-12 flex-wrap items-center gap-x-3 rounded-md border-2 border-line bg-plate px-3 leading-tight"
            >
              <span class="sturdy text-lg underline">{{ each.tag }}</span>
              <span class="figures">{{
                t.wornNameShownValueThenShownValue2({
                  wornName: wornName({ ...each, method: null }),
                  shownValue: shownValue(each.measure, each.before.value),
                  shownValue2: shownValue(each.measure, each.after.value),
                  part: each.after.better ? t.enteredAsLastMeasurement : '',
                })
              }}</span>
              <span class="ml-auto text-soft">{{ dayAndClock(each.after.at, now, zoneOf(each.tag)) }}</span>
            </RouterLink>
          </li>
        </ul>
        <p v-if="found.healed.length === 0" class="text-soft">{{ t.noRecords }}</p>
      </section>
    </template>
  </main>
</template>
