<script setup lang="ts">
import { computed } from 'vue';
import type { DayPlanTold } from '@cadre/contract/day-plan';
import { clock } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import PlanItem from './PlanItem.vue';
import type { ItemState } from './use-plan-day';
import * as t from './messages';

type Item = DayPlanTold['items'][number];

/** One person’s work of the day in order; the next bike is one touch away. */
const props = defineProps<{
  personId: string;
  items: readonly Item[];
  stateOf: (item: Item) => ItemState;
  own: boolean;
  zone: string;
  othersFor: (item: Item) => readonly { readonly id: string; readonly name: string }[];
}>();
const emit = defineEmits<{ give: [bikeId: string, personId: string] }>();
const fleet = useFleet();
const rows = computed(() => props.items.map((item) => ({ item, state: props.stateOf(item) })));
const left = computed(() => rows.value.filter(({ state }) => state === 'waiting' || state === 'in-hand'));
const next = computed(() => left.value[0]?.item ?? null);
const through = computed(() => left.value.at(-1)?.item.readyAt ?? null);
const needed = computed(() => rows.value.filter(({ item }) => item.groupId !== null));
const rest = computed(() => rows.value.filter(({ item }) => item.groupId === null));
const tagOf = (item: Item): string => fleet.bikeById.get(item.bikeId)?.tag ?? '';
</script>

<template>
  <section
    class="rounded-lg border-2 bg-plate px-4 py-3"
    :class="own ? 'border-act' : 'border-line'"
    :aria-label="fleet.nameOf(personId)"
    :data-plan-person="fleet.nameOf(personId)"
  >
    <header class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <h2 class="mr-auto min-w-0 leading-tight">
        <span class="sturdy text-xl">{{ fleet.nameOf(personId) }}</span>
        <span v-if="own" class="ml-2 rounded bg-act px-1.5 text-sm font-semibold text-on-act">{{
          t.you
        }}</span>
        <span class="figures block text-soft" data-left
          >{{ t.leftOf({ left: left.length })
          }}<template v-if="through"> · {{ t.throughBy({ time: clock(through, zone) }) }}</template></span
        >
      </h2>
      <ActButton
        v-if="own && next"
        kind="main"
        :to="
          next.work === 'repair'
            ? { name: 'bench', params: { bikeId: next.bikeId } }
            : { name: 'stand', params: { bikeId: next.bikeId } }
        "
        data-start-next
        >{{ t.startNext({ tag: tagOf(next) }) }}</ActButton
      >
    </header>
    <p v-if="items.length === 0" class="mt-2 text-soft">{{ t.nothingToDo }}</p>
    <ol v-if="needed.length" class="mt-2 divide-y divide-line">
      <PlanItem
        v-for="{ item, state } in needed"
        :key="item.bikeId"
        :item="item"
        :state="state"
        :zone="zone"
        :others="othersFor(item)"
        @give="(person) => emit('give', item.bikeId, person)"
      />
    </ol>
    <template v-if="rest.length">
      <h3 class="mt-2 font-semibold text-soft">{{ t.afterThat }}</h3>
      <ol class="divide-y divide-line">
        <PlanItem
          v-for="{ item, state } in rest"
          :key="item.bikeId"
          :item="item"
          :state="state"
          :zone="zone"
          :others="othersFor(item)"
          @give="(person) => emit('give', item.bikeId, person)"
        />
      </ol>
    </template>
  </section>
</template>
