import { computed, inject, type ComputedRef, type InjectionKey } from 'vue';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import type { ChecklistDraft } from './use-checklist-draft';

interface Editing {
  readonly draft: ChecklistDraft;
  /** What is wrong with a field, in words, once somebody has tried to publish. */
  readonly said: (path: string) => string | null;
}

export const CHECKLIST_DRAFT: InjectionKey<Editing> = Symbol('checklist-draft');

/** The checklist being written, for what stands inside its form. */
export function useEditing(): Editing & { readonly checklist: ComputedRef<ChecklistVersion> } {
  const given = inject(CHECKLIST_DRAFT);
  if (!given) throw new Error('only where a checklist is written');
  const checklist = computed(() => {
    const now = given.draft.checklist.value;
    if (!now) throw new Error('no checklist is being written');
    return now;
  });
  return { ...given, checklist };
}
