<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BATCH } from './batch-key';
import { computed, ref } from 'vue';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import type { PasteIssue } from '@cadre/core/batch-check';
import { ActButton } from '@cadre/web/ui';
import { columnName } from './cell-words';
import { usePaste } from './use-paste';
import * as t from './messages';

/** A column from elsewhere: shown bike by bike before any of it is taken; what cannot be stays here to be corrected. */
const props = defineProps<{ first: string }>();
const { batch, grid } = useProvided(BATCH);
const emit = defineEmits<{ close: [] }>();
const paste = usePaste(batch, grid, props.first);
const { text, cells, issues, ready } = paste;
const column = grid.column;
const from = grid.row.value?.bike.tag ?? '';
const told = ref<readonly string[]>([]);
const busy = ref(false);
const fit = computed(
  () =>
    cells.value.filter((cell) => !cell.ready).length === 0 &&
    issues.value.every((issue) => issue.code === 'too-few'),
);
function issueWords(issue: PasteIssue): string {
  switch (issue.code) {
    case 'unknown-tag':
      return t.lineLineTextNot({ line: issue.line, text: issue.text || t.withoutTag });
    case 'tag-twice':
      return t.lineLineTextListed({ line: issue.line, text: issue.text });
    case 'too-many':
      return t.moreLinesThanBikes({
        part:
          issue.lines.length === 1
            ? t.lineLinesHas({ lines: issue.lines[0] ?? 0 })
            : t.linesLinesHave({ lines: issue.lines[0] ?? 0, at: issue.lines.at(-1) ?? 0 }),
      });
    case 'too-few':
      return t.fewerLinesThanBikes({ tags: issue.tags.join(', ') });
  }
}
async function take(): Promise<void> {
  busy.value = true;
  told.value = await paste.take();
  busy.value = false;
  if (!text.value.trim() && told.value.length === 0) emit('close');
}
</script>

<template>
  <Dialog
    :open="true"
    class="fixed inset-0 z-30 grid place-items-center bg-black/50 p-3"
    @close="emit('close')"
  >
    <DialogPanel
      class="flex max-h-full w-full max-w-3xl flex-col gap-3 overflow-y-auto rounded-lg border-2 border-ink/60 bg-ground p-4"
      data-batch-paste
    >
      <DialogTitle class="sturdy text-2xl">{{
        t.pasteColumnName({ columnName: column ? columnName(column).toLowerCase() : t.pasteColumn })
      }}</DialogTitle>
      <div class="grid gap-3 sm:grid-cols-2">
        <div>
          <label for="pasted" class="font-semibold">{{ t.oneLineBikeFrom({ from }) }}</label>
          <textarea
            id="pasted"
            v-model="text"
            rows="12"
            class="figures mt-1 w-full rounded-md border-2 border-ink/60 bg-plate p-2"
            spellcheck="false"
            data-pasted
          />
        </div>
        <div aria-live="polite">
          <p class="font-semibold">
            {{ t.preview
            }}<span class="font-normal text-soft">
              {{ t.byPart({ part: paste.by.value === 'tag' ? t.tag : t.order }) }}</span
            >
          </p>
          <ul
            v-if="issues.length"
            class="mt-1 space-y-1 border-l-4 border-held bg-held-wash px-3 py-1.5"
            data-paste-issues
          >
            <li v-for="issue in issues" :key="JSON.stringify(issue)">{{ issueWords(issue) }}</li>
          </ul>
          <ul class="mt-1 max-h-72 space-y-0.5 overflow-y-auto">
            <li
              v-for="cell in cells"
              :key="`${cell.line} ${cell.column.key}`"
              class="flex gap-2 rounded px-1 leading-snug"
              :class="!cell.ready && 'bg-held-wash'"
              :data-paste-cell="cell.row.bike.tag"
              :data-ready="cell.ready"
            >
              <span class="sturdy w-14 shrink-0">{{ cell.row.bike.tag }}</span><span
                class="figures w-20 shrink-0"
                >{{ cell.text }}</span
              >
              <span :class="cell.ready ? 'text-soft' : 'font-semibold text-held'">{{
                cell.ready ? columnName(cell.column) : cell.said
              }}</span>
            </li>
          </ul>
        </div>
      </div>
      <ul
        v-if="told.length"
        role="alert"
        class="max-h-40 space-y-1 overflow-y-auto border-l-4 border-held pl-3"
        data-paste-told
      >
        <li v-for="words in told" :key="words">{{ words }}</li>
      </ul>
      <div class="flex flex-wrap justify-end gap-2">
        <ActButton @click="emit('close')">{{ text.trim() ? t.cancel : t.done }}</ActButton>
        <ActButton kind="main" :disabled="ready.length === 0 || busy" data-paste-take @click="take">{{
          fit ? t.useValue({ ready: ready.length }) : t.useValueFit({ ready: ready.length })
        }}</ActButton>
      </div>
    </DialogPanel>
  </Dialog>
</template>
