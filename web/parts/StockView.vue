<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { StockItem } from '@cadre/contract/parts';
import { PART_KINDS, plain } from '@cadre/core/fleet';
import { PART_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import OrderSheet from './OrderSheet.vue';
import StockItemForm from './StockItemForm.vue';
import StockRow, { type OpenStock } from './StockRow.vue';
import { useStock } from './use-stock';
import * as t from './messages';

/** The shelf: bins by kind of part, what is in them against the least, who waits for it, and the order that comes of it. */
const fleet = useFleet();
if (!fleet.wall) void fleet.load();
const session = useSession();
const stock = useStock();
const refusal = useRefusal();
const search = ref('');
const open = ref<OpenStock | null>(null);
onMounted(() => void refusal.run(stock.load));

const may = computed(() => session.may('edit-fleet'));
const bins = computed(() => {
  const tokens = plain(search.value).split(' ').filter(Boolean);
  const fits = (item: StockItem): boolean => {
    const text = plain([item.name, PART_WORDS[item.kind], item.supplier, ...models(item)].join(' '));
    return tokens.every((token) => text.includes(token));
  };
  return PART_KINDS.map((kind) => ({
    kind,
    items: stock.items.value.filter((item) => item.kind === kind && fits(item)),
  })).filter((bin) => bin.items.length > 0);
});
const models = (item: StockItem): string[] =>
  item.modelIds.map((id) => fleet.models.find((model) => model.id === id)?.name ?? '').filter(Boolean);
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-16 pt-4" data-stock>
    <div class="flex flex-wrap items-end gap-x-6 gap-y-3">
      <h1 class="sturdy mr-auto text-3xl leading-tight">{{ t.parts }}</h1>
      <TextField v-model="search" class="w-72 max-sm:w-full" :label="t.search" />
      <ActButton
        v-if="may"
        kind="main"
        data-add-item
        @click="open = open?.act === 'add' ? null : { act: 'add' }"
        >{{ t.addPart }}</ActButton
      >
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-3" />
    <div class="mt-4 grid gap-5 min-[1000px]:grid-cols-[1fr_23rem]">
      <div class="min-w-0 space-y-5">
        <StockItemForm v-if="open?.act === 'add'" :item="null" :stock="stock" @done="open = null" />
        <section v-for="bin in bins" :key="bin.kind" :aria-labelledby="`bin-${bin.kind}`">
          <h2 :id="`bin-${bin.kind}`" class="sturdy border-b-4 border-rail pb-0.5 text-lg">
            {{ PART_WORDS[bin.kind] }}
          </h2>
          <ul class="divide-y divide-line">
            <StockRow
              v-for="item in bin.items"
              :key="item.id"
              v-model:open="open"
              :item="item"
              :stock="stock"
              :may="may"
            />
          </ul>
        </section>
        <p v-if="stock.loaded.value && bins.length === 0" class="text-lg">
          {{ stock.items.value.length ? t.noPartMatchesSearch : t.noPartsInStock }}
        </p>
        <p v-else-if="!stock.loaded.value" class="text-soft" role="status">{{ t.loadingStock }}</p>
      </div>
      <OrderSheet class="self-start min-[1000px]:sticky min-[1000px]:top-28" :orders="stock.orders.value" />
    </div>
  </main>
</template>
