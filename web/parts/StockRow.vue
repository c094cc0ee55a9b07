<script lang="ts">
/** What of the stock is open for changing: one item counted or edited, or a new one. */
export type OpenStock = { readonly act: 'count' | 'edit'; readonly id: string } | { readonly act: 'add' };
</script>

<script setup lang="ts">
import { buildWord } from '@cadre/web/words';
import * as t from './messages';
import { computed } from 'vue';
import type { StockItem } from '@cadre/contract/parts';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import CountStock from './CountStock.vue';
import { useMoney } from './money';
import StockGauge from './StockGauge.vue';
import StockItemForm from './StockItemForm.vue';
import type { Stock } from './use-stock';

/** One part in stock: how many, against the minimum, what it fits and which repairs wait for it. */
const props = defineProps<{ item: StockItem; stock: Stock; may: boolean }>();
const open = defineModel<OpenStock | null>('open', { required: true });
const fleet = useFleet();
const money = useMoney();
const facts = computed(() => {
  const { facts: of, modelIds } = props.item;
  return [
    of.wheelSize ? t.wheelSizeIn({ wheelSize: of.wheelSize }) : '',
    of.brake ? buildWord(of.brake).toLowerCase() : '',
    of.sprockets ? t.sprocketCount({ sprockets: of.sprockets }) : '',
    of.retention ? buildWord(of.retention).toLowerCase() : '',
    modelIds
      .map((id) => fleet.models.find((model) => model.id === id)?.name ?? '')
      .filter(Boolean)
      .join(', '),
  ]
    .filter(Boolean)
    .join(' · ');
});
const waiting = computed(() =>
  props.stock.needs.value
    .filter((need) => need.itemId === props.item.id)
    .map((need) => (need.count > 1 ? `${need.tag} ×${need.count}` : need.tag))
    .join(', '),
);
const isOpen = (act: 'count' | 'edit'): boolean =>
  open.value?.act === act && 'id' in open.value && open.value.id === props.item.id;
</script>

<template>
  <li class="py-2" :data-item="item.name">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <p class="figures w-14 shrink-0 text-center leading-none">
        <span class="sturdy text-3xl" :class="item.onHand < item.least && 'text-watch'" data-on-hand>{{
          item.onHand
        }}</span><br /><span class="text-xs text-soft">{{ t.inStock }}</span>
      </p>
      <div class="min-w-0 grow basis-40 leading-snug">
        <p class="text-lg font-semibold">{{ item.name }}</p>
        <p class="text-[0.95rem] text-soft">
          <template v-if="facts">{{ facts }} · </template
          >{{
            t.showSupplierDayLead({
              show: money.show(item.price),
              supplier: item.supplier,
              leadDays: item.leadDays,
            })
          }}
        </p>
        <p v-if="waiting" class="text-[0.95rem] font-semibold text-watch">
          {{ t.repairsWaitingWaiting({ waiting }) }}
        </p>
      </div>
      <div class="leading-none">
        <StockGauge :on-hand="item.onHand" :least="item.least" />
        <p
          class="figures mt-1 text-xs"
          :class="item.onHand < item.least ? 'font-semibold text-watch' : 'text-soft'"
        >
          {{
            item.onHand < item.least
              ? t.belowMinimumLeast({ least: item.least })
              : t.minimumLeast({ least: item.least })
          }}
        </p>
      </div>
      <template v-if="may">
        <ActButton data-count-open @click="open = isOpen('count') ? null : { act: 'count', id: item.id }">{{
          t.count
        }}</ActButton>
        <ActButton kind="quiet" @click="open = isOpen('edit') ? null : { act: 'edit', id: item.id }">{{
          t.edit
        }}</ActButton>
      </template>
    </div>
    <CountStock v-if="isOpen('count')" class="mt-2" :item="item" :stock="stock" @done="open = null" />
    <StockItemForm v-if="isOpen('edit')" class="mt-2" :item="item" :stock="stock" @done="open = null" />
  </li>
</template>
