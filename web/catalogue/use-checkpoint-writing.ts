import { nextTick, shallowRef, type ShallowRef } from 'vue';
import type { Checkpoint, Fault, Rule } from '@cadre/core/catalogue';
import { dropValue, savedValue, saveValue } from '@cadre/web/platform/local-db';

/** All that is typed in the form of a checkpoint, not yet on the checklist. */
export interface CheckpointText {
  readonly name: string;
  readonly place: string;
  readonly phase: Checkpoint['phase'];
  readonly how: string;
  readonly passWhen: string;
  readonly minutes: string;
  readonly tools: string;
  readonly cautions: string;
  readonly drawing: string;
  readonly faults: readonly Fault[];
  readonly rule: Rule;
}

interface Saved {
  readonly of: Checkpoint | 'new';
  readonly text: CheckpointText | null;
}

export interface CheckpointWriting {
  /** The checkpoint whose form is open: null none, 'new' a fresh one. */
  readonly open: Readonly<ShallowRef<Checkpoint | 'new' | null>>;
  /** What was typed before the page was left, for the form that opens again. */
  readonly text: Readonly<ShallowRef<CheckpointText | null>>;
  begin(of: Checkpoint | 'new'): void;
  type(text: CheckpointText): void;
  end(): void;
  /** Opens what was left unfinished on this checklist. */
  takeUp(checklistKey: string): Promise<void>;
  /** To the form, its first field that is wrong if any. */
  show(): void;
}

const FORM = '[data-checkpoint-form]';

/** To the first wrong field of the open form, or to the form. */
export async function showCheckpointForm(): Promise<void> {
  await nextTick();
  const form = document.querySelector<HTMLElement>(FORM);
  const field = form?.querySelector<HTMLElement>('[aria-invalid=true], [role=alert]') ?? form;
  field?.scrollIntoView({ block: 'center' });
  (field?.matches('[aria-invalid]') ? field : form?.querySelector<HTMLElement>('input'))?.focus({
    preventScroll: true,
  });
}

/** One checkpoint of a checklist is written at a time; what is typed of it outlives the page, and is not passed over when publishing. */
export function useCheckpointWriting(): CheckpointWriting {
  const open = shallowRef<Checkpoint | 'new' | null>(null);
  const text = shallowRef<CheckpointText | null>(null);
  let key = '';
  let writing: Promise<void> | null = null;
  let waiting = false;
  /** Writes what stands now, at once: the page may be left in the next moment. Of strokes meanwhile the last is written after. */
  function keep(): void {
    waiting = true;
    if (writing || !key) return;
    waiting = false;
    const of = open.value;
    writing = (of ? saveValue(key, { of, text: text.value } satisfies Saved) : dropValue(key))
      .catch(reportError)
      .finally(() => {
        writing = null;
        if (waiting) keep();
      });
  }
  return {
    open,
    text,
    begin(of) {
      open.value = of;
      text.value = null;
      keep();
    },
    type(typed) {
      text.value = typed;
      keep();
    },
    end() {
      open.value = null;
      text.value = null;
      keep();
    },
    async takeUp(checklistKey) {
      key = `checkpoint-draft:${checklistKey}`;
      const saved = await savedValue<Saved>(key);
      if (!saved || open.value) return;
      text.value = saved.text;
      open.value = saved.of;
    },
    show: () => void showCheckpointForm(),
  };
}
