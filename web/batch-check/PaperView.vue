<script setup lang="ts">
import { computed, onMounted, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { questionsOf, zonesOf, type Question } from '@cadre/core/catalogue';
import { inScope, batchColumns, type BatchColumn } from '@cadre/core/batch-check';
import { count, dayAt, now } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { withPosition, ZONE_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import CodeSquare from './CodeSquare.vue';
import { columnName } from './cell-words';
import { batchQuery, readLineAddress } from './batch-address';
import { EACH_RIDE_OUT } from './use-batch-checklists';

/** The batch on paper, for the day the tablet is dead: the same bikes down, the same looks across, and a code that leads back. */
const route = useRoute();
const router = useRouter();
const fleet = useFleet();
const catalogue = useCatalogue();
const address = computed(() => readLineAddress(route.query));
/** Printed at the site the bikes are at. */
const zone = computed(() => fleet.siteById.get(bikes.value[0]?.siteId ?? '')?.timeZone);
const byTag = computed(() => new Map(fleet.bikes.map((bike) => [bike.tag.toUpperCase(), bike])));
const bikes = computed(() =>
  address.value.tags.flatMap((tag): readonly Bike[] =>
    [byTag.value.get(tag.toUpperCase())].filter((bike) => bike !== undefined),
  ),
);
const askedBy = shallowRef<ReadonlyMap<string, readonly Question[]>>(new Map());
const checklistName = computed(() =>
  address.value.checklistKey === EACH_RIDE_OUT
    ? 'Ride-out'
    : (catalogue.summaryOf(address.value.checklistKey)?.name ?? ''),
);
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  if (!catalogue.known) await catalogue.load();
});
watch(
  [bikes, () => address.value.checklistKey, () => catalogue.known],
  async () => {
    const found = new Map<string, readonly Question[]>();
    for (const bike of bikes.value) {
      const { checklistKey } = address.value;
      const checklist =
        checklistKey === EACH_RIDE_OUT
          ? await catalogue.checklistFor(bike.build.kind)
          : await catalogue.checklistByKey(checklistKey);
      if (checklist)
        found.set(bike.id, questionsOf(checklist.checklist, { build: bike.build, parts: bike.parts }));
    }
    askedBy.value = found;
  },
  { immediate: true },
);
const columns = computed(() =>
  batchColumns([...askedBy.value.values()], address.value.scope, zonesOf('m-front-first')),
);
const isAsked = (bike: Bike, column: BatchColumn): boolean =>
  (askedBy.value.get(bike.id) ?? []).some((each) =>
    column.kind === 'zone' ? each.zone === column.zone : each.key === column.key,
  );
/** What each column stands for, so that nobody needs the screen to know. */
const legend = computed(() =>
  columns.value.map((column) => {
    const looks = new Map<string, Question>();
    for (const questions of askedBy.value.values())
      for (const each of questions)
        if (
          (column.kind === 'zone' ? each.zone === column.zone : each.key === column.key) &&
          inScope(each, address.value.scope)
        )
          looks.set(each.key, each);
    return {
      key: column.key,
      name: columnName(column),
      looks: [...looks.values()],
      zone: ZONE_WORDS[column.zone],
    };
  }),
);
const cautions = computed(() =>
  [...new Set(legend.value.flatMap((each) => each.looks).flatMap((each) => each.checkpoint.cautions))].slice(
    0,
    8,
  ),
);
const keyIn = computed(
  () => router.resolve({ name: 'batch-check', query: batchQuery({ ...address.value, way: 'paper' }) }).href,
);
const print = (): void => window.print();
const { origin } = location;
const loopback = /^(localhost|127\.|\[::1\])/.test(location.hostname);
const pages = computed(() => {
  const each = columns.value.every((column) => column.kind === 'question') ? 16 : 12;
  return Array.from({ length: Math.ceil(bikes.value.length / each) }, (_, index) =>
    bikes.value.slice(index * each, (index + 1) * each),
  );
});
</script>

