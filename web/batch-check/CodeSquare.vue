<script setup lang="ts">
import { computed } from 'vue';
import { create } from 'qrcode';

/** A square code as one path, sharp at any size of paper. */
const props = defineProps<{ text: string; label: string }>();
const code = computed(() => {
  const { modules } = create(props.text, { errorCorrectionLevel: 'M' });
  let path = '';
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0; column < modules.size; column += 1)
      if (modules.get(row, column)) path += `M${column + 4} ${row + 4}h1v1h-1z`;
  return { path, size: modules.size + 8 };
});
</script>

<template>
  <svg :viewBox="`0 0 ${code.size} ${code.size}`" role="img" :aria-label="label" shape-rendering="crispEdges">
    <rect width="100%" height="100%" fill="#fff" />
    <path :d="code.path" fill="#000" />
  </svg>
</template>
