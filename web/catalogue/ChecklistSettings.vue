<script setup lang="ts">
import { computed } from 'vue';
import { BY, ROUTE_KEYS, type By, type Route } from '@cadre/core/catalogue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { KIND_WORDS } from '@cadre/web/words';
import { CheckField, SelectField, TextField } from '@cadre/web/ui';
import { useEditing } from './checklist-draft-key';
import { BY_WORDS, ROUTE_WORDS } from './checklist-wording';
import { useCatalogue } from './use-catalogue';
import * as t from './messages';

/** What a checklist is: its name, its way round the bike, what a check on it clears, and which bikes it is meant for. */
const catalogue = useCatalogue();
const { draft, checklist, said } = useEditing();

const own = computed(() => catalogue.policy()?.ownRoutes ?? []);
const routeKey = computed({
  get: () => (typeof checklist.value.route === 'string' ? checklist.value.route : checklist.value.route.key),
  set: (key: string) => draft.set({ route: own.value.find((route) => route.key === key) ?? (key as Route) }),
});
const routes = computed(() => {
  const frozen = typeof checklist.value.route !== 'string' ? [checklist.value.route] : [];
  const named = [
    ...own.value,
    ...frozen.filter((route) => !own.value.some((each) => each.key === route.key)),
  ];
  return [
    ...ROUTE_KEYS.map((key) => ({ value: key, label: ROUTE_WORDS[key] })),
    ...named.map((route) => ({ value: route.key, label: route.name })),
  ];
});
const CLEARING = [
  { value: 'no', label: t.noBikeChecklistFor },
  { value: 'yes', label: t.bikeUntilEndDay },
  { value: 'after', label: t.bikeOnDayWith },
];
const clearing = computed({
  get: () => (!checklist.value.clears ? 'no' : checklist.value.afterRideOut ? 'after' : 'yes'),
  set: (how: string) =>
    draft.set({
      clears: how !== 'no',
      afterRideOut: how === 'after' ? true : undefined,
      validity: { until: how === 'no' ? 'never' : 'end-of-day-or-return' },
    }),
});
const name = computed({ get: () => checklist.value.name, set: (text) => draft.set({ name: text }) });
const purpose = computed({
  get: () => checklist.value.purpose,
  set: (text) => draft.set({ purpose: text }),
});
function toggleKind(kind: string, yes: boolean): void {
  const now = new Set(checklist.value.kinds ?? BIKE_KINDS);
  if (yes) now.add(kind);
  else now.delete(kind);
  draft.set({
    kinds: now.size === BIKE_KINDS.length ? undefined : BIKE_KINDS.filter((each) => now.has(each)),
  });
}
function toggleBetween(by: By, yes: boolean): void {
  const now = new Set(checklist.value.between ?? []);
  if (yes) now.add(by);
  else now.delete(by);
  draft.set({ between: BY.filter((each) => now.has(each)) });
}
</script>

<template>
  <div class="grid gap-3 sm:grid-cols-2">
    <TextField v-model="name" :label="t.name" :error="said('name')" data-field="checklist-name" />
    <TextField v-model="purpose" :label="t.purpose" />
    <SelectField v-model="routeKey" :label="t.route" :options="routes" :error="said('route')" />
    <SelectField v-model="clearing" :label="t.completeCheckClears" :options="CLEARING" />
  </div>
  <fieldset>
    <legend class="font-semibold">{{ t.forTheseKindsBike }}</legend>
    <div class="flex flex-wrap gap-x-4">
      <CheckField
        v-for="kind in BIKE_KINDS"
        :key="kind"
        :model-value="!checklist.kinds || checklist.kinds.includes(kind)"
        @update:model-value="toggleKind(kind, $event)"
        >{{ KIND_WORDS[kind] }}</CheckField
      >
    </div>
  </fieldset>
  <fieldset>
    <legend class="font-semibold">{{ t.possibleEventsSinceLast }}</legend>
    <div class="flex flex-wrap gap-x-4">
      <CheckField
        v-for="by in BY"
        :key="by"
        :model-value="checklist.between?.includes(by) ?? false"
        @update:model-value="toggleBetween(by, $event)"
        >{{ BY_WORDS[by] }}</CheckField
      >
    </div>
  </fieldset>
</template>
