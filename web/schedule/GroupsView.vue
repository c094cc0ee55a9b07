<script setup lang="ts">
import { DAY_MS } from '@cadre/core/time';
import { computed, onMounted, ref, watch } from 'vue';
import { listGroups, type Group } from '@cadre/contract/schedule';
import { siteDay } from '@cadre/core/schedule';
import { dayWords, now as serverNow, useNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { NoticePlate, useRefusal } from '@cadre/web/ui';
import AddGroups from './AddGroups.vue';
import GroupCard from './GroupCard.vue';
import { useCover } from './use-cover';
import * as t from './messages';

/** Groups due out: what is coming with how far the cleared bikes go round, and new ones typed, pasted or read from a calendar. */
const fleet = useFleet();
const session = useSession();
const now = useNow();
const list = useRefusal();
const covers = useCover();
const groups = ref<readonly Group[]>([]);
const siteId = ref('');
const site = computed(() => fleet.siteById.get(siteId.value));
const zone = computed(() => site.value?.timeZone ?? 'UTC');

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
</script>

<template>
  <main class="max-w-6xl px-4 pb-12 pt-3">
    <h1 class="sturdy text-2xl">{{ t.groups }}</h1>
    <div class="mt-3 grid gap-6 min-[900px]:grid-cols-[1fr_26rem]">
      <section aria-labelledby="coming" class="min-w-0">
        <h2 id="coming" class="sr-only">{{ t.comingGroups }}</h2>
        <NoticePlate v-if="list.said.value" :said="list.said.value" class="mb-2" />
        <template v-for="[day, own] in days" :key="day">
          <h3 class="sturdy mt-2 text-lg">{{ day === today ? t.today : dayWords(day) }}</h3>
          <ul class="mt-1 space-y-2">
            <GroupCard v-for="group in own" :key="group.id" :group="group" :cover="coverOf(group)" />
          </ul>
        </template>
        <p v-if="days.length === 0 && !fleet.wall" class="text-soft" role="status">{{ t.loadingGroups }}</p>
        <p v-else-if="days.length === 0 && !list.busy.value" class="text-lg">
          {{ t.noGroupsInNext }}
        </p>
      </section>
      <AddGroups
        v-if="session.may('edit-fleet')"
        v-model:site-id="siteId"
        :zone="zone"
        :today="today"
        class="min-[900px]:self-start"
      />
    </div>
  </main>
</template>
