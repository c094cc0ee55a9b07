import { afterEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { keyHelp, useKeys } from './keys';

const scopes: EffectScope[] = [];
function layer(map: Record<string, () => void>, help: { keys: string; does: string }[] = []): EffectScope {
  const scope = effectScope();
  scope.run(() => useKeys(() => map, help));
  scopes.push(scope);
  return scope;
}
function press(key: string, target: EventTarget = document.body, more: KeyboardEventInit = {}): KeyboardEvent {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
  target.dispatchEvent(event);
  return event;
}
function element(html: string): HTMLElement {
  document.body.innerHTML = html;
  return document.body.firstElementChild as HTMLElement;
}
afterEach(() => {
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
    layer({}, [{ keys: 'G', does: 'wall' }]);
    layer({}, [{ keys: 'F', does: 'fault' }]);
    expect(keyHelp().map((each) => each.keys)).toEqual(['F', 'G']);
  });
});
