<script setup lang="ts">
import { computed } from 'vue';
import { PRACTICES, type PracticeQuestion } from '@cadre/core/catalogue';
import { PRACTICE_PROSE } from '@cadre/core/shipped';
import * as t from './messages';

/** One question, its sides with what each does and says for itself. */
const props = defineProps<{ question: PracticeQuestion; chosen: string }>();
const emit = defineEmits<{ choose: [side: string] }>();
const prose = computed(() => PRACTICE_PROSE[props.question]);
const sides = computed(() => {
  const words = prose.value.sides as Record<string, { name: string; rule: string; reason: string }>;
  return PRACTICES[props.question].map((key) => ({
    key: key,
    ...(words[key] ?? { name: key, rule: '', reason: '' }),
  }));
});
</script>

<template>
  <fieldset :data-practice="question">
    <legend class="text-lg font-semibold">{{ prose.question }}</legend>
    <div class="mt-1 grid gap-2 md:grid-cols-3">
      <label
        v-for="side in sides"
        :key="side.key"
        class="flex cursor-pointer gap-3 rounded-lg border-2 p-3 has-[:focus-visible]:outline-3"
        :class="chosen === side.key ? 'border-act bg-plate' : 'border-line'"
      >
        <input
          type="radio"
          :name="question"
          :value="side.key"
          :checked="chosen === side.key"
          class="mt-0.5 size-6 shrink-0"
          @change="emit('choose', side.key)"
        />
        <span class="leading-snug"
          ><span class="font-semibold">{{ side.name }}</span
          ><span v-if="chosen === side.key" class="text-soft">{{ ' ' }}{{ t.yourPolicy }}</span
          ><br />{{ side.rule }} <span class="mt-1 block text-soft">“{{ side.reason }}”</span></span
        >
      </label>
    </div>
  </fieldset>
</template>
