<script setup lang="ts" generic="T extends string | number">
import FieldFrame from './FieldFrame.vue';
import { useOwnAttrs } from './use-own-attrs';

/** One of a list, in the device's own picker: large under a thumb on a tablet, and known to every helper. */
defineOptions({ inheritAttrs: false });
defineProps<{
  label: string;
  options: readonly { readonly value: T; readonly label: string }[];
  error?: string | null | undefined;
  hideLabel?: boolean;
  wrong?: boolean;
}>();
const model = defineModel<T>({ required: true });
const { outer, inner } = useOwnAttrs();
</script>

<template>
  <FieldFrame v-slot="{ id, described }" v-bind="outer" :label="label" :error="error" :hide-label="hideLabel">
    <select
      v-bind="inner"
      :id="id"
      v-model="model"
      class="block h-12 w-full rounded-md border-2 bg-plate px-2"
      :class="[error || wrong ? 'border-held' : 'border-ink/60', !hideLabel && 'mt-1']"
      :aria-invalid="Boolean(error || wrong)"
      :aria-describedby="described"
    >
      <option v-for="option in options" :key="option.value" :value="option.value">{{ option.label }}</option>
    </select>
  </FieldFrame>
</template>
