<script setup lang="ts">
import { computed } from 'vue';
import { BIKE_KINDS, type BikeKind } from '@cadre/core/fleet';
import type { BikeRule } from '@cadre/core/rounds';
import { KIND_WORDS, useFleet } from '@cadre/web/fleet';

/** Which bikes are meant: by rack, kind, size, what is due, what today's groups need. Nothing chosen means all of the site. */
const props = defineProps<{ siteId: string }>();
const rule = defineModel<BikeRule>({ required: true });
const fleet = useFleet();
const racks = computed(() => fleet.racks.filter((rack) => rack.siteId === props.siteId));
const own = computed(() => fleet.bikes.filter((bike) => bike.siteId === props.siteId));
const kinds = computed(() => BIKE_KINDS.filter((kind) => own.value.some((bike) => bike.build.kind === kind)));
const sizes = computed(() =>
  [...new Set(own.value.map((bike) => bike.size))].filter(Boolean).sort((a, b) => a.localeCompare(b, undefined, { numeric: true })),
);
const toggled = <T,>(list: readonly T[], value: T): T[] => (list.includes(value) ? list.filter((each) => each !== value) : [...list, value]);
const CHIP = 'min-h-12 rounded-md border-2 px-3 font-semibold leading-tight';
const chip = (on: boolean): string => `${CHIP} ${on ? 'border-act bg-act text-on-act' : 'border-ink/50 bg-plate'}`;
</script>

<template>
  <div class="space-y-3" data-bike-choice>
    <div class="flex flex-wrap gap-1.5" role="group" aria-label="Which of them">
      <button type="button" :class="chip(rule.due)" :aria-pressed="rule.due" data-choose="due" @click="rule = { ...rule, due: !rule.due }">
        Only what is due
      </button>
      <button
        type="button"
        :class="chip(rule.forGroups)"
        :aria-pressed="rule.forGroups"
        data-choose="groups"
        @click="rule = { ...rule, forGroups: !rule.forGroups }"
      >
        Only what the day’s groups ride
      </button>
    </div>
    <div v-if="racks.length > 1" class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Racks">
      <span class="w-16 text-soft">Rack</span>
      <button
        v-for="rack in racks"
        :key="rack.id"
        type="button"
        :class="chip(rule.rackIds.includes(rack.id))"
        :aria-pressed="rule.rackIds.includes(rack.id)"
        :data-choose-rack="rack.name"
        @click="rule = { ...rule, rackIds: toggled(rule.rackIds, rack.id) }"
      >
        {{ rack.name }}
      </button>
    </div>
    <div v-if="kinds.length > 1" class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Kinds">
      <span class="w-16 text-soft">Kind</span>
      <button
        v-for="kind in kinds"
        :key="kind"
        type="button"
        :class="chip(rule.kinds.includes(kind))"
        :aria-pressed="rule.kinds.includes(kind)"
        :data-choose-kind="kind"
        @click="rule = { ...rule, kinds: toggled(rule.kinds, kind as BikeKind) }"
      >
        {{ KIND_WORDS[kind] }}
      </button>
    </div>
    <div v-if="sizes.length > 1" class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Sizes">
      <span class="w-16 text-soft">Size</span>
      <button
        v-for="size in sizes"
        :key="size"
        type="button"
        :class="chip(rule.sizes.includes(size))"
        :aria-pressed="rule.sizes.includes(size)"
        @click="rule = { ...rule, sizes: toggled(rule.sizes, size) }"
      >
        {{ size }}
      </button>
    </div>
  </div>
</template>
