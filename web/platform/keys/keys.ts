import { nextTick, onScopeDispose } from 'vue';
import { BURST_MS, KeyBurst } from './key-burst';

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
/** What a scan leads to; whether it was understood. */
let readScan: (text: string) => boolean = () => false;
export function onScan(read: (text: string) => boolean): void {
  readScan = read;
}
/** What takes a text typed at a scanner's pace that is no code: an instrument's reading. */
const others: ((text: string) => boolean)[] = [];
export function alsoReads(read: (text: string) => boolean): void {
  others.push(read);
}
const readText = (text: string): boolean => readScan(text) || others.some((read) => read(text));

function isTyping(target: EventTarget | null): target is HTMLElement {
  return (
    target instanceof HTMLElement &&
    (target.matches('input:not([type=radio]):not([type=checkbox]), textarea, select') ||
      target.isContentEditable)
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

const isPrintable = (event: KeyboardEvent): boolean => event.key.length === 1 && event.key !== ' ';

function actOf(key: string): KeyMap[string] | undefined {
  for (const layer of [...layers].reverse()) {
    const act = layer.map()[key];
    if (act) return act;
  }
  return undefined;
}
function perform(event: KeyboardEvent): void {
  const act = actOf(event.key);
  if (!act) return;
  event.preventDefault();
  act(event);
}

/** Several at once: each is answered by what the one before it opened. */
let queue: Promise<void> | null = null;
function performInOrder(events: readonly KeyboardEvent[]): void {
  const before = queue ?? Promise.resolve();
  const mine = before.then(async () => {
    for (const event of events) {
      perform(event);
      await nextTick();
    }
    if (queue === mine) queue = null;
  });
  queue = mine;
}

/** Letters wait a moment: were they a scanner's, none of them is a shortcut. */
let waiting: KeyboardEvent[] = [];
let timer: ReturnType<typeof setTimeout> | null = null;
const burst = new KeyBurst();
function letGo(): void {
  if (timer) clearTimeout(timer);
  timer = null;
  const keys = waiting;
  waiting = [];
  const [only, ...more] = keys;
  if (only && more.length === 0 && !queue) perform(only);
  else if (only) performInOrder(keys);
}
function hold(event: KeyboardEvent): void {
  if (actOf(event.key)) event.preventDefault();
  waiting.push(event);
  if (timer) clearTimeout(timer);
  timer = setTimeout(letGo, BURST_MS);
}

/** A scan into a field is taken out of it again, so that what somebody typed there stays as it was. */
const fieldBurst = new KeyBurst();
let valueBefore = '';
function typeInField(event: KeyboardEvent, field: HTMLElement): void {
  if (!(field instanceof HTMLInputElement) || field.type === 'password') return;
  if (isPrintable(event)) {
    const { value } = field;
    if (!fieldBurst.take(event.key, event.timeStamp)) valueBefore = value;
    return;
  }
  if (event.key !== 'Enter') return;
  const text = fieldBurst.end(event.timeStamp);
  if (text === null || field.value === text || !readScan(text)) return;
  event.preventDefault();
  event.stopImmediatePropagation();
  field.value = valueBefore;
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

window.addEventListener(
  'keydown',
  (event) => {
    if (isTyping(event.target) && !event.ctrlKey && !event.metaKey && !event.altKey)
      typeInField(event, event.target);
  },
  { capture: true },
);
window.addEventListener('keydown', (event) => {
  if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || event.key === 'Shift')
    return;
  if (isTyping(event.target) && event.key !== 'Escape') return;
  if (isPrintable(event)) {
    const goesOn = burst.take(event.key, event.timeStamp);
    // No code begins with it, and whoever finds types on at once.
    if (event.key === '/' && !goesOn) {
      letGo();
      perform(event);
    } else hold(event);
    return;
  }
  const text = event.key === 'Enter' ? burst.end(event.timeStamp) : null;
  burst.forget();
  if (text !== null && readText(text)) {
    waiting = [];
    event.preventDefault();
    return;
  }
  letGo();
  if (isPressing(event)) return;
  if (!queue) perform(event);
  else {
    if (actOf(event.key)) event.preventDefault();
    performInOrder([event]);
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
