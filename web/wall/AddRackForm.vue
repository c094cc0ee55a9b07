<script setup lang="ts">
import { ref } from 'vue';
import type { Site } from '@cadre/contract/fleet';
import { ActButton, TextField } from '@cadre/web/ui';
import * as t from './messages';

defineProps<{ site: Site; busy: boolean }>();
const emit = defineEmits<{ add: [name: string, hooks: number] }>();
const name = ref('');
const hooks = ref('10');
function add(): void {
  if (name.value.trim() === '') return;
  emit('add', name.value.trim(), Number(hooks.value));
  name.value = '';
}
</script>

<template>
  <form
    class="flex flex-wrap items-center gap-2"
    :aria-label="t.addRackName({ name: site.name })"
    @submit.prevent="add"
  >
    <TextField
      v-model="name"
      :label="t.nameNewRackName({ name: site.name })"
      hide-label
      class="max-sm:w-28 w-36"
      maxlength="40"
      :placeholder="t.newRack"
      data-new-rack-name
    />
    <TextField
      v-model="hooks"
      :label="t.hooksNewRackName({ name: site.name })"
      hide-label
      class="w-18"
      type="number"
      min="1"
      max="200"
      data-new-rack-hooks
    />
    <ActButton type="submit" :disabled="busy || name.trim() === ''" data-rack-add>{{ t.addRack }}</ActButton>
  </form>
</template>
