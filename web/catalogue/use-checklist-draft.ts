import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { v7 as newId } from 'uuid';
import { dropDraft, listDrafts, publishChecklist, saveDraft } from '@cadre/contract/catalogue';
import {
  compareChecklists,
  criticalBecause,
  droppedCriticals,
  checklistIssues,
  checklistWarnings,
  type Checkpoint,
  type ChecklistDifference,
  type ChecklistItem,
  type ChecklistVersion,
  type ChecklistWarning,
} from '@cadre/core/catalogue';
import type { FieldIssue } from '@cadre/core/errors';
import { dropValue, saveValue, savedKeys, savedValue } from '@cadre/web/platform/local-db';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useCatalogue } from './use-catalogue';

const LOCAL = 'checklist-draft:';
export const localDraftKey = (key: string): string => `${LOCAL}${key}`;

/** The keys of the checklists this browser keeps something unsaved of. */
export async function localDrafts(): Promise<readonly string[]> {
  return (await savedKeys(LOCAL)).map((key) => key.slice(LOCAL.length));
}

/** What this browser keeps of a checklist being written: every keystroke, until it is saved or published. */
interface LocalDraft {
  readonly checklist: ChecklistVersion;
  readonly base: string | null;
  /** Of the draft on the server it goes on from; null when there is none. */
  readonly version: number | null;
}

export interface ChecklistDraft {
  readonly checklist: ShallowRef<ChecklistVersion | null>;
  readonly published: Ref<ChecklistVersion | null>;
  readonly missing: Ref<boolean>;
  /** Written here and not on the server. */
  readonly unsaved: Ref<boolean>;
  readonly issues: ComputedRef<readonly FieldIssue[]>;
  readonly warnings: ComputedRef<readonly ChecklistWarning[]>;
  readonly difference: ComputedRef<ChecklistDifference | null>;
  readonly dropped: ComputedRef<readonly string[]>;
  begin(key: string | null): Promise<void>;
  set(part: Partial<ChecklistVersion>): void;
  add(checkpoint: Checkpoint): void;
  remove(key: string): void;
  setItem(key: string, part: Partial<ChecklistItem>): void;
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

export const NEW_CHECKLIST: ChecklistVersion = {
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

/** A checklist being written: kept here at every change, on the server when saved, asked of no bike until published. */
export function useChecklistDraft(): ChecklistDraft {
  const catalogue = useCatalogue();
  const checklist = shallowRef<ChecklistVersion | null>(null);
  const published = shallowRef<ChecklistVersion | null>(null);
  const missing = ref(false);
  const unsaved = ref(false);
  const act = useAct();
  const base = ref<string | null>(null);
  const version = ref<number | null>(null);
  let keeping: Promise<void> | null = null;
  let written: ChecklistVersion | null = null;

  /** Writes what stands now, at once: the page may be closed in the next moment. A change meanwhile is written after. */
  function saveNow(): void {
    const now = checklist.value;
    if (keeping || !now || !unsaved.value || now === written) return;
    written = now;
    keeping = saveValue(localDraftKey(now.key), {
      checklist: now,
      base: base.value,
      version: version.value,
    } satisfies LocalDraft).finally(() => {
      keeping = null;
      saveNow();
    });
  }
  watch(checklist, saveNow, { flush: 'sync' });

  async function begin(key: string | null): Promise<void> {
    if (!catalogue.known) await catalogue.load();
    if (key === null) {
      const taken = new Set((catalogue.known?.checklists ?? []).map((each) => each.key));
      checklist.value = { ...NEW_CHECKLIST, key: keyFrom(`own-${newId().slice(-6)}`, taken) };
      return;
    }
    const newest = await catalogue.checklistByKey(key);
    published.value = newest?.checklist ?? null;
    const local = await savedValue<LocalDraft>(localDraftKey(key));
    const theirs = (await send(listDrafts)).drafts.find((draft) => draft.key === key);
    const from =
      local ?? (theirs ? { checklist: theirs.checklist, base: theirs.base, version: theirs.version } : null);
    checklist.value = from?.checklist ?? newest?.checklist ?? null;
    base.value = from ? from.base : (newest?.hash ?? null);
    version.value = from?.version ?? null;
    unsaved.value = local !== null;
    missing.value = checklist.value === null;
  }

  function set(part: Partial<ChecklistVersion>): void {
    if (!checklist.value) return;
    unsaved.value = true;
    checklist.value = { ...checklist.value, ...part };
  }
  const items = (): readonly ChecklistItem[] => checklist.value?.items ?? [];
  const setItem = (key: string, part: Partial<ChecklistItem>): void =>
    set({ items: items().map((item) => (item.checkpoint.key === key ? { ...item, ...part } : item)) });
  function add(checkpoint: Checkpoint): void {
    if (items().some((item) => item.checkpoint.key === checkpoint.key)) return;
    set({
      items: [
        ...items(),
        { checkpoint, critical: criticalBecause(checkpoint, checklist.value?.between ?? []) !== null },
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
    await dropValue(localDraftKey(key));
  }

  const bare = (): never => structuredClone(JSON.parse(JSON.stringify(checklist.value))) as never;
  async function save(): Promise<void> {
    if (!checklist.value) return;
    const { key } = checklist.value;
    const saved = await act(saveDraft, {
      params: { key },
      body: { base: base.value, checklist: bare(), version: version.value },
    });
    version.value = saved.version;
    await forget(key);
  }
  async function drop(): Promise<void> {
    if (!checklist.value) return;
    await act(dropDraft, { params: { key: checklist.value.key }, body: {} });
    await forget(checklist.value.key);
  }
  async function publish(note: string, reason: string): Promise<string> {
    const { checklist: now } = await act(publishChecklist, {
      body: { base: base.value, checklist: bare(), note, reason },
    });
    await forget(now.key);
    await catalogue.load();
    return now.key;
  }

  return {
    checklist,
    published,
    missing,
    unsaved,
    issues: computed(() => (checklist.value ? checklistIssues(checklist.value) : [])),
    warnings: computed(() => (checklist.value ? checklistWarnings(checklist.value) : [])),
    difference: computed(() =>
      checklist.value && published.value ? compareChecklists(published.value, checklist.value) : null,
    ),
    dropped: computed(() =>
      checklist.value && published.value ? droppedCriticals(published.value, checklist.value) : [],
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
