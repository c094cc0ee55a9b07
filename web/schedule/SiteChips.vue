<script setup lang="ts">
/** Which site, one at a time. */
defineProps<{ sites: readonly { readonly value: string; readonly label: string }[] }>();
const site = defineModel<string>({ required: true });
</script>

<template>
  <div class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Site">
    <span class="w-16 text-soft">Site</span>
    <button
      v-for="each in sites"
      :key="each.value"
      type="button"
      class="min-h-12 rounded-md border-2 px-3 font-semibold leading-tight"
      :class="each.value === site ? 'border-act bg-act text-on-act' : 'border-ink/50 bg-plate'"
      :aria-pressed="each.value === site"
      :data-choose-site="each.label"
      @click="site = each.value"
    >
      {{ each.label }}
    </button>
  </div>
</template>
