import { effectScope, ref } from 'vue';
import { expect, it } from 'vitest';
import { useTypeAhead } from './type-ahead';

const strike = (key: string): boolean =>
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));

it('keeps what is struck from the opening on, corrected or called off, and leaves all other keys alone', () => {
  const open = ref(false);
  const scope = effectScope();
  const ahead = scope.run(() => useTypeAhead(open));
  if (!ahead) throw new Error('nothing was set up');
  expect(strike('w')).toBe(true);
  open.value = true;
  for (const key of ['w', '3', 'Backspace', '2']) expect(strike(key)).toBe(false);
  expect([ahead.text.value, ahead.entered.value]).toEqual(['w2', false]);
  strike('Enter');
  expect(ahead.entered.value).toBe(true);
  strike('Escape');
  expect([open.value, ahead.text.value, ahead.entered.value]).toEqual([false, '', false]);
  expect(strike('w')).toBe(true);
  open.value = true;
  scope.stop();
  expect(strike('w')).toBe(true);
});
