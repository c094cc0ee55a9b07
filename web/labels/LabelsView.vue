<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { drawLabel, printLabels } from '@cadre/contract/labels';
import { LABELLED, type Labelled } from '@cadre/core/labels';
import { sendForFile } from '@cadre/web/platform/api';
import { saveFile } from '@cadre/web/platform/files';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, CheckField, ChoiceChips, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import SheetPreview from './SheetPreview.vue';
import { useLabels } from './use-labels';
import { SHEET_FIELDS, useSheet } from './use-sheet';
import { useSubjects, type Subject } from './use-subjects';
import * as t from './messages';

/** Labels with codes for bikes, hooks and racks: which are missing, printed on the sheets there are, made anew when one is lost. */
const fleet = useFleet();
const labels = useLabels();
const refusal = useRefusal();
const kind = ref<Labelled>('bike');
const chosenSite = ref('');
const which = ref<'missing' | 'all' | 'chosen'>('missing');
const chosen = ref<ReadonlySet<string>>(new Set());
const said = ref('');
const KINDS = LABELLED.map((value) => ({
  value,
  label: { bike: t.bikes, hook: t.hooks, rack: t.racks }[value],
}));
const WHICH = [
  { value: 'missing', label: t.withoutLabel },
  { value: 'all', label: t.all },
  { value: 'chosen', label: t.chosenOnly },
] as const;
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  await labels.begin();
});
const siteId = computed(() => chosenSite.value || (fleet.wall?.sites[0]?.id ?? ''));
const sites = computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })));
const subjects = useSubjects(kind, siteId);
watch([kind, siteId], () => (chosen.value = new Set()));
/** What was printed for want of a label has one now: it stays what is printed. */
const wanted = ref<readonly string[]>([]);
const printed = computed(() =>
  subjects.value.filter(({ id, code }) => {
    if (which.value === 'chosen') return chosen.value.has(id);
    return which.value === 'all' || code === null || wanted.value.includes(id);
  }),
);
watch([kind, siteId, which], () => (wanted.value = []));
const { typed, sheet, issues, size, perPage, start, startWrong, isRight, places, pages } = useSheet(
  computed(() => printed.value.length),
);
const WORDS = {
  pageWidth: t.pageWidth,
  pageHeight: t.pageHeight,
  labelWidth: t.labelWidth,
  labelHeight: t.labelHeight,
  marginLeft: t.marginLeft,
  marginTop: t.marginTop,
  gapAcross: t.gapAcross,
  gapDown: t.gapDown,
};
function tick(id: string, yes: boolean): void {
  chosen.value = new Set([...[...chosen.value].filter((each) => each !== id), ...(yes ? [id] : [])]);
  which.value = 'chosen';
}
async function print(): Promise<void> {
  const own = printed.value;
  said.value = '';
  const done = await refusal.run(async () => {
    wanted.value = own.map(({ id }) => id);
    const bare = own.filter(({ code }) => code === null).map(({ id }) => id);
    if (bare.length > 0) await labels.make(kind.value, bare, false);
    const codes = own.map(({ id }) => labels.bySubject.get(id)?.code ?? '').join(',');
    const sent = { query: { ...sheet.value, startAt: start.value, codes } };
    saveFile(await sendForFile(printLabels, sent), 'labels.pdf');
  });
  if (done) said.value = t.printed;
}
async function renew({ id, name }: Subject): Promise<void> {
  said.value = '';
  if (await refusal.run(() => labels.make(kind.value, [id], true))) said.value = t.renewed({ name });
}
const picture = ({ code, name }: Subject): Promise<boolean> =>
  refusal.run(async () => {
    const { labelWidth, labelHeight } = sheet.value;
    const file = await sendForFile(drawLabel, { query: { code: code ?? '', labelWidth, labelHeight } });
    saveFile(file, `${name}.png`);
  });
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-4 px-4 pb-12 pt-3 max-sm:px-2" data-labels>
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="sturdy text-2xl">{{ t.labels }}</h1>
      <ChoiceChips :name="t.labelsFor" :options="KINDS" :chosen="[kind]" @toggle="(each) => (kind = each)" />
      <ChoiceChips
        v-if="sites.length > 1"
        :name="t.site"
        :options="sites"
        :chosen="[siteId]"
        @toggle="(site) => (chosenSite = site)"
      />
    </header>
    <p v-if="!labels.known || !fleet.wall" role="status" class="text-soft">{{ t.loading }}</p>
    <div v-else class="grid grid-cols-1 items-start gap-6 lg:grid-cols-[1fr_24rem]">
      <section class="min-w-0 space-y-2">
        <ChoiceChips :name="t.which" :options="WHICH" :chosen="[which]" @toggle="(each) => (which = each)" />
        <p v-if="which === 'missing' && printed.length === 0" class="text-soft">{{ t.everyOneHas }}</p>
        <ul class="grid grid-cols-1 gap-x-4 sm:grid-cols-2 xl:grid-cols-3">
          <li
            v-for="subject in which === 'missing' ? printed : subjects"
            :key="subject.id"
            class="flex items-center gap-2 border-b border-line"
            :data-subject="subject.name"
          >
            <CheckField
              class="min-w-0 grow"
              :model-value="printed.includes(subject)"
              @update:model-value="(yes) => tick(subject.id, yes)"
              ><span class="sturdy">{{ subject.name }}</span>
              <span v-if="!subject.code" class="ml-1 text-sm text-soft">{{ t.noLabel }}</span></CheckField
            >
            <template v-if="subject.code">
              <button
                type="button"
                class="min-h-12 px-1 font-semibold text-act underline"
                :aria-label="t.picture({ name: subject.name })"
                data-picture
                @click="picture(subject)"
              >
                {{ t.pictureShort }}
              </button>
              <button
                type="button"
                class="min-h-12 px-1 font-semibold text-act underline"
                :aria-label="t.lostLabel({ name: subject.name })"
                data-renew
                @click="renew(subject)"
              >
                {{ t.lostLabelShort }}
              </button>
            </template>
          </li>
        </ul>
      </section>
      <form class="space-y-3 rounded-lg bg-sunk p-4" @submit.prevent="print">
        <h2 class="sturdy text-lg">{{ t.sheet }}</h2>
        <SheetPreview :sheet="sheet" :places="places" :names="printed.map(({ name }) => name)" />
        <p v-if="isRight && printed.length" class="figures text-soft">{{ t.perPage({ ...size, pages }) }}</p>
        <div class="grid grid-cols-2 gap-2">
          <TextField
            v-for="field in SHEET_FIELDS"
            :key="field"
            v-model="typed[field]!"
            :label="WORDS[field]"
            inputmode="decimal"
            :error="issues.get(field) ?? null"
            :data-sheet="field"
          />
          <TextField
            v-model="typed['startAt']!"
            class="col-span-2"
            :label="t.startAt"
            :hint="perPage ? t.startAtHint({ most: perPage }) : undefined"
            inputmode="numeric"
            :error="startWrong ? t.startWrong({ most: perPage }) : null"
            data-sheet="startAt"
          />
        </div>
        <p v-if="labels.known.address" class="break-words text-soft">
          {{ t.address({ address: labels.known.address }) }}
          <template v-if="fleet.wall.demo">{{ t.demoAddress }}</template>
        </p>
        <NoticePlate v-else :said="{ what: t.noAddress, todo: t.noAddressTodo }" />
        <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
        <p v-if="said" role="status" class="font-semibold">{{ said }}</p>
        <ActButton
          kind="main"
          type="submit"
          class="w-full"
          :disabled="!isRight || printed.length === 0 || !labels.known.address || refusal.busy.value"
          data-print
          >{{ t.printLabels({ count: printed.length }) }}</ActButton
        >
      </form>
    </div>
  </main>
</template>
