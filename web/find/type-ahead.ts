import { onScopeDispose, ref, watch, type Ref } from 'vue';

export interface TypeAhead {
  readonly text: Ref<string>;
  /** Whether Enter was struck before anything could answer it. */
  readonly entered: Ref<boolean>;
}

/**
 * Whoever opens the finder types on at once, before it is loaded and its field has the focus: none of it is lost, and none of it
 * reaches the view below.
 */
export function useTypeAhead(open: Ref<boolean>): TypeAhead {
  const text = ref('');
  const entered = ref(false);
  function take(event: KeyboardEvent): void {
    const inside = event.target instanceof Element && event.target.closest('[data-find-bike]');
    if (inside || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'Escape') open.value = false;
    else if (event.key === 'Backspace') text.value = text.value.slice(0, -1);
    else if (event.key === 'Enter') entered.value = true;
    else if (event.key.length === 1) text.value += event.key;
    else return;
    event.preventDefault();
    event.stopImmediatePropagation();
  }
  const end = (): void => window.removeEventListener('keydown', take, { capture: true });
  watch(
    open,
    (now) => {
      text.value = '';
      entered.value = false;
      if (now) window.addEventListener('keydown', take, { capture: true });
      else end();
    },
    { flush: 'sync' },
  );
  onScopeDispose(end);
  return { text, entered };
}
