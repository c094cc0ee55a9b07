import { computed, shallowRef } from 'vue';
import type { Checkpoint, ChecklistVersion } from '@cadre/core/catalogue';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { useCatalogue } from './use-catalogue';

export interface KnownCheckpoint {
  readonly checkpoint: Checkpoint;
  /** Written by this program, or shipped. */
  readonly own: boolean;
  /** The published checklists that ask it, by key, and whether critical there. */
  readonly on: readonly { readonly key: string; readonly name: string; readonly critical: boolean }[];
}

const SHIPPED = new Set(CHECKPOINTS.map((checkpoint) => checkpoint.key));

/** Every checkpoint this program knows: the shipped ones, with the wording its checklists give them, and its own. */
export function knownCheckpoints(checklists: readonly ChecklistVersion[]): readonly KnownCheckpoint[] {
  const published = new Map<string, Checkpoint>();
  const on = new Map<string, KnownCheckpoint['on']>();
  for (const checklist of checklists) {
    for (const { checkpoint, critical } of checklist.items) {
      published.set(checkpoint.key, checkpoint);
      on.set(checkpoint.key, [
        ...(on.get(checkpoint.key) ?? []),
        { key: checklist.key, name: checklist.name, critical },
      ]);
    }
  }
  const own = [...published.values()].filter((checkpoint) => !SHIPPED.has(checkpoint.key));
  return [...CHECKPOINTS.map((checkpoint) => published.get(checkpoint.key) ?? checkpoint), ...own].map(
    (checkpoint) => ({
      checkpoint,
      own: !SHIPPED.has(checkpoint.key),
      on: on.get(checkpoint.key) ?? [],
    }),
  );
}

/** The published checklists whole, and the checkpoints they and the catalogue know. */
export function useCheckpoints() {
  const catalogue = useCatalogue();
  const checklists = shallowRef<readonly ChecklistVersion[]>([]);
  const ready = shallowRef(false);
  async function load(): Promise<void> {
    if (!catalogue.known) await catalogue.load();
    const found = await Promise.all(
      (catalogue.known?.checklists ?? []).map((checklist) => catalogue.checklistOf(checklist.hash)),
    );
    checklists.value = found.flatMap((each) => (each ? [each.checklist] : []));
    ready.value = true;
  }
  void load();
  const all = computed(() => knownCheckpoints(checklists.value));
  return { all, ready };
}
