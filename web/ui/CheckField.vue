<script setup lang="ts">
/** A box to tick with its words beside it; the whole line is the target. */
defineOptions({ inheritAttrs: false });
const model = defineModel<boolean>({ required: true });
</script>

<template>
  <label class="flex min-h-12 items-center gap-2 leading-tight" :class="$attrs.class"
    ><input v-bind="{ ...$attrs, class: '' }" v-model="model" type="checkbox" class="size-6 shrink-0" /><span
      ><slot /></span
  ></label>
</template>
