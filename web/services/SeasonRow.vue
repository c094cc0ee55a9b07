<script setup lang="ts">
import { Trash2 } from '@lucide/vue';
import { CLIMATES, type Climate, type Season } from '@cadre/core/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { IconButton, SelectField } from '@cadre/web/ui';
import { CLIMATE_WORDS, MONTH_WORDS } from './service-wording';
import * as t from './messages';

/** One season of a site: what it is like there, from a day to a day of every year. */
const props = defineProps<{ season: Season; number: number; errorOf: (field: string) => string | null }>();
const emit = defineEmits<{ change: [season: Season]; remove: [] }>();
const fleet = useFleet();
const MONTHS = MONTH_WORDS.map((label, index) => ({ value: String(index + 1).padStart(2, '0'), label }));
const DAYS = Array.from({ length: 31 }, (_, index) => ({
  value: String(index + 1).padStart(2, '0'),
  label: String(index + 1),
}));
const part = (end: 'from' | 'to', at: 0 | 1): string => props.season[end].split('-')[at] ?? '';
function set(end: 'from' | 'to', at: 0 | 1, value: string): void {
  const parts = [part(end, 0), part(end, 1)];
  parts[at] = value;
  emit('change', { ...props.season, [end]: parts.join('-') });
}
</script>

<template>
  <li class="flex flex-wrap items-end gap-2 border-t border-line py-2 first:border-0" :data-season="number">
    <SelectField
      class="basis-36"
      :label="t.site"
      :model-value="season.siteId"
      :options="(fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name }))"
      @update:model-value="(siteId: string) => emit('change', { ...season, siteId })"
    />
    <SelectField
      class="basis-28"
      :label="t.climate"
      :model-value="season.climate"
      :options="CLIMATES.map((each) => ({ value: each, label: CLIMATE_WORDS[each] }))"
      data-season-climate
      @update:model-value="(climate: Climate) => emit('change', { ...season, climate })"
    />
    <fieldset
      v-for="end in ['from', 'to'] as const"
      :key="end"
      class="flex items-end gap-1"
      :data-season-end="end"
    >
      <legend class="mb-1 font-semibold">{{ end === 'from' ? t.fromDay : t.toDay }}</legend>
      <SelectField
        hide-label
        :label="`${end === 'from' ? t.fromDay : t.toDay}: ${t.day}`"
        :model-value="part(end, 1)"
        :options="DAYS"
        :wrong="errorOf(end) !== null"
        @update:model-value="(value: string) => set(end, 1, value)"
      />
      <SelectField
        hide-label
        :label="`${end === 'from' ? t.fromDay : t.toDay}: ${t.month}`"
        :model-value="part(end, 0)"
        :options="MONTHS"
        :wrong="errorOf(end) !== null"
        @update:model-value="(value: string) => set(end, 0, value)"
      />
    </fieldset>
    <IconButton :name="t.removeSeason({ number })" @click="emit('remove')"><Trash2 /></IconButton>
    <p
      v-for="end in (['from', 'to'] as const).filter((each) => errorOf(each) !== null)"
      :key="end"
      class="basis-full font-semibold text-held"
      role="alert"
    >
      {{ errorOf(end) }}
    </p>
  </li>
</template>
