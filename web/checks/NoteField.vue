<script setup lang="ts">
import { ref, useId, watch } from 'vue';
import { useSession } from '@cadre/web/people';
import { phrasesOf, rememberPhrase } from './phrases';
import * as t from './messages';

/** A note by typing, or by one touch on what this person often writes. */
defineProps<{ prompt: string; needed: boolean }>();
const note = defineModel<string>({ required: true });
const emit = defineEmits<{ change: [] }>();
const session = useSession();
const id = useId();
const phrases = ref<readonly string[]>([]);
watch(
  note,
  async (text) => {
    phrases.value = session.person ? await phrasesOf(session.person.id, text) : [];
  },
  { immediate: true },
);
function done(): void {
  if (session.person) void rememberPhrase(session.person.id, note.value);
  emit('change');
}
function take(phrase: string): void {
  note.value = phrase;
  done();
}
</script>

<template>
  <div>
    <label :for="id" class="text-soft">{{ prompt }}</label>
    <textarea
      :id="id"
      v-model="note"
      rows="2"
      maxlength="1000"
      class="mt-1 block w-full rounded-md border-2 border-line bg-plate px-3 py-2"
      :aria-required="needed"
      data-note
      @change="done"
    />
    <p v-if="phrases.length" class="mt-1 flex flex-wrap gap-1.5" :aria-label="t.notesYouOftenWrite">
      <button
        v-for="phrase in phrases"
        :key="phrase"
        type="button"
        class="min-h-12 rounded border-2 border-line bg-plate px-2.5 text-left leading-tight"
        data-phrase
        @click="take(phrase)"
      >
        {{ phrase }}
      </button>
    </p>
  </div>
</template>
