<script setup lang="ts">
import { useId } from 'vue';

defineProps<{
  label: string;
  options: readonly { readonly value: string; readonly label: string }[];
  error?: string | null;
}>();
const model = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
  <div>
    <label :for="id" class="font-semibold">{{ label }}</label>
    <select
      :id="id"
      v-model="model"
      class="mt-1 block h-12 w-full rounded-md border-2 bg-plate px-2"
      :class="error ? 'border-held' : 'border-ink/60'"
      :aria-invalid="Boolean(error)"
      :aria-describedby="error ? `${id}-said` : undefined"
    >
      <option v-for="option in options" :key="option.value" :value="option.value">{{ option.label }}</option>
    </select>
    <p v-if="error" :id="`${id}-said`" class="mt-0.5 text-[0.95rem] font-semibold text-held">{{ error }}</p>
  </div>
</template>
