<script setup lang="ts">
import { computed, reactive, watch } from 'vue';
import { OVERDUE_MEANINGS, type OverdueMeaning, type Rule, type ServiceRule } from '@cadre/core/catalogue';
import { BIKE_KINDS, type BikeKind } from '@cadre/core/fleet';
import { INTERVAL_COUNTS, readNumber, type IntervalCount } from '@cadre/core/measures';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ChoiceChips, SelectField, TextField } from '@cadre/web/ui';
import { COUNT_LABELS, OVERDUE_WORDS } from './service-wording';
import * as t from './messages';

/** One service: how often, on which bikes, what it means when it is overdue. A shipped one keeps its name and bikes. */
const props = defineProps<{
  rule: ServiceRule;
  own: boolean;
  /** What it may stand in place of. */
  shipped: readonly ServiceRule[];
  errorOf: (field: string) => string | null;
}>();
const emit = defineEmits<{ change: [rule: ServiceRule] }>();
const fleet = useFleet();
const typed = reactive(
  Object.fromEntries(
    INTERVAL_COUNTS.map((count) => [count, String(props.rule.every[count] ?? '')]),
  ) as Record<IntervalCount, string>,
);
const numberOf = (text: string): number | undefined =>
  text.trim() === '' ? undefined : (readNumber(text) ?? 0);
watch(typed, () => {
  const every = Object.fromEntries(
    INTERVAL_COUNTS.flatMap((count) => {
      const value = numberOf(typed[count]);
      return value === undefined ? [] : [[count, value]];
    }),
  );
  emit('change', { ...props.rule, every });
});
const kindsOf = (rule: Rule): readonly BikeKind[] =>
  'fitted' in rule && rule.fitted === 'kind' ? (rule.in as readonly BikeKind[]) : [];
const kinds = computed(() => kindsOf(props.rule.applies));
const setKinds = (chosen: readonly BikeKind[]): void =>
  emit('change', {
    ...props.rule,
    applies: chosen.length === 0 ? { always: true } : { fitted: 'kind', in: [...chosen] },
  });
const sites = computed(() => fleet.wall?.sites ?? []);
function standFor(key: string): void {
  const { instead: _instead, ...rest } = props.rule;
  const found = props.shipped.find((each) => each.key === key);
  emit('change', {
    ...rest,
    ...(found ? { instead: key, settledBy: found.settledBy, weathered: found.weathered } : {}),
  });
}
</script>

<template>
  <div class="space-y-3">
    <TextField
      v-if="own"
      :label="t.nameOfService"
      :model-value="rule.name"
      :error="errorOf('name')"
      data-field="service-name"
      @update:model-value="(name) => emit('change', { ...rule, name })"
    />
    <SelectField
      v-if="own"
      :label="t.inPlaceOf"
      :model-value="rule.instead ?? ''"
      :options="[
        { value: '', label: t.nothingElse },
        ...shipped.map((each) => ({ value: each.key, label: each.name })),
      ]"
      @update:model-value="standFor"
    />
    <div v-if="own">
      <p class="font-semibold">{{ t.onlyKinds }}</p>
      <ChoiceChips
        :name="t.onlyKinds"
        :options="BIKE_KINDS.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))"
        :chosen="kinds"
        @choose="setKinds"
      />
    </div>
    <div v-if="own && sites.length > 1">
      <p class="font-semibold">{{ t.onlySites }}</p>
      <ChoiceChips
        :name="t.onlySites"
        :options="sites.map((site) => ({ value: site.id, label: site.name }))"
        :chosen="rule.sites ?? []"
        @choose="(chosen) => emit('change', { ...rule, sites: chosen.length ? chosen : undefined })"
      />
    </div>
    <div class="grid grid-cols-2 gap-2 sm:grid-cols-4">
      <TextField
        v-for="count in INTERVAL_COUNTS"
        :key="count"
        v-model="typed[count]"
        :label="COUNT_LABELS[count]"
        inputmode="decimal"
        :error="errorOf(`every.${count}`)"
        :data-every="count"
      />
    </div>
    <p v-if="errorOf('every')" class="font-semibold text-held" role="alert">{{ errorOf('every') }}</p>
    <p v-else class="text-soft">{{ t.whicheverFirst }}</p>
    <SelectField
      :label="t.whenOverdue"
      :model-value="rule.overdue"
      :options="OVERDUE_MEANINGS.map((each) => ({ value: each, label: OVERDUE_WORDS[each] }))"
      data-overdue-means
      @update:model-value="(overdue: OverdueMeaning) => emit('change', { ...rule, overdue })"
    />
  </div>
</template>
