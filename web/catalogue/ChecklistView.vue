<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { checklistVersions } from '@cadre/contract/catalogue';
import { writeChecklistDocument } from '@cadre/contract/catalogue/schemas';
import type { AnswerOf } from '@cadre/contract/http';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import type { BikeKind } from '@cadre/core/fleet';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { saveFile } from '@cadre/web/platform/files';
import { send } from '@cadre/web/platform/api';
import { KIND_WORDS } from '@cadre/web/words';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import AskedList from './AskedList.vue';
import CoveragePanel from './CoveragePanel.vue';
import ChecklistVersions from './ChecklistVersions.vue';
import { routeName } from './checklist-wording';
import { useCatalogue } from './use-catalogue';
import * as t from './messages';

/** One checklist: what it asks of each kind of bike, and every version there was with what changed and where it was used. */
const props = defineProps<{ checklistKey: string }>();
const catalogue = useCatalogue();
const session = useSession();
const router = useRouter();
const refusal = useRefusal();
const checklist = shallowRef<ChecklistVersion | null>(null);
const shownHash = ref<string | null>(null);
const versions = shallowRef<AnswerOf<typeof checklistVersions>['versions']>([]);
const kind = ref<BikeKind>('hardtail');

watch(
  () => props.checklistKey,
  () =>
    void refusal.run(async () => {
      await catalogue.load();
      const newest = await catalogue.checklistByKey(props.checklistKey);
      checklist.value = newest?.checklist ?? null;
      shownHash.value = newest?.hash ?? null;
      kind.value = (newest?.checklist.kinds?.[0] as BikeKind | undefined) ?? 'hardtail';
      versions.value = (await send(checklistVersions, { params: { key: props.checklistKey } })).versions;
    }),
  { immediate: true },
);
async function show(hash: string): Promise<void> {
  checklist.value = (await catalogue.checklistOf(hash))?.checklist ?? checklist.value;
  shownHash.value = hash;
}
const exportChecklist = (): void => {
  if (checklist.value)
    saveFile(
      new Blob([`${JSON.stringify(writeChecklistDocument(checklist.value), null, 2)}\n`], {
        type: 'application/json',
      }),
      `${checklist.value.key}-v${checklist.value.version}.json`,
    );
};
const isOld = computed(
  () =>
    checklist.value !== null && versions.value[0] !== undefined && shownHash.value !== versions.value[0].hash,
);
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-12 pt-4">
    <NoticePlate v-if="refusal.said.value" class="mt-3" :said="refusal.said.value" />
    <template v-if="checklist">
      <div class="mt-3 flex flex-wrap items-start gap-3">
        <div class="grow">
          <h1 class="sturdy text-3xl leading-tight">{{ checklist.name }}</h1>
          <p class="text-soft">
            {{
              t.purposeVersionVersionRouteName({
                purpose: checklist.purpose,
                version: checklist.version,
                routeName: routeName(checklist.route),
              })
            }}
          </p>
        </div>
        <ActButton data-export-checklist @click="exportChecklist">{{ t.exportAsJson }}</ActButton>
        <ActButton
          v-if="session.may('edit-program') && !isOld"
          kind="main"
          data-edit-checklist
          @click="router.push({ name: 'checklist-edit', params: { checklistKey } })"
          >{{ t.editChecklist }}</ActButton
        >
      </div>
      <p v-if="isOld" class="mt-2 rounded-md bg-watch-wash px-4 py-2 text-watch" role="status">
        {{ t.earlierVersionVersionChecks({ version: checklist.version }) }}
      </p>
      <div class="mt-4 grid gap-6 lg:grid-cols-[1fr_27rem]">
        <section aria-labelledby="asks" class="min-w-0 max-lg:order-2">
          <h2 id="asks" class="sturdy mb-2 text-xl">
            {{ t.questionsForKind({ kind: KIND_WORDS[kind].toLowerCase() }) }}
          </h2>
          <AskedList :checklist="checklist" :kind="kind" />
        </section>
        <div class="space-y-6">
          <section aria-labelledby="kinds" class="rounded-lg border-2 border-ink/60 bg-plate p-3">
            <h2 id="kinds" class="sturdy mb-1 text-lg">{{ t.reviewKindBike }}</h2>
            <CoveragePanel
              :checklist="checklist"
              :catalogue="CHECKPOINTS"
              :picked="kind"
              @pick="(picked) => (kind = picked as BikeKind)"
            />
          </section>
          <ChecklistVersions :versions="versions" @show="show" />
        </div>
      </div>
    </template>
    <p v-else-if="!refusal.busy.value && !refusal.said.value" class="p-4">
      {{ t.checklistDoesNotExist }}
    </p>
    <p v-else-if="refusal.busy.value" class="p-4 text-soft" role="status">{{ t.loadingChecklist }}</p>
  </main>
</template>
