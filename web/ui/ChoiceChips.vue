<script setup lang="ts" generic="T extends string">
/** Things to choose among as plates side by side: several, or just one. */
const props = defineProps<{
  name: string;
  options: readonly { readonly value: T; readonly label: string }[];
  chosen: readonly T[];
  /** The name stands before them; else it is only heard. */
  named?: boolean;
}>();
const emit = defineEmits<{ toggle: [value: T]; choose: [values: T[]] }>();
function toggle(value: T): void {
  emit('toggle', value);
  emit(
    'choose',
    props.chosen.includes(value) ? props.chosen.filter((each) => each !== value) : [...props.chosen, value],
  );
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-1.5" role="group" :aria-label="name">
    <span v-if="named" class="w-16 text-soft" aria-hidden="true">{{ name }}</span>
    <button
      v-for="option in options"
      :key="option.value"
      type="button"
      class="min-h-12 rounded-md border-2 px-3 font-semibold leading-tight"
      :class="chosen.includes(option.value) ? 'border-act bg-act text-on-act' : 'border-ink/50 bg-plate'"
      :aria-pressed="chosen.includes(option.value)"
      :data-choose="option.value"
      @click="toggle(option.value)"
    >
      {{ option.label }}
    </button>
  </div>
</template>
