<script setup lang="ts">
import { computed, ref } from 'vue';
import type { StockItem } from '@cadre/contract/parts';
import type { CountReason } from '@cadre/core/parts';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import type { Stock } from './use-stock';
import * as t from './messages';

/** Counted in, or the shelf counted anew. Typed as what lies there or came; the difference is worked out here. */
const props = defineProps<{ item: StockItem; stock: Stock }>();
const emit = defineEmits<{ done: [] }>();
const refusal = useRefusal();
const why = ref<CountReason>('delivered');
const typed = ref('');
const tried = ref(false);
const number = computed(() => (/^\d{1,4}$/.test(typed.value.trim()) ? Number(typed.value.trim()) : null));
const after = computed(() => {
  if (number.value === null) return null;
  if (why.value === 'counted') return number.value;
  return props.item.onHand + (why.value === 'lost' ? -number.value : number.value);
});
const WAYS: readonly { readonly why: CountReason; readonly label: string; readonly ask: string }[] = [
  { why: 'delivered', label: t.delivered, ask: t.numberDelivered },
  { why: 'counted', label: t.counted, ask: t.numberInStock },
  { why: 'returned', label: t.returned, ask: t.numberReturned },
  { why: 'lost', label: t.lostThrownAway, ask: t.numberLost },
];
const ask = computed(() => WAYS.find((each) => each.why === why.value)?.ask ?? '');
async function save(): Promise<void> {
  tried.value = true;
  const to = after.value;
  if (to === null) return;
  if (await refusal.run(() => props.stock.count(props.item, to - props.item.onHand, why.value, '')))
    emit('done');
}
</script>

<template>
  <form
    class="space-y-2 rounded-lg bg-sunk p-3"
    :aria-label="t.countName({ name: item.name })"
    novalidate
    data-count-form
    @submit.prevent="save"
  >
    <div class="flex flex-wrap gap-1.5" role="group" :aria-label="t.reason">
      <button
        v-for="way in WAYS"
        :key="way.why"
        type="button"
        class="min-h-12 rounded-md border-2 px-3"
        :class="why === way.why ? 'border-act bg-act font-semibold text-on-act' : 'border-line bg-plate'"
        :aria-pressed="why === way.why"
        @click="why = way.why"
      >
        {{ way.label }}
      </button>
    </div>
    <div class="flex flex-wrap items-end gap-3">
      <TextField
        v-model="typed"
        :label="ask"
        :wrong="tried && number === null"
        class="w-28"
        inputmode="numeric"
        data-count
      />
      <p v-if="after !== null" class="figures pb-3">
        <span class="text-soft">{{ t.inStockAfter }}</span>{{ ' '
        }}<span class="sturdy text-lg" :class="after < 0 && 'text-held'">{{ after }}</span>
      </p>
      <ActButton kind="main" type="submit" class="ml-auto" :disabled="refusal.busy.value" data-count-save>{{
        t.saveCount
      }}</ActButton>
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
    </div>
    <p v-if="tried && number === null" class="font-semibold text-held">{{ t.enterWholeNumberFrom }}</p>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
  </form>
</template>
