<script setup lang="ts">
import { computed, onMounted } from 'vue';
import type { StockItem } from '@cadre/contract/parts';
import { costOfWaiting } from '@cadre/core/measures';
import { placesOn } from '@cadre/core/parts';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useMoney, useStock } from '@cadre/web/parts';
import { NoticePlate, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** Upkeep never becomes a stop by itself; it gets dearer. A chain past its mark takes the cassette with it: both sums, from the shelf's own prices. */
const CHAIN_MINUTES = 20;
const SPROCKETS_MINUTES = 25;
const fleet = useFleet();
const catalogue = useCatalogue();
const stock = useStock();
const refusal = useRefusal();
const money = useMoney();
onMounted(() => void refusal.run(stock.load));
const rows = computed(() =>
  fleet.bikes
    .filter((bike) =>
      bike.facts.findings.some(
        (finding) => finding.checkpoint === 'chain-wear' && finding.severity === 'upkeep',
      ),
    )
    .flatMap((bike) => {
      const of = (kind: StockItem['kind']): StockItem | undefined =>
        stock.items.value.find(
          (item) =>
            item.kind === kind && placesOn(item, { build: bike.build, modelId: bike.modelId }).length > 0,
        );
      const [chain, cassette] = [of('chain'), of('cassette')];
      if (!chain || !cassette) return [];
      const sum = costOfWaiting(
        { parts: chain.price, minutes: CHAIN_MINUTES },
        { parts: cassette.price, minutes: SPROCKETS_MINUTES },
        catalogue.policy()?.money.hourlyRate ?? 0,
      );
      return sum.ok ? [{ id: bike.id, tag: bike.tag, ...sum.value }] : [];
    }),
);
</script>

<template>
  <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
  <section
    v-else-if="rows.length"
    class="rounded-lg border-2 border-line bg-plate p-4"
    aria-labelledby="waiting"
    data-waiting-costs
  >
    <h2 id="waiting" class="sturdy text-xl">{{ t.costWaiting }}</h2>
    <p class="text-[0.95rem] text-soft">
      {{ t.wornChainsCostNew }}
    </p>
    <ul class="mt-1">
      <li
        v-for="row in rows"
        :key="row.id"
        class="flex items-baseline gap-3 border-t border-line py-1.5 first:border-0"
      >
        <RouterLink
          :to="{ name: 'bench', params: { bikeId: row.id } }"
          class="sturdy inline-flex min-h-8 items-center text-act underline"
          >{{ row.tag }}</RouterLink><span class="figures grow text-right">{{
          t.nowShow({ show: money.show(row.now) })
        }}</span
        ><span class="figures">{{ t.laterShow({ show: money.show(row.later) }) }}</span>
      </li>
    </ul>
  </section>
</template>
