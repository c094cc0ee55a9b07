import { expect, it } from 'vitest';
import { FewAtOnce } from './few-at-once';

it('lets two work and three wait, refuses the rest, and takes more when those are done', async () => {
  const few = new FewAtOnce(2, 3);
  const ends: (() => void)[] = [];
  let [running, mostRunning] = [0, 0];
  const work = async (): Promise<string> => {
    running += 1;
    mostRunning = Math.max(mostRunning, running);
    await new Promise<void>((end) => ends.push(end));
    running -= 1;
    return 'done';
  };
  const asked = Array.from({ length: 7 }, () => few.run(work).catch((error: Error) => error.message));
  const settled = Promise.all(asked);
  for (let ended = 0; ended < 5; ended += 1) {
    while (ends.length === 0) await Promise.resolve();
    ends.shift()?.();
  }
  expect(await settled).toEqual([...Array.from({ length: 5 }, () => 'done'), 'server.busy', 'server.busy']);
  expect([mostRunning, running]).toEqual([2, 0]);
  const again = few.run(() => Promise.resolve('again'));
  expect(await again).toBe('again');
});
it('gives its place back when the work fails', async () => {
  const few = new FewAtOnce(1, 0);
  await expect(few.run(() => Promise.reject(new Error('no')))).rejects.toThrow('no');
  expect(await few.run(() => Promise.resolve(1))).toBe(1);
});
