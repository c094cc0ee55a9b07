<script setup lang="ts">
import { computed } from 'vue';
import type { Bike, Rack } from '@cadre/contract/fleet';
import type { Fitness } from '@cadre/core/fitness';
import BikeTag from './BikeTag.vue';

const props = defineProps<{
  rack: Rack;
  bikes: readonly Bike[];
  fitnessOf: (bike: Bike) => Fitness;
  picked: string | null;
  begun: ReadonlySet<string>;
}>();
const emit = defineEmits<{ pick: [id: string] }>();

const hooks = computed(() => props.rack.hooks.map((hook) => ({ ...hook, bike: props.bikes.find((bike) => bike.hookId === hook.id) ?? null })));
</script>

<template>
  <section :aria-label="`${rack.name}, ${hooks.length} hooks`" class="pt-1">
    <h3 class="flex items-baseline gap-3 px-1">
      <span class="sturdy text-lg">{{ rack.name }}</span>
      <span class="text-sm text-soft">{{ hooks.filter((hook) => hook.bike).length }} of {{ hooks.length }} hooks</span>
    </h3>
    <ol class="grid grid-cols-[repeat(auto-fill,minmax(6.6rem,1fr))] gap-y-3 pb-2 pt-1">
      <li v-for="hook in hooks" :key="hook.id" class="relative flex flex-col px-1.5">
        <span class="absolute inset-x-0 top-0 h-2.5 bg-rail shadow-[inset_0_2px_0_rgb(255_255_255/.35)]" aria-hidden="true" />
        <span class="mx-auto h-6 w-1 bg-rail" aria-hidden="true" />
        <BikeTag
          v-if="hook.bike"
          :bike="hook.bike"
          :fitness="fitnessOf(hook.bike)"
          :picked="picked === hook.bike.id"
          :began-check="begun.has(hook.bike.id)"
          @click="emit('pick', hook.bike.id)"
        />
        <span v-else class="grid min-h-24 grow place-items-center rounded-b-lg rounded-t-[1.6rem] border border-dashed border-line text-sm text-soft"
          >hook {{ hook.number }}</span
        >
        <span v-if="hook.bike" class="sr-only">hook {{ hook.number }}</span>
      </li>
    </ol>
  </section>
</template>
