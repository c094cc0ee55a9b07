import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { putTogether } from './put-together';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());
const bike = (id: string, version: number): Bike => ({ id, version }) as Bike;

it('puts what comes in a moment at once, the later of two, and goes on with what comes after', () => {
  const put = vi.fn();
  const arrive = putTogether(put);
  arrive(bike('a', 1));
  arrive(bike('b', 1));
  arrive(bike('a', 2));
  expect(put).not.toHaveBeenCalled();
  vi.runAllTimers();
  expect(put.mock.calls).toEqual([[[bike('a', 2), bike('b', 1)]]]);
  arrive(bike('c', 1));
  vi.runAllTimers();
  expect(put.mock.calls[1]).toEqual([[bike('c', 1)]]);
});
