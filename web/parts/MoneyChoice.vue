<script setup lang="ts">
import { computed, ref } from 'vue';
import type { MoneyPolicy } from '@cadre/core/catalogue';
import { SelectField, TextField } from '@cadre/web/ui';
import { moneyIn } from './money';
import * as t from './messages';

/** What money is counted in, and what an hour at the bench costs the house. */
const props = defineProps<{ modelValue: MoneyPolicy }>();
const emit = defineEmits<{ 'update:modelValue': [money: MoneyPolicy]; wrong: [isWrong: boolean] }>();
/** Those the browser itself knows how to write. */
const CURRENCIES = Intl.supportedValuesOf('currency').map((value) => ({ value, label: value }));
const money = computed(() => moneyIn(props.modelValue.currency));
const typed = ref<string | null>(null);
const wrong = computed(() => typed.value !== null && money.value.read(typed.value) === null);
function rate(text: string): void {
  typed.value = text;
  const hourlyRate = money.value.read(text);
  emit('wrong', hourlyRate === null);
  if (hourlyRate !== null) emit('update:modelValue', { ...props.modelValue, hourlyRate });
}
</script>

<template>
  <section aria-labelledby="money" class="grid gap-3 sm:grid-cols-2">
    <h2 id="money" class="sturdy text-xl sm:col-span-2">{{ t.money }}</h2>
    <SelectField
      :model-value="modelValue.currency"
      :label="t.currency"
      :options="CURRENCIES"
      @update:model-value="(currency: string) => emit('update:modelValue', { ...modelValue, currency })"
    />
    <TextField
      :model-value="typed ?? money.typed(modelValue.hourlyRate)"
      :label="t.hourlyRateBench"
      :hint="t.leaveEmptyIfWork"
      :error="wrong ? t.enterAmountSuchAs : null"
      data-policy="rate"
      @update:model-value="rate"
    />
  </section>
</template>
