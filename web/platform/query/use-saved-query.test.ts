import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { effectScope, nextTick, ref, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { RefusedError, UnreachableError } from '@cadre/web/platform/api';
import { localDb } from '@cadre/web/platform/local-db';
import { useSavedQuery, type SavedQuery } from './use-saved-query';

let scope: EffectScope;
let ask: ReturnType<typeof vi.fn<() => Promise<string>>>;
const used = (more: Partial<Parameters<typeof useSavedQuery<string>>[0]> = {}): SavedQuery<string> =>
  scope.run(() => useSavedQuery<string>({ key: () => ['thing', 'a'], ask, ...more })) as SavedQuery<string>;

beforeEach(async () => {
  setActivePinia(createPinia());
  await localDb.things.clear();
  scope = effectScope();
  ask = vi.fn(() => Promise.resolve('fresh'));
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('an answer saved on this device', () => {
  it('is what the server says, and is saved for when it does not', async () => {
    const query = used();
    await vi.waitFor(() => expect(query.data.value).toBe('fresh'));
    expect(query.offline.value).toBe(false);
    await vi.waitFor(async () => expect((await localDb.things.get('thing:a'))?.value).toBe('fresh'));
  });

  it('without signal is the one saved, and says so, until the server is back', async () => {
    await localDb.things.put({ key: 'thing:a', value: 'saved' });
    ask.mockRejectedValueOnce(new UnreachableError());
    const query = used();
    await vi.waitFor(() => expect(query.data.value).toBe('saved'));
    expect(query.offline.value).toBe(true);
    await query.refetch();
    expect([query.data.value, query.offline.value]).toEqual(['fresh', false]);
  });

  it('that helps nobody without signal is not saved, nor read', async () => {
    await localDb.things.put({ key: 'thing:a', value: 'saved' });
    ask.mockRejectedValueOnce(new UnreachableError());
    const query = used({ save: false });
    await vi.waitFor(() => expect(query.offline.value).toBe(true));
    expect(query.data.value).toBeUndefined();
    await query.refetch();
    expect((await localDb.things.get('thing:a'))?.value).toBe('saved');
  });

  it('a refusal leaves what was saved; anything else is reported, not swallowed', async () => {
    await localDb.things.put({ key: 'thing:a', value: 'saved' });
    const reported = vi.fn();
    vi.stubGlobal('reportError', reported);
    ask.mockRejectedValueOnce(
      new RefusedError({ type: 't', status: 401, code: 'session.required', params: {} } as never),
    );
    const query = used();
    await vi.waitFor(() => expect(query.data.value).toBe('saved'));
    expect(reported).not.toHaveBeenCalled();
    const bug = new TypeError('a bug');
    ask.mockRejectedValueOnce(bug);
    await query.refetch();
    await nextTick();
    expect(reported).toHaveBeenCalledWith(bug);
  });

  it('is asked once for all who want the same, and anew under another key', async () => {
    const id = ref('a');
    const one = used({ key: () => ['thing', id.value] });
    const two = used({ key: () => ['thing', id.value] });
    await vi.waitFor(() => expect([one.data.value, two.data.value]).toEqual(['fresh', 'fresh']));
    expect(ask).toHaveBeenCalledTimes(1);
    ask.mockResolvedValueOnce('of b');
    id.value = 'b';
    await vi.waitFor(() => expect([one.data.value, two.data.value]).toEqual(['of b', 'of b']));
    expect(ask).toHaveBeenCalledTimes(2);
  });

  it('waits until it is wanted', async () => {
    const wanted = ref(false);
    const query = used({ enabled: () => wanted.value });
    await nextTick();
    expect(ask).not.toHaveBeenCalled();
    wanted.value = true;
    await vi.waitFor(() => expect(query.data.value).toBe('fresh'));
  });
});
