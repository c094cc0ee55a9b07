<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import ReportCard from './ReportCard.vue';
import { useReports } from './use-reports';
import * as t from './messages';

/** Every report nobody has dealt with, the oldest that holds a bike first; below, what became of those of the last days. */
const fleet = useFleet();
const catalogue = useCatalogue();
const { data } = useReports();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
  void catalogue.load();
});
const shown = computed(() =>
  (data.value?.reports ?? []).flatMap((report) => {
    const bike = fleet.bikeById.get(report.bikeId);
    return bike ? [{ report, bike }] : [];
  }),
);
const unread = computed(() =>
  shown.value
    .filter(({ report }) => report.state === 'unread')
    .toSorted((a, b) => Number(b.report.holds) - Number(a.report.holds) || a.report.at - b.report.at),
);
const dealt = computed(() => shown.value.filter(({ report }) => report.state !== 'unread'));
</script>

<template>
  <main class="mx-auto max-w-4xl space-y-4 px-4 pb-12 pt-3 max-sm:px-2" data-reports>
    <h1 class="sturdy text-2xl">{{ t.reports }}</h1>
    <p v-if="!data || !fleet.wall" role="status" class="text-soft">{{ t.loading }}</p>
    <template v-else>
      <section aria-labelledby="unread" class="space-y-2">
        <h2 id="unread" class="sturdy text-lg">
          {{ t.unread }} <span class="figures text-soft">{{ unread.length }}</span>
        </h2>
        <p v-if="unread.length === 0" class="text-soft">{{ t.noneUnread }}</p>
        <ul class="space-y-2">
          <ReportCard
            v-for="({ report, bike }, index) in unread"
            :key="report.id"
            :report="report"
            :bike="bike"
            :main="index === 0"
          />
        </ul>
      </section>
      <section v-if="dealt.length" aria-labelledby="dealt" class="space-y-2">
        <h2 id="dealt" class="sturdy text-lg">{{ t.dealtWith }}</h2>
        <ul class="space-y-2">
          <ReportCard
            v-for="{ report, bike } in dealt"
            :key="report.id"
            :report="report"
            :bike="bike"
            :main="false"
          />
        </ul>
      </section>
    </template>
  </main>
</template>
