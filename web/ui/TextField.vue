<script setup lang="ts">
import { useId } from 'vue';

defineProps<{ label: string; error?: string | null; hint?: string; type?: string; autocomplete?: string }>();
const model = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
  <div>
    <label :for="id" class="font-semibold">{{ label }}</label>
    <input
      :id="id"
      v-model="model"
      :type="type ?? 'text'"
      :autocomplete="autocomplete ?? 'off'"
      class="mt-1 block h-12 w-full rounded-md border-2 bg-plate px-3"
      :class="error ? 'border-held' : 'border-ink/60'"
      :aria-invalid="Boolean(error)"
      :aria-describedby="error || hint ? `${id}-said` : undefined"
    />
    <p
      v-if="error || hint"
      :id="`${id}-said`"
      class="mt-0.5 text-[0.95rem]"
      :class="error ? 'font-semibold text-held' : 'text-soft'"
    >
      {{ error ?? hint }}
    </p>
  </div>
</template>
