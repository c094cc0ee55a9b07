<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { v7 as newId } from 'uuid';
import type { EquipmentItem } from '@cadre/contract/equipment';
import type { FieldIssue } from '@cadre/core/errors';
import { EQUIPMENT_KINDS, fieldProblems, instrumentOf } from '@cadre/core/equipment';
import { INSTRUMENT_KINDS, usualUnit, type InstrumentUnit } from '@cadre/core/instruments';
import { readNumber } from '@cadre/core/measures';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import { EQUIPMENT_WORDS } from './equipment-words';
import type { EquipmentStore } from './use-equipment';
import * as t from './messages';

/** A tool or instrument as it is set up. What an instrument is usually marked with is filled in by leaving it empty. */
const props = defineProps<{ item: EquipmentItem | null; siteId: string; store: EquipmentStore }>();
const emit = defineEmits<{ done: [] }>();
const refusal = useRefusal();
const id = props.item?.id ?? newId();
const kind = ref(props.item?.kind ?? 'pressure-gauge');
const tag = ref(props.item?.tag ?? '');
const serial = ref(props.item?.serial ?? '');
const instrument = computed(() => instrumentOf(kind.value));
const unit = ref<InstrumentUnit | ''>(
  props.item?.unit ?? (instrument.value ? usualUnit(instrument.value) : ''),
);
const units = computed(() =>
  instrument.value
    ? INSTRUMENT_KINDS[instrument.value].units.map((each) => ({
        value: each as InstrumentUnit | '',
        label: each,
      }))
    : [],
);
watch(kind, () => (unit.value = instrument.value ? usualUnit(instrument.value) : ''));
const shown = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value);
const texts = ref({
  least: shown(props.item?.least),
  most: shown(props.item?.most),
  accuracy: shown(props.item?.accuracy),
  lengthMm: shown(props.item?.lengthMm),
  checkEveryDays: shown(props.item ? props.item.checkEveryDays : 90),
});
type Text = keyof typeof texts.value;
/** What is asked for this kind: what was typed for another counts for nothing. */
const asked = computed((): readonly Text[] => [
  ...(instrument.value ? (['least', 'most', 'accuracy'] as const) : []),
  ...(instrument.value === 'torque-wrench' ? (['lengthMm'] as const) : []),
  'checkEveryDays',
]);
const tried = ref(false);
/** Null: left empty. Undefined: no number. */
const read = (key: Text): number | null | undefined =>
  texts.value[key].trim() === '' ? null : (readNumber(texts.value[key]) ?? undefined);
/** What is wrong here, and after that what the server found wrong. */
const issues = ref<readonly FieldIssue[]>([]);
function errorOf(key: Text | 'tag' | 'serial' | 'unit'): string | null {
  if (tried.value && key === 'tag' && !tag.value.trim()) return t.enterTag;
  if (tried.value && key in texts.value && read(key as Text) === undefined) return t.enterNumber;
  const path = `item.${key}`;
  const issue =
    issues.value.find((each) => each.path === key) ?? refusal.fields.value.find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
}
const usual = computed(() => {
  if (!instrument.value) return null;
  const { least, most, accuracy } = INSTRUMENT_KINDS[instrument.value];
  const of = usualUnit(instrument.value);
  return unit.value === of ? t.usually({ least, most, accuracy, unit: of }) : null;
});
async function save(): Promise<void> {
  tried.value = true;
  issues.value = refusal.fields.value = [];
  if (!tag.value.trim() || asked.value.some((key) => read(key) === undefined)) return;
  const valueOf = (key: Text): number | null => (asked.value.includes(key) ? (read(key) ?? null) : null);
  const item = {
    ...{ siteId: props.item?.siteId ?? props.siteId, kind: kind.value, tag: tag.value.trim() },
    ...{ serial: serial.value.trim(), unit: unit.value || null },
    ...{ least: valueOf('least'), most: valueOf('most'), accuracy: valueOf('accuracy') },
    ...{ lengthMm: valueOf('lengthMm'), checkEveryDays: valueOf('checkEveryDays') },
  };
  issues.value = fieldProblems(item);
  if (issues.value.length > 0) return;
  if (await refusal.run(() => props.store.set(id, item, props.item?.version ?? null))) emit('done');
}
</script>

<template>
  <form
    class="space-y-3 rounded-lg bg-sunk p-3"
    :aria-label="item ? t.changeTag({ tag: item.tag }) : t.addTool"
    novalidate
    data-equipment-form
    @submit.prevent="save"
  >
    <div class="grid gap-3 sm:grid-cols-2">
      <SelectField
        v-model="kind"
        :label="t.kindOf"
        :options="EQUIPMENT_KINDS.map((each) => ({ value: each, label: EQUIPMENT_WORDS[each] }))"
      />
      <TextField v-model="tag" :label="t.tag" maxlength="20" :error="errorOf('tag')" data-equipment-tag />
      <template v-if="instrument">
        <TextField
          v-model="serial"
          :label="t.serial"
          :hint="t.serialHint"
          maxlength="40"
          :error="errorOf('serial')"
        />
        <SelectField v-model="unit" :label="t.unit" :options="units" />
        <TextField v-model="texts.least" :label="t.scaleFrom" inputmode="decimal" :error="errorOf('least')" />
        <TextField v-model="texts.most" :label="t.scaleTo" inputmode="decimal" :error="errorOf('most')" />
        <TextField
          v-model="texts.accuracy"
          :label="t.permittedError"
          inputmode="decimal"
          :error="errorOf('accuracy')"
        />
      </template>
      <TextField
        v-if="instrument === 'torque-wrench'"
        v-model="texts.lengthMm"
        :label="t.lengthMm"
        inputmode="decimal"
        :error="errorOf('lengthMm')"
      />
      <TextField
        v-model="texts.checkEveryDays"
        :label="t.checkEvery"
        inputmode="numeric"
        :error="errorOf('checkEveryDays')"
      />
    </div>
    <p v-if="usual" class="text-[0.95rem] text-soft">{{ usual }}</p>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div class="flex gap-2">
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value" data-equipment-save>{{
        t.save
      }}</ActButton>
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
