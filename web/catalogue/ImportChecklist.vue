<script setup lang="ts">
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { type ChecklistDocumentIssue } from '@cadre/contract/catalogue';
import { readChecklistDocument } from '@cadre/contract/catalogue/schemas';
import { saveValue } from '@cadre/web/platform/local-db';
import { ActButton } from '@cadre/web/ui';
import { localDraftKey } from './use-checklist-draft';
import { useCatalogue } from './use-catalogue';
import * as t from './messages';

/** A checklist from a file. What is wrong with it is told word by word; nothing comes in until all is right. */
const emit = defineEmits<{ close: [] }>();
const router = useRouter();
const catalogue = useCatalogue();
const issues = ref<readonly ChecklistDocumentIssue[]>([]);
const broken = ref('');

async function take(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  issues.value = [];
  broken.value = '';
  if (!file) return;
  const text = await file.text();
  // So that the same file, corrected, can be chosen again.
  input.value = '';
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    broken.value = t.nameNotValidJson({ name: file.name, message: (error as Error).message });
    return;
  }
  const read = readChecklistDocument(raw);
  if (!read.ok) {
    issues.value = read.issues;
    return;
  }
  const before = catalogue.summaryOf(read.checklist.key);
  await saveValue(localDraftKey(read.checklist.key), {
    checklist: read.checklist,
    base: before?.hash ?? null,
    version: null,
  });
  await router.push({ name: 'checklist-edit', params: { checklistKey: read.checklist.key } });
}
const words = (issue: ChecklistDocumentIssue): string =>
  issue.code === 'required'
    ? t.isMissing
    : issue.word
      ? t.wordNotKnownValue({ word: issue.word })
      : t.notValid;
</script>

<template>
  <section class="rounded-lg border-2 border-ink/60 bg-plate p-4" :aria-label="t.importChecklist">
    <div class="flex flex-wrap items-center gap-3">
      <label class="grow"
        >{{ t.chooseChecklistFileJson }}
        <a href="/api/checklist-document.schema.json" class="text-act underline">{{ t.thisAddress }}</a>)
        <input
          type="file"
          accept=".json,application/json"
          class="mt-1 block min-h-12"
          data-checklist-file
          @change="take"
        />
      </label>
      <ActButton kind="quiet" @click="emit('close')">{{ t.close }}</ActButton>
    </div>
    <p v-if="broken" role="alert" class="mt-2 font-semibold text-held">{{ broken }}</p>
    <div v-if="issues.length" role="alert" class="mt-2">
      <p class="font-semibold text-held">{{ t.notImportedCorrectThese }}</p>
      <ul class="mt-1 max-h-72 space-y-1 overflow-y-auto">
        <li v-for="issue in issues.slice(0, 60)" :key="issue.path + issue.code" data-checklist-issue>
          <code class="text-[0.95rem]">{{ issue.path || t.theFile }}</code> {{ words(issue)
          }}<strong v-if="issue.nearest">{{ t.nearestNearest({ nearest: issue.nearest }) }}</strong>
        </li>
      </ul>
      <p v-if="issues.length > 60">{{ t.issuesMore({ issues: issues.length - 60 }) }}</p>
    </div>
  </section>
</template>
