import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { v7 as newId } from 'uuid';
import { dropDraft, listDrafts, publishSheet, saveDraft } from '@cadre/contract/catalogue';
import {
  compareSheets,
  criticalBecause,
  droppedCriticals,
  sheetIssues,
  sheetWarnings,
  type Checkpoint,
  type SheetDifference,
  type SheetItem,
  type SheetVersion,
  type SheetWarning,
} from '@cadre/core/catalogue';
import type { FieldIssue } from '@cadre/core/errors';
import { dropThing, keepThing, keptKeys, keptThing } from '@cadre/web/platform/local-db';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useCatalogue } from './use-catalogue';

const LOCAL = 'sheet-draft:';
export const localDraftKey = (key: string): string => `${LOCAL}${key}`;

/** The keys of the sheets this browser keeps something unsaved of. */
export async function localDrafts(): Promise<readonly string[]> {
  return (await keptKeys(LOCAL)).map((key) => key.slice(LOCAL.length));
}

/** What this browser keeps of a sheet being written: every keystroke, until it is saved or published. */
interface LocalDraft {
  readonly sheet: SheetVersion;
  readonly base: string | null;
  /** Of the draft on the server it goes on from; null when there is none. */
  readonly version: number | null;
}

export interface SheetDraft {
  readonly sheet: ShallowRef<SheetVersion | null>;
  readonly published: Ref<SheetVersion | null>;
  readonly missing: Ref<boolean>;
  /** Written here and not on the server. */
  readonly unsaved: Ref<boolean>;
  readonly issues: ComputedRef<readonly FieldIssue[]>;
  readonly warnings: ComputedRef<readonly SheetWarning[]>;
  readonly difference: ComputedRef<SheetDifference | null>;
  readonly dropped: ComputedRef<readonly string[]>;
  begin(key: string | null): Promise<void>;
  set(part: Partial<SheetVersion>): void;
  add(checkpoint: Checkpoint): void;
  remove(key: string): void;
  setItem(key: string, part: Partial<SheetItem>): void;
  /** Puts an item where another stands. */
  moveTo(key: string, before: string | null): void;
  save(): Promise<void>;
  drop(): Promise<void>;
  publish(note: string, reason: string): Promise<string>;
}

/** A name made into a key: what stays the same when the name changes. */
export function keyFrom(name: string, taken: ReadonlySet<string>): string {
  const bare =
    name
      .normalize('NFKD')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 48) || 'own';
  for (let number = 1; ; number += 1) {
    const key = number === 1 ? bare : `${bare}-${number}`;
    if (!taken.has(key)) return key;
  }
}

export const NEW_SHEET: SheetVersion = {
  schema: 2,
  key: '',
  version: 1,
  name: '',
  purpose: '',
  route: 'm-front-first',
  clears: false,
  validity: { until: 'never' },
  between: [],
  items: [],
};

