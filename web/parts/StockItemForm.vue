<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { StockItem } from '@cadre/contract/parts';
import { PART_KINDS, type PartKind } from '@cadre/core/fleet';
import { PART_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, SelectField, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { factsFor } from './fact-fields';
import { useMoney } from './money';
import PartFacts from './PartFacts.vue';
import type { Stock } from './use-stock';
import * as t from './messages';

/** A part the house keeps, as it is said: what it is, which bikes take it, its price and where it comes from. */
const props = defineProps<{ item: StockItem | null; stock: Stock }>();
const emit = defineEmits<{ done: [] }>();
const fleet = useFleet();
const money = useMoney();
const refusal = useRefusal();
const id = props.item?.id ?? newId();
const kind = ref<PartKind>(props.item?.kind ?? 'pads');
const typed = reactive({
  name: props.item?.name ?? '',
  least: String(props.item?.least ?? 2),
  price: props.item ? money.value.typed(props.item.price) : '',
  leadDays: String(props.item?.leadDays ?? 5),
  supplier: props.item?.supplier ?? '',
});
const facts = reactive<Record<string, string>>(
  Object.fromEntries(Object.entries(props.item?.facts ?? {}).map(([key, value]) => [key, String(value)])),
);
const modelIds = ref<readonly string[]>(props.item?.modelIds ?? []);
const tried = ref(false);
const whole = (text: string): number | null => (/^\d{1,4}$/.test(text.trim()) ? Number(text.trim()) : null);
const wrong = computed(() => ({
  name: typed.name.trim() ? null : t.enterNameAsPrinted,
  least: whole(typed.least) === null ? t.enterWholeNumberFrom : null,
  price: money.value.read(typed.price) === null ? t.enterAmountSuchAs14 : null,
  leadDays: whole(typed.leadDays) === null || Number(typed.leadDays) > 730 ? t.enterWholeDaysFrom : null,
  supplier: typed.supplier.trim() ? null : t.enterSupplier,
}));
const error = (field: keyof typeof wrong.value): string | null => (tried.value ? wrong.value[field] : null);
function toggle(model: string): void {
  modelIds.value = modelIds.value.includes(model)
    ? modelIds.value.filter((each) => each !== model)
    : [...modelIds.value, model];
}
async function save(): Promise<void> {
  tried.value = true;
  if (Object.values(wrong.value).some(Boolean)) return;
  const fields = {
    ...{
      kind: kind.value,
      name: typed.name.trim(),
      facts: factsFor(kind.value, facts),
      modelIds: [...modelIds.value],
    },
    ...{
      markings: { ...props.item?.markings },
      least: Number(typed.least),
      price: money.value.read(typed.price) ?? 0,
    },
    ...{ leadDays: Number(typed.leadDays), supplier: typed.supplier.trim() },
  };
  if (await refusal.run(() => props.stock.set(id, fields, props.item?.version ?? null))) emit('done');
}
</script>

<template>
  <form
    class="grid gap-3 rounded-lg bg-sunk p-3 sm:grid-cols-2"
    :aria-label="item ? t.changeName({ name: item.name }) : t.newPartInStock"
    novalidate
    data-item-form
    @submit.prevent="save"
  >
    <SelectField
      v-if="!item"
      v-model="kind"
      :label="t.part"
      :options="PART_KINDS.map((each) => ({ value: each, label: PART_WORDS[each] }))"
    />
    <TextField v-model="typed.name" :label="t.nameAsOnIts" :error="error('name')" />
    <PartFacts :kind="kind" :facts="facts" @say="(key, value) => (facts[key] = value)" />
    <TextField v-model="typed.supplier" :label="t.supplier" :error="error('supplier')" />
    <div class="grid grid-cols-3 gap-2 sm:col-span-2">
      <TextField v-model="typed.price" :label="t.priceEach" :error="error('price')" />
      <TextField v-model="typed.least" :label="t.minimumInStock" :error="error('least')" />
      <TextField v-model="typed.leadDays" :label="t.leadTimeInDays" :error="error('leadDays')" />
    </div>
    <fieldset v-if="fleet.models.length" class="sm:col-span-2">
      <legend class="font-semibold">{{ t.forTheseModelsOnly }}</legend>
      <p class="text-[0.95rem] text-soft">{{ t.noModelChosenPart }}</p>
      <div class="mt-1 flex flex-wrap gap-1.5">
        <button
          v-for="model in fleet.models"
          :key="model.id"
          type="button"
          class="min-h-12 rounded-md border-2 px-3"
          :class="
            modelIds.includes(model.id)
              ? 'border-act bg-act font-semibold text-on-act'
              : 'border-line bg-plate'
          "
          :aria-pressed="modelIds.includes(model.id)"
          @click="toggle(model.id)"
        >
          {{ model.name }}
        </button>
      </div>
    </fieldset>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="sm:col-span-2" />
    <div class="flex gap-2 sm:col-span-2">
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value" data-item-save>{{
        t.savePart
      }}</ActButton>
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
