<script setup lang="ts">
import { computed } from 'vue';
import { orderDocument } from '@cadre/contract/parts';
import type { OrderLine, SupplierOrder } from '@cadre/core/parts';
import { saveFile } from '@cadre/web/platform/files';
import { ActButton } from '@cadre/web/ui';
import { useMoney } from './money';
import * as t from './messages';

/** What to order, a slip a supplier, with what each line is for. */
const props = defineProps<{ orders: readonly SupplierOrder[] }>();
const money = useMoney();
const cost = computed(() => props.orders.reduce((sum, order) => sum + order.cost, 0));
const reason = (line: OrderLine): string =>
  [
    ...line.wantedFor.map((each) => (each.count > 1 ? `${each.tag} ×${each.count}` : each.tag)),
    line.toTheLeast > 0 ? t.stockCount({ count: line.toTheLeast }) : '',
  ]
    .filter(Boolean)
    .join(', ');
/** The table reader is fetched when somebody wants the file. */
async function csv(): Promise<void> {
  const { orderCsv } = await import('./order-csv');
  saveFile(new Blob([orderCsv(props.orders, money.value)], { type: 'text/csv' }), 'order.csv');
}
</script>

<template>
  <section class="rounded-lg border-2 border-ink/60 bg-plate p-4" aria-labelledby="order" data-order>
    <div class="flex items-baseline gap-3">
      <h2 id="order" class="sturdy mr-auto text-xl">{{ t.reorderList }}</h2>
      <p v-if="orders.length" class="figures sturdy text-xl" data-order-cost>{{ money.show(cost) }}</p>
    </div>
    <p v-if="orders.length === 0" class="mt-1 text-soft">
      {{ t.nothingOrderEveryPart }}
    </p>
    <div v-for="order in orders" :key="order.supplier" class="mt-3 border-t-2 border-dashed border-line pt-2">
      <h3 class="flex items-baseline gap-2 font-semibold">
        <span class="mr-auto">{{ order.supplier }}</span><span
          class="figures text-[0.95rem] font-normal text-soft"
          >{{ t.inDayShow({ leadDays: order.leadDays, show: money.show(order.cost) }) }}</span
        >
      </h3>
      <ul>
        <li v-for="line in order.lines" :key="line.item.id" class="flex gap-2 py-1 leading-snug">
          <span class="figures sturdy w-9 shrink-0 text-right"
            >{{ line.count }}<span aria-hidden="true"> ×</span></span
          ><span class="min-w-0"
            >{{ line.item.name }}
            <span class="text-[0.95rem] text-soft">{{ t.forReason({ reason: reason(line) }) }}</span></span
          >
        </li>
      </ul>
    </div>
    <div v-if="orders.length" class="mt-3 flex gap-2">
      <ActButton data-order-csv @click="csv">{{ t.csv }}</ActButton>
      <a
        :href="orderDocument.path"
        download="order.pdf"
        class="inline-flex min-h-12 items-center rounded-md border-2 border-ink/70 px-4 font-semibold"
        data-order-pdf
        >{{ t.pdf }}</a
      >
    </div>
  </section>
</template>
