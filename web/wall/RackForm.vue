<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { ArrowDown, ArrowUp, GripVertical, Trash2 } from '@lucide/vue';
import type { Rack } from '@cadre/contract/fleet';
import { ActButton, IconButton, TextField, useDragPlace } from '@cadre/web/ui';
import { useFleet } from '@cadre/web/fleet';
import { ON_WALL } from './wall-key';
import * as t from './messages';

/** What can be changed of a rack while racks are arranged: name, hooks, where it stands. */
const props = defineProps<{ rack: Rack; bikes: number }>();
const fleet = useFleet();
const { arrange } = useProvided(ON_WALL);
const { busy } = arrange.refusal;
const form = useTemplateRef('form');
const over = useDragPlace(form, {
  on: () => true,
  kind: 'rack',
  dragged: () => props.rack.id,
  takes: () => true,
  dropped: (rackId) => void arrange.place(rackId, props.rack),
});
const ofSite = computed(() => fleet.racks.filter((each) => each.siteId === props.rack.siteId));
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
    ref="form"
    class="flex h-full flex-wrap content-center items-center gap-2 rounded-md px-1"
    :class="over && 'ring-4 ring-watch'"
    :aria-label="t.rackName({ name: rack.name })"
    :data-rack-form="rack.name"
    @submit.prevent="arrange.change(rack, name.trim(), Number(hooks))"
  >
    <GripVertical class="size-6 shrink-0 cursor-grab text-soft" aria-hidden="true" />
    <TextField
      v-model="name"
      :label="t.nameRackName({ name: rack.name })"
      hide-label
      class="w-44 max-sm:w-28"
      maxlength="40"
      data-rack-name
    />
    <span class="flex items-center gap-1.5"
      ><span class="text-soft max-sm:sr-only">{{ t.hooks }}</span
      ><TextField
        v-model="hooks"
        :label="t.hooksName({ name: rack.name })"
        hide-label
        class="w-18"
        type="number"
        min="1"
        max="200"
        data-rack-hooks
    /></span>
    <ActButton v-if="changed()" type="submit" kind="main" :disabled="busy" data-rack-save>{{
      t.save
    }}</ActButton>
    <span class="ml-auto flex">
      <IconButton
        :name="`${rack.name} up`"
        :disabled="ofSite[0]?.id === rack.id || busy"
        @click="arrange.move(rack, -1)"
        ><ArrowUp class="size-6" aria-hidden="true"
      /></IconButton>
      <IconButton
        :name="`${rack.name} down`"
        :disabled="ofSite.at(-1)?.id === rack.id || busy"
        @click="arrange.move(rack, 1)"
        ><ArrowDown class="size-6" aria-hidden="true"
      /></IconButton>
      <IconButton
        :name="t.removeRack({ name: rack.name })"
        :disabled="bikes > 0 || busy"
        :title="bikes > 0 ? t.moveBikesRackOther : undefined"
        @click="arrange.remove(rack)"
        ><Trash2 class="size-6" aria-hidden="true"
      /></IconButton>
    </span>
  </form>
</template>
