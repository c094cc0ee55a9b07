<script setup lang="ts">
import { computed, ref } from 'vue';
import { changesNothing, type ChecklistDifference } from '@cadre/core/catalogue';
import type { FieldIssue } from '@cadre/core/errors';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, TextField } from '@cadre/web/ui';
import DifferenceList from './DifferenceList.vue';
import * as t from './messages';

/** What publishing would change, and the word it is published with. A critical that goes wants a reason. */
const props = defineProps<{
  difference: ChecklistDifference | null;
  dropped: readonly string[];
  issues: readonly FieldIssue[];
  busy: boolean;
  fresh: boolean;
  /** A checkpoint is being written and is not on the checklist yet. */
  unfinished: boolean;
}>();
const emit = defineEmits<{ publish: [note: string, reason: string]; show: []; leave: [] }>();
const note = ref('');
const reason = ref('');
const tried = ref(false);
const nothing = computed(() => props.difference !== null && changesNothing(props.difference));
const noteMissing = computed(() => tried.value && note.value.trim() === '');
const reasonMissing = computed(() => tried.value && props.dropped.length > 0 && reason.value.trim() === '');
function publish(): void {
  tried.value = true;
  if (note.value.trim() === '' || (props.dropped.length > 0 && reason.value.trim() === '')) return;
  emit('publish', note.value.trim(), reason.value.trim());
}
</script>

<template>
  <section class="space-y-3 rounded-lg border-2 border-ink/60 bg-plate p-4" aria-labelledby="publish">
    <h2 id="publish" class="sturdy text-lg">{{ fresh ? t.publish : t.effectPublishing }}</h2>
    <DifferenceList v-if="difference" :difference="difference" />
    <p class="leading-snug text-soft">
      {{ t.bikesCheckedTodayStay }}
    </p>
    <TextField
      v-model="note"
      :label="t.whatChangedInFew"
      :error="noteMissing ? fieldWords('required') : null"
      data-field="publish-note"
    />
    <template v-if="dropped.length">
      <p class="font-semibold leading-snug text-held">
        {{ t.noLongerCriticalDropped({ dropped: dropped.join(', ') }) }}
      </p>
      <TextField
        v-model="reason"
        :label="t.reason"
        :error="reasonMissing ? fieldWords('required') : null"
        data-field="publish-reason"
      />
    </template>
    <ul v-if="issues.length" class="font-semibold text-held" role="alert">
      <li v-for="issue in issues" :key="issue.path + issue.code">
        {{ issue.path }}: {{ fieldWords(issue.code, issue.params) }}
      </li>
    </ul>
    <div v-if="tried && unfinished" class="leading-snug" role="alert" data-unfinished>
      <p class="font-semibold text-held">{{ t.checkpointUnfinished }}</p>
      <p>{{ t.addOrCancelCheckpoint }}</p>
      <ActButton class="mt-1" @click="emit('show')">{{ t.goToForm }}</ActButton>
    </div>
    <div class="flex flex-wrap gap-2">
      <ActButton
        kind="main"
        class="grow"
        :disabled="busy || (nothing && !unfinished)"
        data-publish
        @click="publish"
        >{{ t.publish }}</ActButton
      >
      <ActButton :disabled="busy" data-drop-draft @click="emit('leave')">{{ t.deleteDraft }}</ActButton>
    </div>
  </section>
</template>
