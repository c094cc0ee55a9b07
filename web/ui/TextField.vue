<script setup lang="ts">
import FieldFrame from './FieldFrame.vue';
import { useOwnAttrs } from './use-own-attrs';

/** A line of text or a number; `rows` makes it several lines. What a field of the browser knows (maxlength, inputmode …) goes to it. */
defineOptions({ inheritAttrs: false });
defineProps<{
  label: string;
  error?: string | null | undefined;
  hint?: string | undefined;
  type?: string;
  autocomplete?: string;
  hideLabel?: boolean;
  /** Wrong, where what is wrong is said elsewhere. */
  wrong?: boolean;
  rows?: number;
}>();
const model = defineModel<string>({ required: true });
const { outer, inner } = useOwnAttrs();
</script>

<template>
  <FieldFrame
    v-slot="{ id, described }"
    v-bind="outer"
    :label="label"
    :error="error"
    :hint="hint"
    :hide-label="hideLabel"
  >
    <component
      :is="rows ? 'textarea' : 'input'"
      v-bind="inner"
      :id="id"
      :value="model"
      :type="rows ? undefined : (type ?? 'text')"
      :rows="rows"
      :autocomplete="autocomplete ?? 'off'"
      class="block w-full rounded-md border-2 bg-plate px-3 placeholder:text-soft"
      :class="[
        rows ? 'py-2' : 'h-12',
        error || wrong ? 'border-held' : 'border-ink/60',
        'inputmode' in inner && 'figures',
        !hideLabel && 'mt-1',
      ]"
      :aria-invalid="Boolean(error || wrong)"
      :aria-describedby="described"
      @input="model = ($event.target as HTMLInputElement).value"
    />
  </FieldFrame>
</template>
