import { mount } from '@vue/test-utils';
import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import StorageNotice from '../../shell/StorageNotice.vue';
import { localDb } from './local-db';
import { storageTrouble, watchStorage } from './storage';

const heard: string[] = [];
const said = (): string => mount(StorageNotice).text();
let answer: (count: number) => void;
let refuse: (error: unknown) => void;
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal(
    'BroadcastChannel',
    class {
      constructor(readonly name: string) {}
      postMessage(word: string): void {
        heard.push(`${this.name} ${word}`);
      }
    },
  );
  vi.stubGlobal('reportError', vi.fn());
  const counted = new Promise<number>((done, fail) => {
    answer = done;
    refuse = fail;
  });
  vi.spyOn(localDb.things, 'count').mockReturnValue(counted as never);
});
afterEach(() => {
  storageTrouble.value = null;
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

describe('where marks are kept', () => {
  it('is asked of pages left behind, and says nothing while all is well', async () => {
    watchStorage();
    expect(heard).toEqual(['cadre-pages opened']);
    answer(3);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(storageTrouble.value).toBeNull();
    expect(said()).toBe('');
  });

  it('is said to be silent when it does not answer, until it does', async () => {
    watchStorage();
    await vi.advanceTimersByTimeAsync(4900);
    expect(storageTrouble.value).toBeNull();
    await vi.advanceTimersByTimeAsync(200);
    expect(said()).toContain(
      'this browser is not saving your marks. Close all other Cadre windows, then reload this page.',
    );
    answer(0);
    await vi.advanceTimersByTimeAsync(0);
    expect(said()).toBe('');
  });

  it('is said to refuse, whoever found it out', async () => {
    watchStorage();
    refuse(new Dexie.OpenFailedError('no room'));
    await vi.advanceTimersByTimeAsync(0);
    expect(said()).toContain(
      'this browser could not save or read some data. The disk may be full, or the window may be private. Free some space or use another device, reload this page, and check that all your marks are there.',
    );
    expect(reportError).toHaveBeenCalledOnce();
  });

  it.each([
    [new Dexie.QuotaExceededError('full'), 'refused'],
    [new Error('a bug elsewhere'), null],
  ] as const)('an act nobody waited for failed: %s', (reason, trouble) => {
    watchStorage();
    dispatchEvent(Object.assign(new Event('unhandledrejection'), { reason }));
    expect(storageTrouble.value).toBe(trouble);
  });
});
