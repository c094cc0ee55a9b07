<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { StockItem } from '@cadre/contract/parts';
import { PART_KINDS, plain } from '@cadre/core/fleet';
import { count } from '@cadre/web/platform/time';
import { PART_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import CountStock from './CountStock.vue';
import { useMoney } from './money';
import OrderSheet from './OrderSheet.vue';
import StockGauge from './StockGauge.vue';
import StockItemForm from './StockItemForm.vue';
import { useStock } from './use-stock';

/** The shelf: bins by kind of part, what is in them against the least, who waits for it, and the order that comes of it. */
const fleet = useFleet();
if (!fleet.wall) void fleet.load();
const session = useSession();
const stock = useStock();
const money = useMoney();
const refusal = useRefusal();
const search = ref('');
const open = ref<{ readonly act: 'count' | 'edit'; readonly id: string } | { readonly act: 'add' } | null>(
  null,
);
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
const facts = (item: StockItem): string =>
  [
    item.facts.wheelSize ? `${item.facts.wheelSize} in` : '',
    item.facts.brake ? item.facts.brake.replace(/-/g, ' ') : '',
    item.facts.sprockets ? count(item.facts.sprockets, 'sprocket') : '',
    item.facts.retention ? item.facts.retention.replace(/-/g, ' ') : '',
    models(item).join(', '),
  ]
    .filter(Boolean)
    .join(' · ');
const waiting = (item: StockItem): string =>
  stock.needs.value
    .filter((need) => need.itemId === item.id)
    .map((need) => (need.count > 1 ? `${need.tag} ×${need.count}` : need.tag))
    .join(', ');
const isOpen = (act: 'count' | 'edit', id: string): boolean =>
  open.value?.act === act && 'id' in open.value && open.value.id === id;
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-16 pt-4" data-stock>
    <div class="flex flex-wrap items-end gap-x-6 gap-y-3">
      <h1 class="sturdy mr-auto text-3xl leading-tight">Parts</h1>
      <TextField v-model="search" class="w-72 max-sm:w-full" label="Search" />
      <ActButton
        v-if="may"
        kind="main"
        data-add-item
        @click="open = open?.act === 'add' ? null : { act: 'add' }"
        >Keep another part</ActButton
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
            <li v-for="item in bin.items" :key="item.id" class="py-2" :data-item="item.name">
              <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
                <p class="figures w-14 shrink-0 text-center leading-none">
                  <span
                    class="sturdy text-3xl"
                    :class="item.onHand < item.least && 'text-watch'"
                    data-on-hand
                    >{{ item.onHand }}</span><br /><span class="text-xs text-soft">on hand</span>
                </p>
                <div class="min-w-0 grow basis-40 leading-snug">
                  <p class="text-lg font-semibold">{{ item.name }}</p>
                  <p class="text-[0.95rem] text-soft">
                    <template v-if="facts(item)">{{ facts(item) }} · </template>{{ money.show(item.price) }} ·
                    {{ item.supplier }},
                    {{ count(item.leadDays, 'day') }}
                  </p>
                  <p v-if="waiting(item)" class="text-[0.95rem] font-semibold text-watch">
                    Waited for: {{ waiting(item) }}
                  </p>
                </div>
                <div class="leading-none">
                  <StockGauge :on-hand="item.onHand" :least="item.least" />
                  <p
                    class="figures mt-1 text-xs"
                    :class="item.onHand < item.least ? 'font-semibold text-watch' : 'text-soft'"
                  >
                    {{ item.onHand < item.least ? `short: least ${item.least}` : `least ${item.least}` }}
                  </p>
                </div>
                <template v-if="may">
                  <ActButton
                    data-count-open
                    @click="open = isOpen('count', item.id) ? null : { act: 'count', id: item.id }"
                    >Count</ActButton
                  >
                  <ActButton
                    kind="quiet"
                    @click="open = isOpen('edit', item.id) ? null : { act: 'edit', id: item.id }"
                    >Edit</ActButton
                  >
                </template>
              </div>
              <CountStock
                v-if="isOpen('count', item.id)"
                class="mt-2"
                :item="item"
                :stock="stock"
                @done="open = null"
              />
              <StockItemForm
                v-if="isOpen('edit', item.id)"
                class="mt-2"
                :item="item"
                :stock="stock"
                @done="open = null"
              />
            </li>
          </ul>
        </section>
        <p v-if="stock.loaded.value && bins.length === 0" class="text-lg">
          {{
            stock.items.value.length
              ? 'No part fits this search.'
              : 'No part is kept yet. Keep one, then count in how many lie there.'
          }}
        </p>
        <p v-else-if="!stock.loaded.value" class="text-soft" role="status">Fetching the shelf …</p>
      </div>
      <OrderSheet class="self-start min-[1000px]:sticky min-[1000px]:top-28" :orders="stock.orders.value" />
    </div>
  </main>
</template>
