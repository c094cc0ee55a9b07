<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { listDrafts, type ChecklistSummary } from '@cadre/contract/catalogue';
import { send } from '@cadre/web/platform/api';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import ImportChecklist from './ImportChecklist.vue';
import { groupChecklists } from './checklist-groups';
import { minutesWords } from './checklist-wording';
import { localDrafts } from './use-checklist-draft';
import { useCatalogue } from './use-catalogue';
import * as t from './messages';

/** Every checklist there is, by what it is for. */
const catalogue = useCatalogue();
const session = useSession();
const router = useRouter();
const refusal = useRefusal();
const drafts = shallowRef<ReadonlySet<string>>(new Set());
const importing = ref(false);
const mayEdit = computed(() => session.may('edit-program'));
onMounted(async () => {
  await catalogue.load();
  if (!mayEdit.value) return;
  drafts.value = new Set(await localDrafts());
  await refusal.run(async () => {
    const { drafts: saved } = await send(listDrafts);
    drafts.value = new Set([...drafts.value, ...saved.map((draft) => draft.key)]);
  });
});

const groups = computed(() => groupChecklists(catalogue.known?.checklists ?? []));
const askedWords = ({ least, most }: ChecklistSummary['span']): string =>
  least === most ? String(least) : `${least}–${most}`;
const unpublished = computed(() => [...drafts.value].filter((key) => !catalogue.summaryOf(key)));
</script>

<template>
  <main class="max-w-7xl px-4 pb-12 pt-3">
    <div class="mt-3 flex flex-wrap items-center gap-3">
      <h1 class="sturdy grow text-2xl">{{ t.checklists }}</h1>
      <template v-if="mayEdit">
        <ActButton data-import @click="importing = !importing">{{ t.importFile }}</ActButton>
        <ActButton kind="main" data-new-checklist @click="router.push({ name: 'checklist-new' })">{{
          t.newChecklist
        }}</ActButton>
      </template>
    </div>
    <NoticePlate v-if="refusal.said.value" class="mt-3" :said="refusal.said.value" />
    <ImportChecklist v-if="importing" class="mt-3" @close="importing = false" />
    <p v-for="key in unpublished" :key="key" class="mt-3 rounded-md bg-watch-wash px-4 py-2">
      {{ t.unpublishedDraftOpen }}
      <ActButton
        :to="{ name: 'checklist-edit', params: { checklistKey: key } }"
        data-unpublished
        kind="quiet"
        class="!px-0"
        >{{ t.continueWith }}</ActButton
      >
    </p>
    <section v-for="group in groups" :key="group.title" class="mt-5" :aria-label="group.title">
      <h2 class="sturdy border-t-4 border-rail pt-1 text-soft">{{ group.title }}</h2>
      <ul class="mt-2 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <li v-for="checklist in group.checklists" :key="checklist.key">
          <RouterLink
            :to="{ name: 'checklist', params: { checklistKey: checklist.key } }"
            class="flex h-full flex-col rounded-lg border-2 border-ink/60 bg-plate p-4 hover:border-act"
            :data-checklist="checklist.key"
          >
            <span class="flex items-baseline gap-2"
              ><span class="sturdy grow text-xl leading-tight">{{ checklist.name }}</span
              ><span
                v-if="drafts.has(checklist.key)"
                class="rounded bg-watch-wash px-1.5 text-sm text-watch"
                >{{ t.draft }}</span
              ></span
            >
            <span class="mt-1 grow leading-snug text-soft">{{ checklist.purpose }}</span>
            <span class="figures mt-3 flex flex-wrap items-end gap-x-4 gap-y-1 whitespace-nowrap">
              <span
                ><span class="sturdy block text-xl leading-none">{{ askedWords(checklist.span) }}</span
                ><span class="text-sm text-soft">{{ t.questions }}</span></span
              >
              <span
                ><span class="sturdy block text-xl leading-none">{{
                  minutesWords(checklist.span.minutes)
                }}</span
                ><span class="text-sm text-soft">{{ t.upTo }}</span></span
              >
              <span class="ml-auto text-sm text-soft">{{
                t.versionVersion2({ version: checklist.version })
              }}</span>
            </span>
          </RouterLink>
        </li>
      </ul>
    </section>
  </main>
</template>
