<script setup lang="ts">
import { computed } from 'vue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import type { BikeRule } from '@cadre/core/rounds';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ChoiceChips } from '@cadre/web/ui';
import * as t from './messages';

/** Which bikes are meant: by rack, kind, size, what is due, what today's groups need. Nothing chosen means all of the site. */
const props = defineProps<{ siteId: string }>();
const rule = defineModel<BikeRule>({ required: true });
const fleet = useFleet();
const own = computed(() => fleet.bikes.filter((bike) => bike.siteId === props.siteId));
const racks = computed(() =>
  fleet.racks
    .filter((rack) => rack.siteId === props.siteId)
    .map((rack) => ({ value: rack.id, label: rack.name })),
);
const kinds = computed(() =>
  BIKE_KINDS.filter((kind) => own.value.some((bike) => bike.build.kind === kind)).map((kind) => ({
    value: kind,
    label: KIND_WORDS[kind],
  })),
);
const sizes = computed(() =>
  [...new Set(own.value.map((bike) => bike.size))]
    .filter(Boolean)
    .sort((a, b) => a.localeCompare(b, undefined, { numeric: true }))
    .map((size) => ({ value: size, label: size })),
);
const ONLY = [
  { value: 'due', label: t.onlyBikesDue },
  { value: 'forGroups', label: t.onlyBikesForTodays },
  { value: 'returned', label: t.onlyBikesBack },
] as const;
const only = computed(() => ONLY.map((each) => each.value).filter((each) => rule.value[each]));
</script>

<template>
  <div class="space-y-3" data-bike-choice>
    <ChoiceChips
      :name="t.whichOfThem"
      :options="ONLY"
      :chosen="only"
      @toggle="(each) => (rule = { ...rule, [each]: !rule[each] })"
    />
    <ChoiceChips
      v-if="racks.length > 1"
      :name="t.rack"
      named
      :options="racks"
      :chosen="rule.rackIds"
      @choose="(rackIds) => (rule = { ...rule, rackIds })"
    />
    <ChoiceChips
      v-if="kinds.length > 1"
      :name="t.kind"
      named
      :options="kinds"
      :chosen="rule.kinds"
      @choose="(chosen) => (rule = { ...rule, kinds: chosen })"
    />
    <ChoiceChips
      v-if="sizes.length > 1"
      :name="t.size"
      named
      :options="sizes"
      :chosen="rule.sizes"
      @choose="(chosen) => (rule = { ...rule, sizes: chosen })"
    />
  </div>
</template>
