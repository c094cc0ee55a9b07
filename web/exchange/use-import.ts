import { wrap, type Remote } from 'comlink';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { getFleetDocument } from '@cadre/contract/exchange';
import type { Column, DateOrder, FleetDocument, ImportAnswers } from '@cadre/core/exchange';
import { plain } from '@cadre/core/fleet';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';
import { send, type Said } from '@cadre/web/platform/api';
import { TookTooLongError, withTimeLimit } from '@cadre/web/platform/workers';
import { useAct } from '@cadre/web/platform/act';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useRefusal } from '@cadre/web/ui';
import { bringIn, makePlaces, underWay, type BroughtIn, type Progress, type UnderWay } from './bring-in';
import type { DeskWorker } from './desk-worker';
import type { Opened, Preview, Questions } from './desk';
import { MOST_BYTES } from './read-file';
import { FAULT_WORDS, issueWords } from './wording';

type Table = Extract<Opened, { kind: 'table' }>;
const REMEMBERED_COLUMNS = 'import-columns';
/** A list of 20,000 rows takes a few seconds on an old tablet. */
const MOST_MS = 60_000;
const REMEMBERED_WORDS = 'import-words';

/** Bringing a list in, from the file to the last batch. It goes on when its screen is left. */
export const useImport = defineStore('import', () => {
  const fleet = useFleet();
  const refusal = useRefusal();
  const act = useAct();
  let list: UnderWay = underWay([]);
  const stage = ref<'file' | 'columns' | 'preview' | 'running' | 'done'>('file');
  const fileName = ref('');
  const table = shallowRef<Table | null>(null);
  const columns = ref<(Column | null)[]>([]);
  const questions = shallowRef<Questions | null>(null);
  const words = ref<Record<string, Record<string, string>>>({});
  const dateOrder = ref<DateOrder | ''>('');
  const update = ref(false);
  const makes = ref(true);
  const site = ref('');
  const preview = shallowRef<Preview | null>(null);
  const progress = ref<Progress | null>(null);
  const result = shallowRef<BroughtIn | null>(null);
  const fault = ref<Said | null>(null);
  const current = shallowRef<FleetDocument | null>(null);
  let running: Worker | null = null;
  let desk: Remote<DeskWorker> | null = null;

  function worker(): Remote<DeskWorker> {
    if (desk) return desk;
    running = new Worker(new URL('./desk-worker.ts', import.meta.url), { type: 'module' });
    return (desk = wrap<DeskWorker>(running));
  }

  /** A file that would keep its reader busy for ever is given up, and its reader with it. */
  async function openWithin(file: File, remembered: Record<string, string>): Promise<Opened> {
    try {
      return await withTimeLimit<Opened>(worker().open(file, remembered), MOST_MS, () => {
        running?.terminate();
        desk = null;
      });
    } catch (error) {
      if (!(error instanceof TookTooLongError)) throw error;
      return { kind: 'fault', fault: 'too-slow', detail: String(MOST_MS / 1000) };
    }
  }

  function begin(): void {
    stage.value = 'file';
    fileName.value = '';
    table.value = null;
    questions.value = null;
    preview.value = null;
    result.value = null;
    progress.value = null;
    fault.value = null;
    refusal.said.value = null;
    update.value = false;
  }

  async function open(file: File): Promise<void> {
    begin();
    fileName.value = file.name;
    if (file.size > MOST_BYTES) {
      fault.value = FAULT_WORDS['too-large'](String(file.size));
      return;
    }
    await refusal.run(async () => {
      await fleet.load();
      list = underWay(fleet.bikes);
      current.value = (await send(getFleetDocument)) as FleetDocument;
      const opened = await openWithin(
        file,
        (await savedValue<Record<string, string>>(REMEMBERED_COLUMNS)) ?? {},
      );
      if (opened.kind === 'fault') {
        fault.value = FAULT_WORDS[opened.fault](opened.detail);
        return;
      }
      site.value ||= current.value.sites[0]?.name ?? '';
      if (opened.kind === 'document') {
        stage.value = 'preview';
        await plan();
        return;
      }
      table.value = opened;
      columns.value = opened.guesses.map((guess) => guess.column);
      words.value = (await savedValue<Record<string, Record<string, string>>>(REMEMBERED_WORDS)) ?? {};
      stage.value = 'columns';
      await ask();
    });
  }

  /** What the file leaves open, as the columns are chosen now; what was answered before is not asked again. */
  async function ask(): Promise<void> {
    const asked = await worker().questions([...columns.value]);
    questions.value = asked;
    for (const question of asked.words) {
      const own = (words.value[question.column] ??= {});
      own[plain(question.text)] ??= question.proposal ?? '?';
    }
    if (asked.dates === 'day-first' || asked.dates === 'month-first') dateOrder.value = asked.dates;
    else if (asked.dates === 'none') dateOrder.value ||= 'day-first';
    else if (asked.dates === 'mixed') dateOrder.value ||= 'day-first';
  }

  const answers = computed((): ImportAnswers => {
    const said: Record<string, Record<string, string>> = {};
    for (const [column, own] of Object.entries(words.value))
      said[column] = Object.fromEntries(Object.entries(own).filter(([, word]) => word !== '?'));
    return {
      columns: [...columns.value],
      words: said,
      dateOrder: dateOrder.value || 'day-first',
      update: update.value,
      makePlaces: makes.value,
      kindNames: KIND_WORDS,
      site: site.value,
    };
  });
  const needsDateOrder = computed(() => questions.value?.dates === 'either' && dateOrder.value === '');

  async function plan(): Promise<void> {
    if (!current.value) return;
    preview.value = await worker().preview(
      JSON.parse(JSON.stringify(answers.value)) as ImportAnswers,
      JSON.parse(JSON.stringify(current.value)) as FleetDocument,
    );
  }

  /** From the questions to the preview; what was chosen is remembered for the next list like it. */
  async function look(): Promise<void> {
    await refusal.run(async () => {
      const before = (await savedValue<Record<string, string>>(REMEMBERED_COLUMNS)) ?? {};
      const chosen = Object.fromEntries(
        (table.value?.headings ?? []).map((heading, index) => [plain(heading), columns.value[index] ?? '']),
      );
      await saveValue(REMEMBERED_COLUMNS, { ...before, ...chosen });
      await saveValue(REMEMBERED_WORDS, answers.value.words);
      await plan();
      stage.value = 'preview';
    });
  }

  async function run(): Promise<void> {
    const planned = preview.value;
    if (!planned) return;
    stage.value = 'running';
    const done = await refusal.run(async () => {
      const rows = await worker().good();
      progress.value = { done: 0, of: rows.length };
      await fleet.load();
      await makePlaces(
        act,
        planned,
        () => fleet.wall ?? failNoWall(),
        await worker().sites(),
        () => fleet.load(),
      );
      // A hook that passes from one bike of the list to another is free before it is taken.
      await freeHooks(rows.map((row) => row.bike.tag));
      await fleet.load();
      result.value = await bringIn(
        act,
        rows,
        fleet.wall ?? failNoWall(),
        list,
        (told) => (progress.value = told),
      );
      await fleet.load();
      stage.value = 'done';
    });
    if (!done) stage.value = 'preview';
  }

  /** Takes bikes of the list off hooks that other bikes of it are to have. */
  async function freeHooks(tags: readonly string[]): Promise<void> {
    const wanted =
      preview.value?.changed.filter((row) =>
        row.differences.some((difference) => difference.column === 'hook' || difference.column === 'rack'),
      ) ?? [];
    if (wanted.length === 0) return;
    const listed = new Set(tags);
    const moving = fleet.bikes.filter(
      (bike) => listed.has(bike.tag) && bike.hookId && wanted.some((row) => row.bike.tag === bike.tag),
    );
    const bySite = new Map<string, typeof moving>();
    for (const bike of moving) bySite.set(bike.siteId, [...(bySite.get(bike.siteId) ?? []), bike]);
    for (const [siteId, own] of bySite) {
      await fleet.hang(
        siteId,
        own.map((bike) => ({ bikeId: bike.id, hookId: null })),
      );
      // This changed them too: what nobody else changed since the plan is still as planned.
      for (const { id, tag, version } of own)
        if (list.planned.get(tag)?.version === version)
          list.planned.set(tag, { id, version: fleet.bikeById.get(id)?.version ?? version });
    }
  }

  /** Every row that is not in, with why, as a file to correction. */
  async function badRows(): Promise<string> {
    const reasons: Record<number, string> = { ...(result.value?.refused ?? {}) };
    for (const row of await worker().wrong()) reasons[row.line] = row.issues.map(issueWords).join('; ');
    return worker().badRows(reasons);
  }

  return {
    stage,
    fileName,
    table,
    columns,
    questions,
    words,
    dateOrder,
    update,
    makes,
    site,
    preview,
    progress,
    result,
    fault,
    refusal,
    needsDateOrder,
    current,
    begin,
    open,
    ask,
    plan,
    look,
    run,
    badRows,
    worker,
  };
});

function failNoWall(): never {
  throw new Error('the wall is not loaded');
}
