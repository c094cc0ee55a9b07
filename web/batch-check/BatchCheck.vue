<script setup lang="ts">
import { Droplet, Plus } from '@lucide/vue';
import { computed, provide, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useEventListener } from '@vueuse/core';
import type { Bike } from '@cadre/contract/fleet';
import type { Question } from '@cadre/core/catalogue';
import type { BatchColumn } from '@cadre/core/batch-check';
import { useKeys, type KeyMap } from '@cadre/web/platform/keys';
import { useCatalogue } from '@cadre/web/catalogue';
import { ZONE_WORDS } from '@cadre/web/words';
import { useFound } from '@cadre/web/fleet';
import { ReportContamination } from '@cadre/web/incidents';
import { ActButton, NoticePlate, useSeen } from '@cadre/web/ui';
import BatchBar from './BatchBar.vue';
import BatchCards from './BatchCards.vue';
import BatchException from './BatchException.vue';
import BatchGrid from './BatchGrid.vue';
import BatchPaste from './BatchPaste.vue';
import LooksHere from './LooksHere.vue';
import { columnName } from './cell-words';
import type { BatchAddress } from './batch-address';
import { BATCH } from './batch-key';
import { BATCH_KEYS } from './batch-keys';
import { useBatchCheck } from './use-batch-check';
import type { BatchBike } from './batch-bike';
import { EACH_RIDE_OUT } from './use-batch-checklists';
import { useBatchGrid } from './use-batch-grid';
import { useWide } from './use-wide';
import * as t from './messages';

const props = defineProps<{ bikes: readonly Bike[]; address: BatchAddress }>();
const catalogue = useCatalogue();
const route = useRoute();
const router = useRouter();
const wide = useWide();
const batch = useBatchCheck({
  bikes: () => props.bikes,
  checklistKey: () => props.address.checklistKey,
  scope: () => props.address.scope,
  way: () => props.address.way,
});
const seen = useSeen(() => props.bikes.length);
// A card shows all its questions at once; the table may have columns beside the screen.
const grid = useBatchGrid(
  batch,
  (key) => seen.has(key) || (!wide.value && batch.columns.value.some((column) => column.key === key)),
);
provide(BATCH, { batch, grid, seen });
/** Oil or spray got on the brakes of this batch, and it is asked of which bikes. */
const contaminated = ref(false);
const pasting = ref<string | null>(null);
const { opened } = grid;
const openedRow = computed(
  () => batch.rows.value.find((row) => row.bike.id === opened.value?.row.bike.id) ?? null,
);

const checklistName = computed(() =>
  props.address.checklistKey === EACH_RIDE_OUT
    ? t.rideOut
    : (catalogue.summaryOf(props.address.checklistKey)?.name ?? t.batchCheck),
);
const scopeName = computed(() => {
  const { scope } = props.address;
  if (scope.kind === 'zone') return ZONE_WORDS[scope.zone].toLowerCase();
  if (scope.kind === 'wash') return t.washBay.toLowerCase();
  const column = batch.columns.value[0];
  return scope.kind === 'checkpoint' && column?.kind === 'question'
    ? column.checkpoint.name.toLowerCase()
    : '';
});
/** Everything a column asks of any bike of the batch: what a sweep down it speaks for. */
const looksOf = (columns: readonly BatchColumn[]): readonly Question[] => {
  const all = new Map<string, Question>();
  for (const row of batch.rows.value)
    for (const column of columns)
      for (const question of batch.cell(row, column).questions) all.set(question.key, question);
  return [...all.values()];
};
const looksHere = computed(() => (grid.column.value ? looksOf([grid.column.value]) : []));
const standOf = (row: BatchBike): object => ({
  name: 'stand',
  params: { bikeId: row.bike.id },
  query: {
    ...(props.address.checklistKey === EACH_RIDE_OUT ? {} : { checklist: props.address.checklistKey }),
    from: route.fullPath,
  },
});
async function takeSuggestion(): Promise<void> {
  grid.typing.value = grid.suggestion.value;
  await grid.commit();
}
/** A column copied elsewhere goes where the cursor is, shown first. */
function pasted(event: ClipboardEvent): void {
  if (pasting.value !== null || grid.column.value?.kind !== 'question') return;
  const text = event.clipboardData?.getData('text/plain') ?? '';
  if (
    event.target instanceof HTMLElement &&
    event.target.matches('input, textarea') &&
    !text.trim().includes('\n')
  )
    return;
  if (!text.trim()) return;
  event.preventDefault();
  pasting.value = text;
}
useEventListener(document, 'paste', pasted);

