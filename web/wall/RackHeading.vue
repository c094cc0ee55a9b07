<script setup lang="ts">
import { ref, watch } from 'vue';
import { ArrowDown, ArrowUp, GripVertical, Trash2 } from '@lucide/vue';
import type { Rack } from '@cadre/contract/fleet';
import { ActButton, TextField, useDragPlace } from '@cadre/web/ui';

/** A rack's name over its rail; while racks are arranged, what can be changed of it. */
const props = defineProps<{
  rack: Rack;
  bikes: number;
  shown: number;
  arranging: boolean;
  first: boolean;
  last: boolean;
  busy: boolean;
}>();
const emit = defineEmits<{
  change: [name: string, hooks: number];
  move: [by: number];
  remove: [];
  dropped: [rackId: string];
}>();
const form = ref<HTMLElement | null>(null);
const over = useDragPlace(form, {
  on: () => props.arranging,
  kind: 'rack',
  dragged: () => props.rack.id,
  takes: () => true,
  dropped: (rackId) => emit('dropped', rackId),
});
const name = ref(props.rack.name);
const hooks = ref(String(props.rack.hooks.length));
watch(
  () => props.rack,
  (rack) => {
    name.value = rack.name;
    hooks.value = String(rack.hooks.length);
  },
);
const changed = (): boolean =>
  name.value.trim() !== props.rack.name || Number(hooks.value) !== props.rack.hooks.length;
</script>

<template>
  <form
    v-if="arranging"
    ref="form"
    class="flex h-full flex-wrap content-center items-center gap-2 px-1 rounded-md"
    :class="over && 'ring-4 ring-watch'"
    :aria-label="`Rack ${rack.name}`"
    :data-rack-form="rack.name"
    @submit.prevent="emit('change', name.trim(), Number(hooks))"
  >
    <GripVertical class="size-6 shrink-0 cursor-grab text-soft" aria-hidden="true" />
    <label class="sr-only" :for="`name-${rack.id}`">Name of rack {{ rack.name }}</label>
    <input
      :id="`name-${rack.id}`"
      v-model="name"
      maxlength="40"
      class="sturdy h-12 w-44 min-w-0 rounded-md border-2 border-ink/60 bg-plate px-2 text-lg max-sm:w-28"
    />
    <span class="flex items-center gap-1.5"
      ><span class="text-soft max-sm:sr-only">hooks</span
      ><TextField
        v-model="hooks"
        :label="`Hooks of ${rack.name}`"
        hide-label
        class="w-18"
        type="number"
        min="1"
        max="200"
        data-rack-hooks
    /></span>
    <ActButton v-if="changed()" type="submit" kind="main" :disabled="busy" data-rack-save>Save</ActButton>
    <span class="ml-auto flex">
      <button
        type="button"
        class="grid size-12 place-items-center rounded-md disabled:opacity-30"
        :disabled="first || busy"
        :aria-label="`${rack.name} up`"
        @click="emit('move', -1)"
      >
        <ArrowUp class="size-6" aria-hidden="true" />
      </button>
      <button
        type="button"
        class="grid size-12 place-items-center rounded-md disabled:opacity-30"
        :disabled="last || busy"
        :aria-label="`${rack.name} down`"
        @click="emit('move', 1)"
      >
        <ArrowDown class="size-6" aria-hidden="true" />
      </button>
      <button
        type="button"
        class="grid size-12 place-items-center rounded-md disabled:opacity-30"
        :disabled="bikes > 0 || busy"
        :aria-label="`Take ${rack.name} down`"
        :title="bikes > 0 ? 'Hang its bikes elsewhere first' : undefined"
        @click="emit('remove')"
      >
        <Trash2 class="size-6" aria-hidden="true" />
      </button>
    </span>
  </form>
  <h3 v-else class="flex items-baseline gap-3 px-1">
    <span class="sturdy text-lg">{{ rack.name }}</span>
    <span class="figures text-sm text-soft"
      >{{ bikes }} of {{ rack.hooks.length }} hooks{{
        shown < rack.hooks.length && shown === bikes ? ' shown' : ''
      }}</span
    >
  </h3>
</template>
