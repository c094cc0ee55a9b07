<script setup lang="ts">
/** An act shown by a drawing alone. Its name is what a screen reader says. */
withDefaults(defineProps<{ name: string; disabled?: boolean }>(), { disabled: false });
</script>

<template>
  <button
    type="button"
    class="grid size-12 shrink-0 place-items-center rounded-md disabled:opacity-30"
    :disabled="disabled"
    :aria-label="name"
  >
    <slot />
  </button>
</template>
