<script setup lang="ts">
import { ref } from 'vue';
import type { Site } from '@cadre/contract/fleet';
import { ActButton } from '@cadre/web/ui';

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
    :aria-label="`Add a rack at ${site.name}`"
    @submit.prevent="add"
  >
    <input
      v-model="name"
      maxlength="40"
      placeholder="New rack"
      :aria-label="`Name of a new rack at ${site.name}`"
      class="h-12 w-36 rounded-md border-2 border-ink/60 bg-plate px-2 placeholder:text-soft max-sm:w-28"
    />
    <input
      v-model="hooks"
      type="number"
      min="1"
      max="200"
      :aria-label="`Hooks of the new rack at ${site.name}`"
      class="figures h-12 w-18 rounded-md border-2 border-ink/60 bg-plate px-2"
    />
    <ActButton type="submit" :disabled="busy || name.trim() === ''" data-rack-add>Add rack</ActButton>
  </form>
</template>
