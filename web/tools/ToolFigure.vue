<script setup lang="ts">
import { useId } from 'vue';
import type { ToolField } from './tool';
import * as t from './messages';

/** One thing a tool asks for: a figure with its unit, or one of a list. */
defineProps<{ field: ToolField; error: string | null }>();
const text = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
  <div>
    <label :for="id" class="font-semibold"
      >{{ field.label
      }}<span v-if="field.spare" class="font-normal text-soft">{{ ' ' }}{{ t.ifKnown }}</span></label
    >
    <span class="mt-0.5 flex items-center gap-2">
      <select
        v-if="field.choices"
        :id="id"
        v-model="text"
        class="h-12 rounded-md border-2 border-ink/60 bg-plate px-2"
        :data-field="field.key"
      >
        <option v-for="choice in field.choices" :key="choice.value" :value="choice.value">
          {{ choice.label }}
        </option>
      </select>
      <input
        v-else
        :id="id"
        v-model="text"
        autocomplete="off"
        maxlength="200"
        class="figures h-12 w-full min-w-0 rounded-md border-2 bg-plate px-2 text-lg"
        :class="error ? 'border-held' : 'border-ink/60'"
        :aria-invalid="Boolean(error)"
        :aria-describedby="error || field.hint ? `${id}-said` : undefined"
        :data-field="field.key"
      /><span v-if="field.unit" class="shrink-0">{{ field.unit }}</span>
    </span>
    <p
      v-if="error || field.hint"
      :id="`${id}-said`"
      class="text-[0.95rem]"
      :class="error ? 'font-semibold text-held' : 'text-soft'"
    >
      {{ error ?? field.hint }}
    </p>
  </div>
</template>