useFound((bike) => {
  const at = batch.rows.value.findIndex((row) => row.bike.id === bike.id);
  if (at < 0) return false;
  void grid.select(at, grid.columnAt.value);
  return true;
});
function leave(): void {
  const { from } = route.query;
  if (typeof from === 'string' && from.startsWith('/') && !from.startsWith('//')) void router.push(from);
  else void router.push({ name: 'wall' });
}
/** Fingers may be faster than the field comes: what is typed meanwhile is in it when it does. */
const digits = Object.fromEntries(
  [...'0123456789.,'].map((digit) => [
    digit,
    () => {
      if (grid.column.value?.kind === 'question') grid.typing.value = (grid.typing.value ?? '') + digit;
    },
  ]),
);
useKeys(
  (): KeyMap =>
    pasting.value !== null
      ? {}
      : {
          ...(wide.value ? digits : {}),
          ...(wide.value && grid.typing.value !== null ? { Enter: () => void grid.commit() } : {}),
          ...(wide.value && grid.typing.value === null
            ? {
                ' ': () => void grid.pass(),
                p: () => void grid.pass(),
                a: () => void grid.rowPass(),
                f: () => void grid.exception('fail'),
                w: () => void grid.exception('watch'),
                x: () => void grid.exception('fixed'),
                s: () => void grid.exception('skipped'),
                d: () => void grid.fillDown(),
                ArrowDown: () => grid.step(1, 0),
                ArrowUp: () => grid.step(-1, 0),
                ArrowRight: () => grid.step(0, 1),
                ArrowLeft: () => grid.step(0, -1),
                Enter: () => grid.step(1, 0),
                Home: () => grid.go(0, grid.columnAt.value),
                End: () => grid.go(batch.rows.value.length - 1, grid.columnAt.value),
              }
            : {}),
          u: () => void batch.undo(),
          Escape: () =>
            grid.typing.value !== null
              ? (grid.typing.value = null)
              : opened.value
                ? (opened.value = null)
                : leave(),
        },
  BATCH_KEYS,
);
</script>

<template>
  <main class="mx-auto max-w-[110rem] px-4 pb-40 pt-3 max-sm:px-2" data-batch :data-ready="batch.ready.value">
    <Teleport defer to="#work-head">
      <div class="flex items-center gap-3 max-sm:gap-2">
        <h1 class="sturdy min-w-0 text-xl leading-tight max-sm:truncate max-sm:text-base">
          {{ checklistName }}<template v-if="scopeName">, {{ scopeName }}</template>
        </h1>
        <p class="shrink-0 text-soft max-sm:hidden">
          {{ t.bikeCount({ bikes: bikes.length })
          }}<template v-if="address.way === 'paper'">{{ ' ' }}{{ t.enteredFromPaper }}</template>
        </p>
        <ActButton
          v-if="address.scope.kind === 'wash'"
          class="ml-auto shrink-0 max-sm:px-2"
          :aria-expanded="contaminated"
          data-batch-contamination
          @click="contaminated = !contaminated"
          ><Droplet class="size-5" aria-hidden="true" /><span class="max-sm:sr-only">{{
            t.oilOnBrakes
          }}</span></ActButton
        >
        <ActButton
          class="shrink-0 max-sm:px-2"
          :class="{ 'ml-auto': address.scope.kind !== 'wash' }"
          data-batch-other
          @click="router.push({ name: 'batch-check', query: { pick: '1' } })"
          ><Plus class="size-5 sm:hidden" aria-hidden="true" /><span class="max-sm:sr-only">{{
            t.newBatch
          }}</span></ActButton
        >
      </div>
    </Teleport>
    <ReportContamination
      v-if="contaminated"
      :bikes="bikes"
      class="mt-3 max-w-3xl"
      @close="contaminated = false"
    />
    <div v-if="batch.trouble.value" class="mt-3 max-w-2xl space-y-3" data-batch-trouble>
      <NoticePlate :said="batch.trouble.value" />
      <ActButton data-batch-again @click="batch.loadChecklists()">{{ t.tryAgain }}</ActButton>
    </div>
    <p v-else-if="!batch.ready.value" class="py-8 text-soft" role="status">{{ t.loadingChecklists }}</p>
    <p v-else-if="batch.columns.value.length === 0" class="py-8">
      {{ t.checklistAsksTheseBikes }}
      <RouterLink :to="{ name: 'batch-check', query: { pick: '1' } }" class="text-act underline">{{
        t.chooseAnotherBatch
      }}</RouterLink>
    </p>
    <div v-else-if="wide" class="mt-2 flex items-start gap-4">
      <BatchGrid class="min-w-0 grow" :stand-of="standOf" />
      <aside
        class="sticky top-[calc(var(--strip)+0.5rem)] max-h-[calc(100dvh-var(--strip)-7rem)] w-[23rem] shrink-0 overflow-y-auto"
        :aria-label="t.batchTable"
      >
        <BatchException
          v-if="opened && openedRow"
          class="rounded-md border-2 border-ink/60 bg-plate"
          :opened="opened"
          :row="openedRow"
          @choose="(question) => opened && (opened = { ...opened, question })"
          @close="opened = null"
        />
        <template v-else-if="grid.column.value && grid.row.value">
          <div class="mb-2 flex items-stretch gap-2">
            <ActButton class="grow" data-exception @click="grid.exception(null)">{{ t.problem }}</ActButton>
            <ActButton kind="main" class="grow" data-pass @click="grid.pass()">{{
              t.tagPass({ tag: grid.row.value.bike.tag })
            }}</ActButton>
          </div>
          <LooksHere
            :key="grid.column.value.key"
            :questions="looksHere"
            :title="columnName(grid.column.value)"
          />
        </template>
      </aside>
    </div>
    <BatchCards v-else :stand-of="standOf" :looks-of="looksOf">
      <BatchException
        v-if="opened && openedRow"
        class="border-t-2 border-line"
        :opened="opened"
        :row="openedRow"
        @choose="(question) => opened && (opened = { ...opened, question })"
        @close="opened = null"
      />
    </BatchCards>
    <BatchBar :wide="wide" @sign="batch.signAll()" @paste="pasting = ''" @suggestion="takeSuggestion" />
    <BatchPaste v-if="pasting !== null" :first="pasting" @close="pasting = null" />
  </main>
</template>
