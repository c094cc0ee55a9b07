<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { ActButton, TextField } from '@cadre/web/ui';
import * as t from './messages';

/** A tag of steel or card on the bike itself, for whoever has no screen in hand: named here, asked back at the release. */
const props = defineProps<{ bike: Bike; busy: boolean; may: boolean }>();
const emit = defineEmits<{ hang: [name: string] }>();
const open = ref(false);
const name = ref('');
const hangs = computed(() => props.bike.facts.holds.find((hold) => hold.hangTag)?.hangTag ?? null);
function hang(): void {
  if (!name.value.trim()) return;
  emit('hang', name.value.trim());
  open.value = false;
}
</script>

<template>
  <div class="flex flex-wrap items-end gap-x-3 gap-y-2" data-hang-tag>
    <p v-if="hangs" class="grow">
      <span class="text-soft">{{ t.hangTagOnBike }}</span> <span class="sturdy" data-hangs>{{ hangs }}</span>
    </p>
    <template v-else-if="may">
      <ActButton v-if="!open" data-hang-open @click="open = true">{{ t.putHangTagOn }}</ActButton>
      <form v-else class="flex grow flex-wrap items-end gap-2" @submit.prevent="hang">
        <TextField v-model="name" :label="t.numberColourHangTag" class="grow" maxlength="40" data-hang-name />
        <ActButton kind="main" type="submit" :disabled="busy || !name.trim()" data-hang>{{
          t.hangTagOnTag({ tag: bike.tag })
        }}</ActButton>
        <ActButton @click="open = false">{{ t.cancel }}</ActButton>
      </form>
    </template>
    <ActButton
      :to="{ name: 'hold-tag', params: { bikeId: bike.id } }"
      data-print-tag
      kind="quiet"
      class="!px-0"
      >{{ t.printHangTag }}</ActButton
    >
  </div>
</template>
