<script setup lang="ts">
import { computed, ref } from 'vue';
import { dayWords } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { WEEKDAYS } from '@cadre/web/schedule';
import { weekdayOf } from '@cadre/core/schedule';
import { useDragPlace } from '@cadre/web/ui';
import BikeChip from './BikeChip.vue';
import type { BoardDay } from './use-board';
import * as t from './messages';

/** A day of a campaign: who does which bikes, and how full it is. Bikes are let go over it. */
const props = defineProps<{ day: BoardDay; capacity: number; picked: string | null; movable: boolean }>();
const emit = defineEmits<{ pick: [bikeId: string]; dropped: [bikeId: string] }>();
const fleet = useFleet();
const box = ref<HTMLElement | null>(null);
const over = useDragPlace(box, {
  on: () => props.movable,
  kind: 'campaign-bike',
  dragged: () => null,
  takes: () => true,
  dropped: (bikeId) => emit('dropped', bikeId),
});
const people = computed(() =>
  [...new Set(props.day.slots.map((slot) => slot.personId))].map((personId) => ({
    personId,
    name: fleet.nameOf(personId).split(' ')[0] ?? '',
    slots: props.day.slots.filter((slot) => slot.personId === personId),
  })),
);
const hours = computed(() => String(Math.round(props.day.minutes / 6) / 10));
const share = computed(() => Math.min(100, Math.round((props.day.minutes / props.capacity) * 100)));
const weekday = computed(() => WEEKDAYS[weekdayOf(props.day.day) - 1]?.name.slice(0, 3) ?? '');
</script>

<template>
  <section
    ref="box"
    class="rounded-lg border-2 bg-plate px-3 pb-2 pt-1.5"
    :class="over ? 'border-act' : day.today ? 'border-ink/60' : 'border-line'"
    :aria-label="dayWords(day.day)"
    :data-campaign-day="day.day"
  >
    <h3 class="figures flex items-baseline justify-between gap-2 leading-tight">
      <span
        ><strong>{{ weekday }} {{ dayWords(day.day).replace(/ \d{4}$/, '') }}</strong
        ><span v-if="day.today" class="ml-1.5 text-soft">{{ t.todayWord }}</span
        ><strong v-if="day.closed" class="ml-1.5 text-held">{{ t.closedWord }}</strong></span
      >
      <span class="text-sm text-soft">{{ day.slots.length ? t.hoursOn({ hours }) : t.nothing }}</span>
    </h3>
    <div class="mt-1 h-1.5 rounded bg-sunk" aria-hidden="true">
      <div class="h-full rounded bg-ink/60" :style="{ width: `${share}%` }" />
    </div>
    <div v-for="each in people" :key="each.personId" class="mt-1.5">
      <p class="text-sm text-soft" aria-hidden="true">{{ each.name }}</p>
      <div class="flex flex-wrap gap-1">
        <BikeChip
          v-for="slot in each.slots"
          :key="slot.bikeId"
          :entry="slot"
          :picked="picked === slot.bikeId"
          :movable="movable"
          @pick="emit('pick', slot.bikeId)"
        />
      </div>
    </div>
  </section>
</template>
