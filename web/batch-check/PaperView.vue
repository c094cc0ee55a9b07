<script setup lang="ts">
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import { batchQuery, readLineAddress } from './batch-address';
import PaperHead from './PaperHead.vue';
import PaperPage from './PaperPage.vue';
import { usePaper } from './use-paper';
import * as t from './messages';

/** The batch on paper, for the day the tablet is dead: the same bikes down, the same questions across, and a code that leads back. */
const route = useRoute();
const router = useRouter();
const fleet = useFleet();
const address = computed(() => readLineAddress(route.query));
const { bikes, checklistName, columns, legend, isAsked, pages } = usePaper(address);
/** Printed at the site the bikes are at. */
const zone = computed(() => fleet.siteById.get(bikes.value[0]?.siteId ?? '')?.timeZone);
const keyIn = computed(
  () => router.resolve({ name: 'batch-check', query: batchQuery({ ...address.value, way: 'paper' }) }).href,
);
const print = (): void => window.print();
const loopback = /^(localhost|127\.|\[::1\])/.test(location.hostname);
</script>

<template>
  <main class="max-w-6xl px-4 pb-16 pt-3 print:m-0 print:max-w-none print:p-0" data-paper>
    <div class="mb-3 flex flex-wrap items-center gap-2 print:hidden">
      <h1 class="sturdy mr-auto text-2xl">{{ t.checklistNameOnPaper({ checklistName }) }}</h1>
      <ActButton :to="keyIn" data-key-in>{{ t.enterAnswers }}</ActButton>
      <ActButton kind="main" data-print @click="print">{{ t.printPage({ pages: pages.length }) }}</ActButton>
      <p v-if="loopback" class="basis-full text-watch">
        {{ t.addressWorksOnlyOn }}
      </p>
    </div>
    <p v-if="bikes.length === 0" class="print:hidden">
      {{ t.noBikesChosen }}
      <RouterLink :to="{ name: 'batch-check' }" class="text-act underline">{{
        t.chooseBikesForBatch
      }}</RouterLink>{{ t.thenPrint }}
    </p>
    <PaperPage
      v-for="(page, index) in pages"
      :key="index"
      :aria-label="t.pageIndex({ index: index + 1 })"
      :bikes="page"
      :columns="columns"
      :legend="legend"
      :is-asked="isAsked"
    >
      <PaperHead :name="checklistName" :page="index + 1" :of="pages.length" :zone="zone" :key-in="keyIn" />
    </PaperPage>
  </main>
</template>
