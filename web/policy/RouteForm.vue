<script setup lang="ts">
import { computed, ref } from 'vue';
import { ArrowDown, ArrowUp } from '@lucide/vue';
import type { OwnRoute, Zone } from '@cadre/core/catalogue';
import { USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { fieldWords } from '@cadre/web/platform/api';
import { BikeFigure } from '@cadre/web/figures';
import { ZONE_WORDS } from '@cadre/web/words';
import { ActButton, TextField, IconButton } from '@cadre/web/ui';
import RouteZone from './RouteZone.vue';
import * as t from './messages';

/** A route of one's own being written: its name, and its zones in order, drawn as a walk round the bike. */
defineProps<{ kind: BikeKind; busy: boolean }>();
const writing = defineModel<OwnRoute>({ required: true });
const emit = defineEmits<{ save: []; close: [] }>();
const tried = ref(false);
function move(zone: Zone, to: number): void {
  const zones = writing.value.zones.filter((each) => each !== zone);
  writing.value = { ...writing.value, zones: [...zones.slice(0, to), zone, ...zones.slice(to)] };
}
const name = computed({
  get: () => writing.value.name,
  set: (text) => (writing.value = { ...writing.value, name: text }),
});
function save(): void {
  tried.value = true;
  if (name.value.trim()) emit('save');
}
</script>

<template>
  <section
    class="grid gap-4 rounded-lg border-2 border-act bg-plate p-4 lg:grid-cols-[1fr_26rem]"
    :aria-label="t.yourRoute"
    data-route-form
  >
    <div class="space-y-3">
      <TextField
        v-model="name"
        :label="t.name"
        :error="tried && !name.trim() ? fieldWords('required') : null"
        data-field="route-name"
      />
      <div class="h-72">
        <BikeFigure
          :build="USUAL_BUILD[kind]"
          :label="t.previewRoute"
          :route="writing"
          numbered
          :zones="writing.zones"
        />
      </div>
      <div class="flex flex-wrap gap-2">
        <ActButton kind="main" :disabled="busy" data-keep-route @click="save">{{ t.saveRoute }}</ActButton>
        <ActButton @click="emit('close')">{{ t.cancel }}</ActButton>
      </div>
    </div>
    <ol class="space-y-1">
      <RouteZone
        v-for="(zone, index) in writing.zones"
        :key="zone"
        :zone="zone"
        :at="index"
        @dropped="(dragged) => move(dragged, index)"
      >
        <span class="sturdy w-7">{{ index + 1 }}</span><span class="grow">{{ ZONE_WORDS[zone] }}</span>
        <IconButton
          :disabled="index === 0"
          :name="`${ZONE_WORDS[zone]}: earlier`"
          @click="move(zone, index - 1)"
        >
          <ArrowUp class="size-5" aria-hidden="true" />
        </IconButton>
        <IconButton
          :disabled="index === writing.zones.length - 1"
          :name="`${ZONE_WORDS[zone]}: later`"
          data-route-later
          @click="move(zone, index + 1)"
        >
          <ArrowDown class="size-5" aria-hidden="true" />
        </IconButton>
      </RouteZone>
    </ol>
  </section>
</template>
