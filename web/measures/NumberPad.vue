<script setup lang="ts">
import { computed } from 'vue';
import { Delete } from '@lucide/vue';
import { MEASURES, valuesOf, type Measure } from '@cadre/core/measures';
import * as t from './messages';

/** Large keys for gloved fingers: figures, what a reading of this measure may need besides, and the units it is told in. */
const props = defineProps<{ measure: Measure; name: string }>();
const text = defineModel<string>({ required: true });
const emit = defineEmits<{ done: [] }>();
const FIGURES = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'];
const more = computed(() => [
  ...(['chain', 'sag', 'lever-travel', 'battery'].includes(props.measure) ? ['/'] : []),
  ...(props.measure === 'chain' ? ['-'] : []),
  ...(valuesOf(props.measure).many > 1 ? ['next'] : []),
  ...(MEASURES[props.measure] === 'kPa' ? ['bar', 'psi'] : []),
]);
function put(key: string): void {
  if (key === 'next') text.value = `${text.value.trimEnd()} `;
  else if (/^[a-z]/.test(key)) text.value = `${text.value.replace(/\s*[a-z]+$/i, '')} ${key}`;
  else text.value += key;
}
const KEY =
  'flex min-h-14 min-w-14 items-center justify-center rounded-md border-2 border-ink/50 bg-plate text-xl font-semibold';
</script>

<template>
  <div
    class="flex basis-full flex-wrap gap-1.5"
    role="group"
    :aria-label="t.numberKeysForName({ name })"
    data-pad
  >
    <div class="grid w-52 grid-cols-3 gap-1.5">
      <button v-for="key in FIGURES" :key="key" type="button" :class="KEY" :data-key="key" @click="put(key)">
        {{ key }}
      </button>
      <button
        type="button"
        :class="KEY"
        :aria-label="t.deleteLastDigit"
        data-key="back"
        @click="text = text.slice(0, -1)"
      >
        <Delete :size="24" aria-hidden="true" />
      </button>
    </div>
    <div class="flex flex-col gap-1.5">
      <button
        v-for="key in more"
        :key="key"
        type="button"
        :class="[KEY, 'px-3']"
        :data-key="key"
        @click="put(key)"
      >
        {{ key === 'next' ? t.nextValue : key }}
      </button>
      <button
        type="button"
        class="mt-auto min-h-14 rounded-md bg-act px-5 text-lg font-semibold text-on-act"
        data-key="enter"
        @click="emit('done')"
      >
        {{ t.enter }}
      </button>
    </div>
  </div>
</template>
