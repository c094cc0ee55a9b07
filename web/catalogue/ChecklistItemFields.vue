<script setup lang="ts">
import { computed } from 'vue';
import { Pencil } from '@lucide/vue';
import { criticalBecause, type By, type ChecklistItem } from '@cadre/core/catalogue';
import {
  isMeasure,
  MEASURES,
  OWN_LIMIT_SEVERITIES,
  readNumber,
  type OwnLimitSeverity,
} from '@cadre/core/measures';
import { SelectField, TextField } from '@cadre/web/ui';
import { SEVERITY_WORDS } from '@cadre/web/words';
import { criticalWords } from './checklist-wording';
import * as t from './messages';

/** What a checklist may set of one of its checkpoints: minutes, its own limit, and what a reading past it is. */
const props = defineProps<{ item: ChecklistItem; between: readonly By[] }>();
const emit = defineEmits<{ set: [part: Partial<ChecklistItem>]; edit: [] }>();
const derived = computed(() => criticalBecause(props.item.checkpoint, props.between) !== null);
const unit = computed(() => {
  const measure = props.item.checkpoint.measure;
  return measure && isMeasure(measure) ? MEASURES[measure] : null;
});
/** What a reading past the checklist's own limit is unless its author chooses. */
const usual = computed<OwnLimitSeverity>(() =>
  props.item.checkpoint.measure === 'chain' ? 'upkeep' : 'soon',
);
const SEVERITY_OPTIONS = OWN_LIMIT_SEVERITIES.map((value) => ({ value, label: SEVERITY_WORDS[value] }));
const limited = computed(() => props.item.limit?.least !== undefined || props.item.limit?.most !== undefined);
function setNumber(event: Event, then: (value: number | undefined) => void): void {
  const typed = (event.target as HTMLInputElement).value.trim();
  const read = typed === '' ? undefined : readNumber(typed);
  if (read !== null) then(read);
}
</script>

<template>
  <div class="space-y-2 border-t border-line px-3 py-2">
    <p class="leading-snug">{{ item.checkpoint.how }}</p>
    <p class="leading-snug" :class="derived && !item.critical ? 'font-semibold text-held' : 'text-soft'">
      {{ criticalWords(item.checkpoint, between) }}{{ derived && !item.critical ? t.ifNotCriticalBike : '' }}
    </p>
    <div class="flex flex-wrap items-end gap-3">
      <TextField
        :model-value="String(item.minutes ?? item.checkpoint.minutes)"
        :label="t.minutes"
        class="w-28"
        inputmode="decimal"
        @change="setNumber($event, (minutes) => emit('set', { minutes }))"
      />
      <template v-if="unit">
        <TextField
          :model-value="String(item.limit?.least ?? '')"
          :label="t.minimum"
          class="w-24"
          inputmode="decimal"
          @change="setNumber($event, (least) => emit('set', { limit: { ...item.limit, least } }))"
        />
        <TextField
          :model-value="String(item.limit?.most ?? '')"
          :label="t.maximum"
          class="w-24"
          inputmode="decimal"
          @change="setNumber($event, (most) => emit('set', { limit: { ...item.limit, most } }))"
        />
        <span class="pb-3 text-soft">{{ unit === 'ratio' ? t.asFractionForExample : unit }}</span>
        <SelectField
          v-if="limited"
          :model-value="item.limit?.severity ?? usual"
          :label="t.readingOutsideTheseLimits"
          :options="SEVERITY_OPTIONS"
          data-limit-severity
          @update:model-value="(severity) => emit('set', { limit: { ...item.limit, severity } })"
        />
      </template>
      <button
        type="button"
        class="inline-flex min-h-12 items-center gap-2 font-semibold text-act underline"
        data-edit-checkpoint
        @click="emit('edit')"
      >
        <Pencil class="size-4" aria-hidden="true" />{{ t.editTextRule }}
      </button>
    </div>
  </div>
</template>