/** A sheet being written: kept here at every change, on the server when saved, asked of no bike until published. */
export function useSheetDraft(): SheetDraft {
  const catalogue = useCatalogue();
  const sheet = shallowRef<SheetVersion | null>(null);
  const published = shallowRef<SheetVersion | null>(null);
  const missing = ref(false);
  const unsaved = ref(false);
  const act = useAct();
  const base = ref<string | null>(null);
  const version = ref<number | null>(null);
  let keeping: Promise<void> | null = null;
  let written: SheetVersion | null = null;

  /** Writes what stands now, at once: the page may be closed in the next moment. A change meanwhile is written after. */
  function keepNow(): void {
    const now = sheet.value;
    if (keeping || !now || !unsaved.value || now === written) return;
    written = now;
    keeping = keepThing(localDraftKey(now.key), {
      sheet: now,
      base: base.value,
      version: version.value,
    } satisfies LocalDraft).finally(() => {
      keeping = null;
      keepNow();
    });
  }
  watch(sheet, keepNow, { flush: 'sync' });

  async function begin(key: string | null): Promise<void> {
    if (!catalogue.known) await catalogue.load();
    if (key === null) {
      const taken = new Set((catalogue.known?.sheets ?? []).map((each) => each.key));
      sheet.value = { ...NEW_SHEET, key: keyFrom(`own-${newId().slice(-6)}`, taken) };
      return;
    }
    const newest = await catalogue.sheetByKey(key);
    published.value = newest?.sheet ?? null;
    const local = await keptThing<LocalDraft>(localDraftKey(key));
    const theirs = (await send(listDrafts)).drafts.find((draft) => draft.key === key);
    const from =
      local ?? (theirs ? { sheet: theirs.sheet, base: theirs.base, version: theirs.version } : null);
    sheet.value = from?.sheet ?? newest?.sheet ?? null;
    base.value = from ? from.base : (newest?.hash ?? null);
    version.value = from?.version ?? null;
    unsaved.value = local !== null;
    missing.value = sheet.value === null;
  }

  function set(part: Partial<SheetVersion>): void {
    if (!sheet.value) return;
    unsaved.value = true;
    sheet.value = { ...sheet.value, ...part };
  }
  const items = (): readonly SheetItem[] => sheet.value?.items ?? [];
  const setItem = (key: string, part: Partial<SheetItem>): void =>
    set({ items: items().map((item) => (item.checkpoint.key === key ? { ...item, ...part } : item)) });
  function add(checkpoint: Checkpoint): void {
    if (items().some((item) => item.checkpoint.key === checkpoint.key)) return;
    set({
      items: [
        ...items(),
        { checkpoint, critical: criticalBecause(checkpoint, sheet.value?.between ?? []) !== null },
      ],
    });
  }
  function moveTo(key: string, before: string | null): void {
    const moved = items().find((item) => item.checkpoint.key === key);
    if (!moved || key === before) return;
    const others = items().filter((item) => item !== moved);
    const at = before === null ? others.length : others.findIndex((item) => item.checkpoint.key === before);
    set({ items: [...others.slice(0, at), moved, ...others.slice(at)] });
  }

  /** What the server has need not be kept here; a write on its way must not bring it back. */
  async function forget(key: string): Promise<void> {
    unsaved.value = false;
    await keeping;
    written = null;
    await dropThing(localDraftKey(key));
  }

  const bare = (): never => structuredClone(JSON.parse(JSON.stringify(sheet.value))) as never;
  async function save(): Promise<void> {
    if (!sheet.value) return;
    const { key } = sheet.value;
    const saved = await act(saveDraft, {
      params: { key },
      body: { base: base.value, sheet: bare(), version: version.value },
    });
    version.value = saved.version;
    await forget(key);
  }
  async function drop(): Promise<void> {
    if (!sheet.value) return;
    await act(dropDraft, { params: { key: sheet.value.key }, body: {} });
    await forget(sheet.value.key);
  }
  async function publish(note: string, reason: string): Promise<string> {
    const { sheet: now } = await act(publishSheet, {
      body: { base: base.value, sheet: bare(), note, reason },
    });
    await forget(now.key);
    await catalogue.load();
    return now.key;
  }

  return {
    sheet,
    published,
    missing,
    unsaved,
    issues: computed(() => (sheet.value ? sheetIssues(sheet.value) : [])),
    warnings: computed(() => (sheet.value ? sheetWarnings(sheet.value) : [])),
    difference: computed(() =>
      sheet.value && published.value ? compareSheets(published.value, sheet.value) : null,
    ),
    dropped: computed(() =>
      sheet.value && published.value ? droppedCriticals(published.value, sheet.value) : [],
    ),
    begin,
    set,
    add,
    remove: (key) => set({ items: items().filter((item) => item.checkpoint.key !== key) }),
    setItem,
    moveTo,
    save,
    drop,
    publish,
  };
}
