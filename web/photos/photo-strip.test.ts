import 'fake-indexeddb/auto';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { PHOTO_LIMITS } from '@cadre/core/photos';
import { localDb, type SavedPhoto } from '@cadre/web/platform/local-db';
import LookPhotos from './LookPhotos.vue';

const question = { checkpoint: { key: 'rim', name: 'Rim' }, position: 'front' } as never;
const savedPhoto = (id: string, more: Partial<SavedPhoto> = {}): SavedPhoto => ({
  ...{
    id,
    bikeId: 'b',
    checkId: 'c',
    checkpoint: 'rim',
    position: 'front' as const,
    author: 'ann',
    at: Date.now(),
    shapes: [],
    width: 4,
    height: 3,
  },
  ...{ blob: new Blob(['x'], { type: 'image/jpeg' }), trouble: null },
  ...more,
});
const sentPhoto = (id: string, at: number) => ({
  ...{ id, bikeId: 'b', checkId: 'c', checkpoint: 'rim', position: 'front', by: 'ann' },
  at,
  width: 4,
  height: 3,
  hash: '',
  shapes: [],
});
let server: object[] = [];
let gone = false;
const addresses: string[] = [];

describe('the photos of a look', () => {
  beforeEach(async () => {
    setActivePinia(createPinia());
    await localDb.photos.clear();
    [server, gone] = [[], false];
    addresses.length = 0;
    vi.stubGlobal('fetch', (address: string) => {
      addresses.push(address);
      return gone
        ? Promise.reject(new TypeError('no network'))
        : Promise.resolve(
            new Response(JSON.stringify({ photos: server, next: null }), {
              headers: { 'content-type': 'application/json' },
            }),
          );
    });
    vi.stubGlobal(
      'URL',
      Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined }),
    );
  });
  afterEach(() => vi.unstubAllGlobals());
  async function strip() {
    const view = mount(LookPhotos, { props: { bikeId: 'b', checkId: 'c', question, author: 'ann' } });
    await vi.waitFor(() => expect(addresses.length).toBeGreaterThan(0));
    await flushPromises();
    return view;
  }
  const shown = (view: Awaited<ReturnType<typeof strip>>): (string | undefined)[] =>
    view.findAll('[data-photo]').map((photo) => photo.attributes('data-photo'));

  it('are asked for of this very look, and stand with what is still saved on this device first', async () => {
    server = [sentPhoto('old', Date.now() - 9 * 3_600_000)];
    await localDb.photos.bulkPut([
      savedPhoto('mine'),
      savedPhoto('of another look', { checkpoint: 'spokes' }),
      savedPhoto('of another bike', { bikeId: 'x' }),
    ]);
    const view = await strip();
    await vi.waitFor(() => expect(shown(view)).toEqual(['kept', 'sent']));
    expect(addresses[0]).toContain('/api/v1/bikes/b/photos?most=12&checkpoint=rim&position=front');
    expect(view.get('[data-photo=kept]').text()).toContain('saved on this device');
    expect(view.get('[data-photo=sent] img').attributes('src')).toBe('/api/v1/photos/old/small');
  });
  it('without signal are those saved on this device alone', async () => {
    gone = true;
    await localDb.photos.put(savedPhoto('mine'));
    const view = await strip();
    await vi.waitFor(() => expect(shown(view)).toEqual(['kept']));
  });
  it('that the server would not take say why, and are tried again or let go of', async () => {
    await localDb.photos.put(savedPhoto('mine', { trouble: 'A photo was not accepted. Too many.' }));
    const view = await strip();
    await vi.waitFor(() => expect(view.text()).toContain('Too many'));
    const press = async (words: string): Promise<void> => {
      await view
        .findAll('button')
        .find((button) => button.text() === words)
        ?.trigger('click');
    };
    await press('Try again');
    await vi.waitFor(async () => expect((await localDb.photos.get('mine'))?.trouble).toBeNull());
    await localDb.photos.update('mine', { trouble: 'Again not.' });
    await vi.waitFor(() => expect(view.text()).toContain('Again not'));
    await press('Discard photo');
    await vi.waitFor(async () => expect(await localDb.photos.count()).toBe(0));
  });
  it('are no more than so many in a sitting; older ones do not count', async () => {
    await localDb.photos.bulkPut(
      Array.from({ length: PHOTO_LIMITS.perLook - 1 }, (_, at) => savedPhoto(`p${at}`)),
    );
    server = [sentPhoto('old', Date.now() - 2 * PHOTO_LIMITS.sittingMs)];
    const view = await strip();
    await vi.waitFor(() => expect(shown(view)).toHaveLength(PHOTO_LIMITS.perLook));
    expect(view.get('[data-take-photo]').attributes('disabled')).toBeUndefined();
    await localDb.photos.put(savedPhoto('one more'));
    await vi.waitFor(() => expect(view.get('[data-take-photo]').attributes('disabled')).toBeDefined());
    expect(view.text()).toContain('photos. Describe the rest in the note.');
  });
  it('a file that is none is told at once, and nothing is kept', async () => {
    const view = await strip();
    const input = view.get('[data-photo-file]');
    Object.defineProperty(input.element, 'files', {
      value: [new File(['notes'], 'notes.txt', { type: 'text/plain' })],
    });
    await input.trigger('change');
    await vi.waitFor(() => expect(view.get('[data-photo-said]').text()).toContain('cannot read this file'));
    expect(await localDb.photos.count()).toBe(0);
  });
});
