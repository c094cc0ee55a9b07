import { onScopeDispose } from 'vue';

export type KeyMap = Readonly<Record<string, (event: KeyboardEvent) => void>>;
export interface KeyHelp {
  readonly keys: string;
  readonly does: string;
}

interface Layer {
  readonly map: () => KeyMap;
  readonly help: readonly KeyHelp[];
}

const layers: Layer[] = [];

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.matches('input:not([type=radio]):not([type=checkbox]), textarea, select') || target.isContentEditable)
  );
}

/** Space and Enter belong to the button they are pressed on. */
function isPressing(event: KeyboardEvent): boolean {
  return (
    (event.key === 'Enter' || event.key === ' ') &&
    event.target instanceof HTMLElement &&
    event.target.matches('button, a, summary, input') &&
    !event.target.hasAttribute('data-keys-pass')
  );
}

window.addEventListener('keydown', (event) => {
  if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isPressing(event)) return;
  if (isTyping(event.target) && event.key !== 'Escape') return;
  for (const layer of [...layers].reverse()) {
    const act = layer.map()[event.key];
    if (!act) continue;
    event.preventDefault();
    act(event);
    return;
  }
});

/** Keys of the view in front; the newest layer is asked first. They go with the component that set them. */
export function useKeys(map: () => KeyMap, help: readonly KeyHelp[] = []): void {
  const layer: Layer = { map, help };
  layers.push(layer);
  onScopeDispose(() => layers.splice(layers.indexOf(layer), 1));
}

export function keyHelp(): readonly KeyHelp[] {
  return [...layers].reverse().flatMap((layer) => layer.help);
}
