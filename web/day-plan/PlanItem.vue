<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink, type RouteLocationRaw } from 'vue-router';
import { CircleCheck, ClipboardCheck, Ellipsis, Hand, OctagonX, Wrench } from '@lucide/vue';
import type { DayPlanTold } from '@cadre/contract/day-plan';
import { clock } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { IconButton } from '@cadre/web/ui';
import type { ItemState } from './use-plan-day';
import * as t from './messages';

/** One bike of somebody’s list: what it needs, by when it is ready, for whom, and how far it is. */
const props = defineProps<{
  item: DayPlanTold['items'][number];
  state: ItemState;
  zone: string;
  /** To whom else it can be given. */
  others: readonly { readonly id: string; readonly name: string }[];
}>();
const emit = defineEmits<{ give: [personId: string] }>();
const fleet = useFleet();
const tag = computed(() => fleet.bikeById.get(props.item.bikeId)?.tag ?? '');
const group = computed(() => fleet.groups.find((each) => each.id === props.item.groupId) ?? null);
const to = computed((): RouteLocationRaw =>
  props.item.work === 'repair' || props.state === 'held'
    ? { name: 'bench', params: { bikeId: props.item.bikeId } }
    : { name: 'stand', params: { bikeId: props.item.bikeId } },
);
const giving = ref(false);
const STATES = {
  waiting: null,
  'in-hand': { word: t.inHand, icon: Hand, tone: 'text-act' },
  done: { word: t.done, icon: CircleCheck, tone: 'text-act' },
  held: { word: t.heldNow, icon: OctagonX, tone: 'text-held' },
  away: { word: t.away, icon: OctagonX, tone: 'text-soft' },
} as const;
const details = computed(() =>
  [
    ...(props.state === 'waiting' ? [t.readyBy({ time: clock(props.item.readyAt, props.zone) })] : []),
    ...(group.value ? [t.forGroup({ group: group.value.name })] : []),
    ...(props.item.byHand ? [t.byHand] : []),
  ].join(' · '),
);
const said = computed(() => STATES[props.state]);
function give(personId: string): void {
  giving.value = false;
  emit('give', personId);
}
</script>

<template>
  <li class="py-1" :data-plan-item="tag" :data-state="state">
    <div class="flex items-center gap-2">
      <RouterLink
        :to="to"
        class="flex min-h-12 min-w-0 grow items-center gap-3 rounded-md"
        :class="state === 'done' && 'text-soft'"
      >
        <span class="sturdy w-14 shrink-0 text-xl">{{ tag }}</span>
        <span class="min-w-0 grow leading-tight">
          <span class="flex items-center gap-1.5 whitespace-nowrap">
            <component :is="item.work === 'check' ? ClipboardCheck : Wrench" :size="16" aria-hidden="true" />
            <span>{{ item.work === 'check' ? t.check : t.repair }}</span>
            <span class="figures text-soft">{{ t.minutes({ minutes: item.minutes }) }}</span>
          </span>
          <span class="figures block truncate text-sm text-soft">{{ details }}</span>
        </span>
        <span v-if="said" class="flex shrink-0 items-center gap-1 text-sm font-semibold" :class="said.tone"
          ><component :is="said.icon" :size="18" aria-hidden="true" />{{ said.word }}</span
        >
      </RouterLink>
      <IconButton
        v-if="others.length && state === 'waiting'"
        :name="t.giveTo({ tag })"
        :aria-expanded="giving"
        data-give
        @click="giving = !giving"
        ><Ellipsis aria-hidden="true"
      /></IconButton>
    </div>
    <div
      v-if="giving"
      class="flex flex-wrap items-center gap-1.5 pb-1 pl-16"
      role="group"
      :aria-label="t.giveTo({ tag })"
    >
      <span class="text-soft" aria-hidden="true">{{ t.giveToOther }}</span>
      <button
        v-for="person in others"
        :key="person.id"
        type="button"
        class="min-h-12 rounded-md border-2 border-ink/50 bg-plate px-3 font-semibold"
        :data-give-to="person.name"
        @click="give(person.id)"
      >
        {{ person.name }}
      </button>
    </div>
  </li>
</template>
