<script setup lang="ts">
import { computed, reactive, watch } from 'vue';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

export interface Differing {
  readonly name: string;
  readonly label: string;
  readonly mine: string;
  readonly theirs: string;
}

/** Two people edited one thing: both sides, field by field, each to be chosen. What was typed stays until it is. */
const props = defineProps<{ differing: readonly Differing[] }>();
const emit = defineEmits<{ chosen: [theirs: ReadonlySet<string>] }>();
const choice = reactive<Record<string, 'mine' | 'theirs'>>({});
watch(
  () => props.differing,
  (fields) => fields.forEach((field) => (choice[field.name] ??= 'mine')),
  { immediate: true },
);
const theirs = computed(
  () =>
    new Set(props.differing.filter((field) => choice[field.name] === 'theirs').map((field) => field.name)),
);
const all = (side: 'mine' | 'theirs'): void =>
  props.differing.forEach((field) => (choice[field.name] = side));
</script>

<template>
  <section class="rounded-md border-2 border-watch bg-watch-wash p-3" :aria-label="t.bothSides">
    <p class="font-semibold">{{ t.anotherPersonHasChanged }}</p>
    <div
      v-for="field in differing"
      :key="field.name"
      role="radiogroup"
      :aria-label="field.label"
      class="mt-2 border-t border-watch/40 pt-2"
    >
      <p class="text-soft">{{ field.label }}</p>
      <div class="flex flex-wrap gap-2">
        <label
          v-for="side in ['mine', 'theirs'] as const"
          :key="side"
          class="flex min-h-12 grow items-center gap-2 rounded-md border-2 bg-plate px-3"
          :class="choice[field.name] === side ? 'border-act' : 'border-line'"
        >
          <input
            v-model="choice[field.name]"
            type="radio"
            :name="`side-${field.name}`"
            :value="side"
            class="size-5"
          />
          <span
            ><span class="text-soft">{{ side === 'mine' ? t.yours : t.theirs }}</span
            >{{ ' ' }}<strong>{{ field[side] || t.empty }}</strong></span
          >
        </label>
      </div>
    </div>
    <div class="mt-3 flex flex-wrap gap-2">
      <ActButton kind="main" data-both-save @click="emit('chosen', theirs)">{{
        t.saveTheseValues
      }}</ActButton>
      <ActButton @click="all('mine')">{{ t.useAllMine }}</ActButton><ActButton @click="all('theirs')">{{
        t.useAllTheirs
      }}</ActButton>
    </div>
  </section>
</template>
