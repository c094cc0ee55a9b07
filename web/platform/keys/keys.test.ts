import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { KeyBurst } from './key-burst';
import { keyHelp, onScan, useKeys } from './keys';

const scopes: EffectScope[] = [];
function layer(map: Record<string, () => void>, help: { keys: string; does: string }[] = []): EffectScope {
  const scope = effectScope();
  scope.run(() => useKeys(() => map, help));
  scopes.push(scope);
  return scope;
}
let clock = 1000;
function strike(key: string, target: EventTarget, more: KeyboardEventInit = {}): KeyboardEvent {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
  Object.defineProperty(event, 'timeStamp', { value: clock });
  target.dispatchEvent(event);
  return event;
}
/** A key as a hand strikes it: the next one is a while off. */
function press(
  key: string,
  target: EventTarget = document.body,
  more: KeyboardEventInit = {},
): KeyboardEvent {
  clock += 120;
  const event = strike(key, target, more);
  vi.advanceTimersByTime(120);
  return event;
}
/** A code as a scanner types it, four milliseconds a key. */
function scan(text: string, target: EventTarget = document.body): void {
  clock += 120;
  for (const key of [...text, 'Enter']) {
    strike(key, target);
    if (target instanceof HTMLInputElement && key !== 'Enter') target.value += key;
    clock += 4;
    vi.advanceTimersByTime(4);
  }
  vi.advanceTimersByTime(200);
}
function element(html: string): HTMLElement {
  document.body.innerHTML = html;
  return document.body.firstElementChild as HTMLElement;
}
beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  onScan(() => false);
  vi.useRealTimers();
  scopes.splice(0).forEach((scope) => scope.stop());
  document.body.innerHTML = '';
});

describe('keys', () => {
  it('belong to the view in front, and to the one behind for the rest', () => {
    const [behind, front] = [vi.fn(), vi.fn()];
    layer({ a: behind, b: behind });
    const top = layer({ a: front });
    press('a');
    press('b');
    expect([front.mock.calls.length, behind.mock.calls.length]).toEqual([1, 1]);
    top.stop();
    press('a');
    expect(behind).toHaveBeenCalledTimes(2);
  });

  it('are letters while somebody types, except Escape', () => {
    const act = vi.fn();
    layer({ c: act, Escape: act });
    const input = element('<input type="text">');
    expect(press('c', input).defaultPrevented).toBe(false);
    expect(act).not.toHaveBeenCalled();
    press('Escape', input);
    expect(act).toHaveBeenCalledTimes(1);
  });

  it('leave Space and Enter to the button they are pressed on, unless it passes them on', () => {
    const act = vi.fn();
    layer({ ' ': act, Enter: act });
    press(' ', element('<button>x</button>'));
    press('Enter', element('<a href="#">x</a>'));
    expect(act).not.toHaveBeenCalled();
    press(' ', element('<button data-keys-pass>x</button>'));
    expect(act).toHaveBeenCalledTimes(1);
  });

  it('with Ctrl, Alt or Meta are the browser’s own', () => {
    const act = vi.fn();
    layer({ n: act });
    press('n', document.body, { ctrlKey: true });
    press('n', document.body, { metaKey: true });
    expect(act).not.toHaveBeenCalled();
  });

  it('tell their help, the view in front first', () => {
    const before = keyHelp();
    layer({}, [{ keys: 'G', does: 'wall' }]);
    layer({}, [{ keys: 'F', does: 'fail' }]);
    expect(keyHelp().map((each) => each.keys)).toEqual(['F', 'G', ...before.map((each) => each.keys)]);
  });
});

describe('a scan', () => {
  it('is read whole, and none of its letters is a shortcut', () => {
    const [act, read] = [vi.fn(), vi.fn(() => true)];
    layer({ Q: act, 3: act, Enter: act });
    onScan(read);
    scan('Q31');
    expect(read).toHaveBeenCalledExactlyOnceWith('Q31');
    expect(act).not.toHaveBeenCalled();
  });
  it('that nobody understands is the keys it was struck with', async () => {
    const seen: string[] = [];
    layer({ a: () => seen.push('a'), b: () => seen.push('b'), Enter: () => seen.push('Enter') });
    scan('ab');
    await vi.advanceTimersByTimeAsync(1);
    expect(seen).toEqual(['a', 'b', 'Enter']);
  });
  it('is not what hands type, however it ends', () => {
    const read = vi.fn(() => true);
    onScan(read);
    for (const key of ['Q', '3', '1', 'Enter']) press(key);
    expect(read).not.toHaveBeenCalled();
  });
  it('into a field leaves there what somebody had typed', () => {
    const read = vi.fn(() => true);
    onScan(read);
    const field = element('<input type="text" value="Small cut">') as HTMLInputElement;
    scan('Q31', field);
    expect(read).toHaveBeenCalledExactlyOnceWith('Q31');
    expect(field.value).toBe('Small cut');
  });
  it('alone in an empty field is that field’s own', () => {
    const read = vi.fn(() => true);
    onScan(read);
    const field = element('<input type="search">') as HTMLInputElement;
    scan('Q31', field);
    expect(read).not.toHaveBeenCalled();
    expect(field.value).toBe('Q31');
  });
  it('begins anew after a pause', () => {
    const burst = new KeyBurst();
    for (const [key, at] of [
      ['x', 0],
      ['Q', 200],
      ['7', 210],
    ] as const)
      burst.take(key, at);
    expect(burst.end(215)).toBe('Q7');
    burst.take('Q', 300);
    burst.take('7', 305);
    expect(burst.end(600)).toBeNull();
  });
});
