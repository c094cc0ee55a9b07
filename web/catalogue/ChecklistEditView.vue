<script setup lang="ts">
import { computed, onMounted, provide, ref } from 'vue';
import { useRouter } from 'vue-router';
import { changesNothing, compareChecklists } from '@cadre/core/catalogue';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import ChecklistItems from './ChecklistItems.vue';
import ChecklistSettings from './ChecklistSettings.vue';
import CoveragePanel from './CoveragePanel.vue';
import PublishPanel from './PublishPanel.vue';
import WarningList from './WarningList.vue';
import { CHECKLIST_DRAFT } from './checklist-draft-key';
import { useChecklistDraft } from './use-checklist-draft';
import { useCheckpointWriting } from './use-checkpoint-writing';
import * as t from './messages';

/** A checklist being written. Everything typed is kept in this browser; nothing is asked of a bike until it is published. */
const props = defineProps<{ checklistKey?: string }>();
const router = useRouter();
const refusal = useRefusal();
const draft = useChecklistDraft();
const { checklist, published, unsaved, warnings, difference, dropped, issues } = draft;
const writing = useCheckpointWriting();
onMounted(() =>
  refusal.run(async () => {
    await draft.begin(props.checklistKey ?? null);
    if (checklist.value) await writing.takeUp(checklist.value.key);
  }),
);
const tried = ref(false);
const said = (path: string): string | null => {
  const issue = tried.value ? issues.value.find((each) => each.path === path) : undefined;
  return issue ? fieldWords(issue.code, issue.params) : null;
};
provide(CHECKLIST_DRAFT, { draft, writing, said });

/** A newer Cadre ships this checklist otherwise than it stands here: the lead may take that over, and look before publishing. */
const shipped = computed(() => SHIPPED_CHECKLISTS.find((each) => each.key === checklist.value?.key) ?? null);
const shippedDiffers = computed(() => {
  if (!shipped.value || !checklist.value) return false;
  return !changesNothing(compareChecklists(checklist.value, shipped.value));
});
function takeShipped(): void {
  if (!shipped.value) return;
  const { key: _key, version: _version, schema: _schema, ...content } = shipped.value;
  draft.set({ afterRideOut: undefined, kinds: undefined, ...content });
}
const publish = (note: string, reason: string): void => {
  tried.value = true;
  if (writing.open.value || issues.value.length > 0) return;
  void refusal.run(async () => {
    const key = await draft.publish(note, reason);
    await router.push({ name: 'checklist', params: { checklistKey: key } });
  });
};
const leave = (): void =>
  void refusal.run(async () => {
    const key = published.value?.key;
    await draft.drop();
    writing.end();
    await router.push(key ? { name: 'checklist', params: { checklistKey: key } } : { name: 'checklists' });
  });
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-24 pt-4">
    <NoticePlate v-if="refusal.said.value" class="mt-3" :said="refusal.said.value" />
    <template v-if="checklist">
      <div class="mt-3 flex flex-wrap items-center gap-3">
        <a
          href="#publish"
          class="order-last inline-flex min-h-12 items-center font-semibold text-act underline lg:hidden"
          >{{ t.reviewPublish }}</a
        >
        <h1 class="sturdy grow text-2xl">
          {{ published ? t.editName({ name: published.name }) : t.newChecklist }}
        </h1>
        <p class="text-soft" role="status" data-draft-state>
          {{ unsaved ? t.draftOnDeviceOnly : t.saved }}
        </p>
        <ActButton v-if="shippedDiffers" data-take-shipped @click="takeShipped">{{
          t.cadresDefault
        }}</ActButton>
        <ActButton
          :disabled="!unsaved || refusal.busy.value"
          data-save-draft
          @click="refusal.run(draft.save)"
          >{{ t.saveDraft }}</ActButton
        >
      </div>
      <div class="mt-3 grid gap-6 lg:grid-cols-[1fr_27rem]">
        <div class="min-w-0 space-y-5">
          <ChecklistSettings />
          <ChecklistItems />
        </div>
        <div
          class="space-y-4 lg:sticky lg:top-[calc(var(--strip)+0.75rem)] lg:max-h-[calc(100dvh-var(--strip)-1.5rem)] lg:self-start lg:overflow-y-auto"
        >
          <section aria-labelledby="cover" class="rounded-lg border-2 border-ink/60 bg-plate p-3">
            <h2 id="cover" class="sturdy mb-1 text-lg">{{ t.reviewKindBike }}</h2>
            <CoveragePanel :checklist="checklist" :catalogue="CHECKPOINTS" />
          </section>
          <WarningList :warnings="warnings" />
          <PublishPanel
            :difference="difference"
            :dropped="dropped"
            :issues="tried ? issues : []"
            :busy="refusal.busy.value"
            :unfinished="writing.open.value !== null"
            :fresh="published === null"
            @publish="publish"
            @show="writing.show"
            @leave="leave"
          />
        </div>
      </div>
    </template>
    <p v-else-if="draft.missing.value" class="p-4">{{ t.checklistDoesNotExist }}</p>
    <p v-else-if="!refusal.said.value" class="p-4 text-soft" role="status">{{ t.loadingChecklist }}</p>
  </main>
</template>
