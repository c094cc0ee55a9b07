import { computed, type ComputedRef, type InjectionKey } from 'vue';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import { useProvided } from '@cadre/web/platform/provided';
import type { ChecklistDraft } from './use-checklist-draft';
import type { CheckpointWriting } from './use-checkpoint-writing';
import * as t from './messages';

interface Editing {
  readonly draft: ChecklistDraft;
  readonly writing: CheckpointWriting;
  /** What is wrong with a field, in words, once somebody has tried to publish. */
  readonly said: (path: string) => string | null;
}

export const CHECKLIST_DRAFT: InjectionKey<Editing> = Symbol(t.checklistDraft);

/** The checklist being written, for what stands inside its form. */
export function useEditing(): Editing & { readonly checklist: ComputedRef<ChecklistVersion> } {
  const given = useProvided(CHECKLIST_DRAFT);
  const checklist = computed(() => {
    const now = given.draft.checklist.value;
    if (!now) throw new Error('no checklist is being written');
    return now;
  });
  return { ...given, checklist };
}
