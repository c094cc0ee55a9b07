<script setup lang="ts">
import { DAY_MS } from '@cadre/core/time';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { AnswerOf } from '@cadre/contract/http';
import { listCosts } from '@cadre/contract/repairs';
import type { BikeKind } from '@cadre/core/fleet';
import type { CostRow } from '@cadre/core/repairs';
import { now as serverNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useCatalogue } from '@cadre/web/catalogue';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useMoney } from '@cadre/web/parts';
import { ChoiceChips, NoticePlate, useRefusal } from '@cadre/web/ui';
import WaitingForUpkeep from './WaitingForUpkeep.vue';
import * as t from './messages';

/** What repairs cost: parts and minutes, by what was repaired, bike, kind and month; and what waiting with upkeep would. */
const SPANS = [
  { value: '30', label: t.n30Days },
  { value: '90', label: t.n90Days },
  { value: '365', label: t.oneYear },
] as const;
const fleet = useFleet();
if (!fleet.wall) void fleet.load();
const catalogue = useCatalogue();
if (!catalogue.known) void catalogue.load();
const money = useMoney();
const route = useRoute();
const router = useRouter();
const refusal = useRefusal();
const costs = ref<AnswerOf<typeof listCosts> | null>(null);
const span = computed(() => SPANS.find((each) => each.value === route.query.days)?.value ?? '90');
const rate = computed(() => catalogue.policy()?.money.hourlyRate ?? 0);
watch(
  span,
  () =>
    void refusal.run(async () => {
      const to = serverNow();
      costs.value = await send(listCosts, { query: { from: to - Number(span.value) * DAY_MS, to } });
    }),
  { immediate: true },
);
const MONTH = new Intl.DateTimeFormat('en', { month: 'long', year: 'numeric', timeZone: 'UTC' });
const tables = computed(() => {
  const of = costs.value;
  if (!of) return [];
  return [
    { name: t.byRepair, rows: of.byFinding.slice(0, 12), word: (key: string) => key },
    {
      name: t.byBike,
      rows: of.byBike.slice(0, 12),
      word: (key: string) => fleet.bikeById.get(key)?.tag ?? t.deletedBike,
    },
    { name: t.kindBike, rows: of.byKind, word: (key: string) => KIND_WORDS[key as BikeKind] },
    {
      name: t.byMonth,
      rows: of.byMonth,
      word: (key: string) => MONTH.format(new Date(`${key}-15T00:00:00Z`)),
    },
  ];
});
/** Without a rate, minutes are what there is to compare. */
const weight = (row: CostRow): number => (costs.value && costs.value.total.cost > 0 ? row.cost : row.minutes);
const share = (row: CostRow, rows: readonly CostRow[]): string =>
  `${(100 * weight(row)) / Math.max(1, ...rows.map(weight))}%`;
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-16 pt-4" data-costs>
    <div class="flex flex-wrap items-end gap-x-6 gap-y-3">
      <h1 class="sturdy mr-auto text-3xl leading-tight">{{ t.whatRepairsCost }}</h1>
      <ChoiceChips
        :name="t.time"
        :options="SPANS"
        :chosen="[span]"
        @toggle="(days) => router.replace({ query: { ...route.query, days } })"
      />
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-3" />
    <template v-if="costs">
      <p class="figures mt-3 flex flex-wrap items-baseline gap-x-6 text-lg">
        <span class="sturdy text-4xl" data-total>{{ money.show(costs.total.cost) }}</span>
        <span>{{ t.repairCount({ repairs: costs.total.repairs }) }}</span>
        <span>{{ t.partsShow({ show: money.show(costs.total.parts) }) }}</span>
        <span>{{
          t.minutesMinPart({
            minutes: Math.round(costs.total.minutes),
            part: rate ? t.showHour({ show: money.show(rate) }) : '',
          })
        }}</span>
      </p>
      <p v-if="rate === 0" class="text-watch">
        {{ t.noHourlyRateSet }}
        <RouterLink :to="{ name: 'policy' }" class="font-semibold underline">{{ t.policy }}</RouterLink>.
      </p>
      <div class="mt-4 grid gap-6 min-[900px]:grid-cols-2">
        <section
          v-for="table in tables"
          :key="table.name"
          class="rounded-lg border-2 border-line bg-plate p-4"
        >
          <h2 class="sturdy text-xl">{{ table.name }}</h2>
          <p v-if="table.rows.length === 0" class="text-soft">{{ t.noRepairsInPeriod }}</p>
          <ul class="mt-1">
            <li v-for="row in table.rows" :key="row.key" class="border-t border-line py-1.5 first:border-0">
              <p class="flex items-baseline gap-x-3 leading-snug max-sm:flex-wrap">
                <span class="min-w-0 grow max-sm:basis-full">{{ table.word(row.key) }}</span><span
                  class="figures shrink-0 text-[0.95rem] text-soft"
                  >{{ t.repairMinutesMin({ repairs: row.repairs, minutes: Math.round(row.minutes) }) }}</span
                ><span class="figures sturdy w-24 shrink-0 text-right">{{ money.show(row.cost) }}</span>
              </p>
              <div class="mt-0.5 h-1.5 rounded bg-sunk" aria-hidden="true">
                <div class="h-full rounded bg-act" :style="{ width: share(row, table.rows) }" />
              </div>
            </li>
          </ul>
        </section>
        <WaitingForUpkeep />
      </div>
    </template>
    <p v-else class="mt-4 text-soft" role="status">{{ t.loadingCosts }}</p>
  </main>
</template>
