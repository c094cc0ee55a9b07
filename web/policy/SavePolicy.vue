<script setup lang="ts">
import { ref } from 'vue';
import { fieldWords } from '@cadre/web/platform/api';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, TextField, type Refusal } from '@cadre/web/ui';
import PolicyEffect from './PolicyEffect.vue';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** Nothing is saved unseen: first which bikes would change, then why, then the new version. */
const props = defineProps<{ wrong: boolean; refusal: Refusal }>();
const fleet = useFleet();
const { changed, preview, look, publish } = useGivenPolicy();
const note = ref('');
const tried = ref(false);
const save = (): void => {
  tried.value = true;
  if (note.value.trim() === '') return;
  void props.refusal.run(async () => {
    await publish(note.value.trim());
    note.value = '';
    tried.value = false;
    await fleet.load();
  });
};
</script>

<template>
  <section class="space-y-3 rounded-lg border-2 border-ink/60 bg-plate p-4" aria-labelledby="save">
    <h2 id="save" class="sturdy text-lg">{{ t.checkBeforeSaving }}</h2>
    <p v-if="changed.length === 0" class="text-soft">{{ t.noChangesYet }}</p>
    <template v-else>
      <ActButton
        class="w-full"
        :disabled="refusal.busy.value || wrong"
        data-preview
        @click="refusal.run(look)"
        >{{ t.showAffectedBikes }}</ActButton
      >
      <PolicyEffect v-if="preview" :preview="preview" />
      <template v-if="preview">
        <TextField
          v-model="note"
          :label="t.reasonForChange"
          :error="tried && !note.trim() ? fieldWords('required') : null"
          data-policy="note"
        />
        <ActButton
          kind="main"
          class="w-full"
          :disabled="refusal.busy.value"
          data-publish-policy
          @click="save"
          >{{ t.saveNewVersion }}</ActButton
        >
      </template>
    </template>
  </section>
</template>
