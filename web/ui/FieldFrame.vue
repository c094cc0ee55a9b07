<script setup lang="ts">
import { computed, useId } from 'vue';

/** A field with its label above it and what is wrong, or a hint, below: the one frame of every field. */
const props = defineProps<{
  label: string;
  error?: string | null | undefined;
  hint?: string | undefined;
  /** Heard, not shown: what stands beside it names it already. */
  hideLabel?: boolean;
}>();
const id = useId();
const says = computed(() => props.error || props.hint || '');
</script>

<template>
  <div>
    <label :for="id" :class="hideLabel ? 'sr-only' : 'font-semibold'">{{ label }}</label>
    <slot :id="id" :described="says ? `${id}-says` : undefined" />
    <p
      v-if="says"
      :id="`${id}-says`"
      class="mt-0.5 text-[0.95rem]"
      :class="error ? 'font-semibold text-held' : 'text-soft'"
    >
      {{ says }}
    </p>
  </div>
</template>
