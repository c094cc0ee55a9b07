import 'fake-indexeddb/auto';
import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { localDb, type SavedPhoto } from '@cadre/web/platform/local-db';
import { deliverPhotos } from './deliver-photos';
import PhotoPad from './PhotoPad.vue';
import ShapesOver from './ShapesOver.vue';
import { PHOTO_ISSUE_WORDS, shrinkPhoto } from './shrink-photo';

const photo = (id: string, more: Partial<SavedPhoto> = {}): SavedPhoto => ({
  id,
  bikeId: 'b',
  checkId: 'c',
  checkpoint: 'rim',
  position: 'front',
  author: 'ann',
  at: 1,
  shapes: [],
  width: 4,
  height: 3,
  blob: new Blob(['x'], { type: 'image/jpeg' }),
  trouble: null,
  ...more,
});
const answer = (status: number, body: object): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });

describe('photos saved on this device', () => {
  const asked: { path: string; of: Record<string, unknown> }[] = [];
  let respond: () => Response | Promise<Response> = () => answer(200, {});
  beforeEach(async () => {
    asked.length = 0;
    await Promise.all([localDb.photos.clear(), localDb.checks.clear()]);
    vi.stubGlobal('fetch', (url: string) => {
      const { pathname, searchParams } = new URL(url, 'http://here');
      asked.push({
        path: pathname,
        of: JSON.parse(searchParams.get('of') ?? '{}') as Record<string, unknown>,
      });
      return Promise.resolve(respond());
    });
  });
  afterEach(() => vi.unstubAllGlobals());

  it('are sent the oldest first, under their author’s name and the check the server knows', async () => {
    await localDb.checks.put({ id: 'c', serverId: 'server-c', state: 'open' } as never);
    await localDb.photos.bulkPut([photo('late', { at: 9 }), photo('early', { checkId: null })]);
    respond = () => answer(200, {});
    await deliverPhotos('ann');
    expect(asked.map((each) => [each.path, each.of.checkId, each.of.author])).toEqual([
      ['/api/v1/photos/early', null, 'ann'],
      ['/api/v1/photos/late', 'server-c', 'ann'],
    ]);
    expect(await localDb.photos.count()).toBe(0);
  });
  it('that the server will not take stay, with why, and are not sent again until somebody says so', async () => {
    await localDb.photos.put(photo('p'));
    respond = () => answer(409, { type: 't', status: 409, code: 'photo.too-many', params: { most: 6 } });
    await deliverPhotos('ann');
    expect((await localDb.photos.get('p'))?.trouble).toContain('already has 6 photos');
    await deliverPhotos('ann');
    expect(asked).toHaveLength(1);
  });
  it.each([
    ['the server is gone', () => Promise.reject(new TypeError('no network'))],
    ['the session is lost', () => answer(401, { type: 't', status: 401, code: 'session.required' })],
    ['the server broke', () => answer(500, { type: 't', status: 500, code: 'unexpected' })],
  ])('stay untouched while %s', async (_why, how) => {
    await localDb.photos.put(photo('p'));
    respond = how;
    await expect(deliverPhotos('ann')).rejects.toThrow();
    expect(await localDb.photos.get('p')).toMatchObject({ id: 'p', trouble: null });
  });
});

describe('a photo just taken', () => {
  // The dialog itself hangs at the end of the page: here only what is in it.
  const plain = { template: '<div><slot /></div>' };
  const stubs = { Dialog: plain, DialogPanel: plain, DialogTitle: plain };
  const pad = () =>
    mount(PhotoPad, {
      props: { url: 'blob:x', width: 400, height: 300, name: 'Rim, front' },
      global: { stubs },
    });
  async function stroke(
    wrapper: ReturnType<typeof pad>,
    from: [number, number],
    to: [number, number],
  ): Promise<void> {
    const canvas = wrapper.get('[data-photo-canvas]');
    Object.assign(canvas.element, {
      getBoundingClientRect: () => ({ left: 0, top: 0, width: 400, height: 300 }),
      setPointerCapture: () => undefined,
    });
    await canvas.trigger('pointerdown', { clientX: from[0], clientY: from[1], pointerId: 1 });
    await canvas.trigger('pointermove', { clientX: to[0], clientY: to[1], pointerId: 1 });
    await canvas.trigger('pointerup', { clientX: to[0], clientY: to[1], pointerId: 1 });
  }
  it('is circled and pointed at, the last stroke taken back, a touch is none, and kept with what was drawn', async () => {
    const wrapper = pad();
    await stroke(wrapper, [40, 30], [200, 150]);
    await wrapper.get('[data-choose=arrow]').trigger('click');
    await stroke(wrapper, [0, 0], [400, 300]);
    await stroke(wrapper, [10, 10], [11, 10]);
    expect([wrapper.findAll('ellipse').length, wrapper.findAll('path').length]).toEqual([2, 2]);
    await wrapper
      .findAll('button')
      .find((button) => button.text() === 'Undo')
      ?.trigger('click');
    await wrapper.get('[data-photo-keep]').trigger('click');
    expect(wrapper.emitted('keep')).toEqual([
      [[{ kind: 'circle', from: { x: 0.1, y: 0.1 }, to: { x: 0.5, y: 0.5 } }]],
    ]);
  });
  it('is let go', async () => {
    const wrapper = pad();
    await wrapper.get('[data-photo-drop]').trigger('click');
    expect(wrapper.emitted('drop')).toHaveLength(1);
  });
  it('shows each line twice, light under dark, so that it is seen on any ground', () =>
    expect(
      mount(ShapesOver, {
        props: {
          shapes: [{ kind: 'circle', from: { x: 0, y: 0 }, to: { x: 1, y: 1 } }],
          width: 4,
          height: 3,
        },
      }).findAll('ellipse'),
    ).toHaveLength(2));
  it('that is no picture is told apart before anything is read', async () => {
    const file = (type: string, size = 5): File =>
      Object.defineProperty(new File(['x'.repeat(5)], 'f', { type }), 'size', { value: size }) as File;
    expect(await shrinkPhoto(file('text/plain'))).toEqual({ ok: false, issue: 'no-picture' });
    expect(await shrinkPhoto(file('image/jpeg', 80_000_000))).toEqual({ ok: false, issue: 'too-heavy' });
    expect(await shrinkPhoto(file('image/jpeg', 0))).toEqual({ ok: false, issue: 'empty' });
    expect(PHOTO_ISSUE_WORDS['too-heavy']).toContain('40 MB');
  });
});