<template>
  <main class="mx-auto max-w-6xl px-4 pb-16 pt-3 print:m-0 print:max-w-none print:p-0" data-paper>
    <div class="mb-3 flex flex-wrap items-center gap-2 print:hidden">
      <h1 class="sturdy mr-auto text-2xl">{{ checklistName }} on paper</h1>
      <ActButton :to="keyIn" data-key-in>Key it in</ActButton>
      <ActButton kind="main" data-print @click="print">Print {{ count(pages.length, 'page') }}</ActButton>
      <p v-if="loopback" class="basis-full text-watch">
        This address only works on this very machine; the code on the page leads nowhere else.
      </p>
    </div>
    <p v-if="bikes.length === 0" class="print:hidden">
      No bikes chosen.
      <RouterLink :to="{ name: 'batch-check' }" class="text-act underline"
        >Choose them for a batch check</RouterLink
      >, then print.
    </p>
    <article
      v-for="(page, index) in pages"
      :key="index"
      class="paper-page relative mb-6 overflow-x-auto bg-white p-6 text-black max-sm:p-3 shadow print:mb-0 print:p-0 print:overflow-visible print:shadow-none"
      :aria-label="`Page ${index + 1}`"
      tabindex="0"
    >
      <header class="flex items-start gap-4 border-b-2 border-black pb-2">
        <div class="min-w-0 grow">
          <h2 class="sturdy text-2xl leading-tight">{{ checklistName }}</h2>
          <p class="text-sm">Printed {{ dayAt(now(), zone) }} · page {{ index + 1 }} of {{ pages.length }}</p>
          <p class="mt-2 text-sm">
            Day ____________ &nbsp; Looked over by ______________________ &nbsp; from ______ to ______
          </p>
          <p class="mt-2 text-sm leading-snug">
            Write in each box: <b>P</b> pass · <b>F</b> fail · <b>W</b> watch · <b>X</b> fixed on the spot ·
            <b>S</b> skipped, or the number. A box left empty is skipped: without every critical look (heavy
            print) a bike is not cleared. A bike with an F hangs apart until it is keyed in.
          </p>
        </div>
        <CodeSquare
          class="size-28 shrink-0"
          :text="`${origin}${keyIn}`"
          label="Code that opens this checklist to key it in"
        />
      </header>
      <table class="mt-2 w-full min-w-[46rem] border-collapse print:min-w-0 text-[0.8rem]">
        <thead>
          <tr>
            <th class="w-20 border border-black px-1 text-left align-bottom">Bike</th>
            <th
              v-for="(each, at) in legend"
              :key="each.key"
              class="border border-black px-0.5 text-center align-bottom font-semibold leading-tight"
            >
              <span class="block text-[0.65rem]">{{ at + 1 }}</span>{{ each.name }}
            </th>
            <th class="w-[28%] border border-black px-1 text-left align-bottom">What is wrong, and where</th>
            <th class="w-12 border border-black px-1 align-bottom">Initials</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="bike in page" :key="bike.id" class="h-10">
            <th class="border border-black px-1 text-left">
              <span class="sturdy text-base">{{ bike.tag }}</span>{{ ' '
              }}<span class="whitespace-nowrap font-normal">{{ bike.size }}</span>
            </th>
            <td
              v-for="column in columns"
              :key="column.key"
              class="border border-black text-center"
              :class="!isAsked(bike, column) && 'bg-neutral-300'"
            >
              <span v-if="!isAsked(bike, column)" class="text-[0.6rem]">not asked</span>
            </td>
            <td class="border border-black" />
            <td class="border border-black" />
          </tr>
        </tbody>
      </table>
      <div class="mt-3 columns-2 gap-6 text-[0.72rem] leading-snug">
        <p v-for="(each, at) in legend" :key="each.key" class="mb-1.5 break-inside-avoid">
          <b>{{ at + 1 }} {{ each.name }}:</b>
          <template v-for="(look, no) in each.looks" :key="look.key"
            >{{ no ? ' · ' : ' '
            }}<span :class="look.critical && 'font-semibold'">{{
              columns.every((column) => column.kind === 'question')
                ? look.checkpoint.passWhen
                : withPosition(look.checkpoint.name, look.position)
            }}</span></template
          >
        </p>
      </div>
      <ul v-if="cautions.length" class="mt-2 border-t border-black pt-1 text-[0.72rem] leading-snug">
        <li v-for="caution in cautions" :key="caution">! {{ caution }}</li>
      </ul>
    </article>
  </main>
</template>
