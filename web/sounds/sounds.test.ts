import 'fake-indexeddb/auto';
import { flushPromises, mount } from '@vue/test-utils';
import { PiniaColada } from '@pinia/colada';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Person } from '@cadre/contract/people';
import { localDb, type SavedSound } from '@cadre/web/platform/local-db';
import { useSession } from '@cadre/web/people';
import { fetched, Refusal, type Fetched } from '../../testing/fetched';
import { deliverSounds } from './deliver-sounds';
import SoundNotes from './SoundNotes.vue';

const recording = (id: string, more: Partial<SavedSound> = {}): SavedSound => ({
  ...{ id, bikeId: 'b', author: 'ann', at: 1, gear: '', doing: '' },
  bytes: Uint8Array.from([1, 2, 255]),
  type: 'audio/webm',
  ...{ state: 'waiting', trouble: null },
  ...more,
});
const POST = 'POST /api/v1/bikes/b/sounds';
let server: Fetched;
beforeEach(async () => {
  await localDb.sounds.clear();
  server = fetched();
  vi.stubGlobal(
    'URL',
    Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined }),
  );
});
afterEach(() => vi.unstubAllGlobals());

describe('recordings saved on this device', () => {
  it('are sent whole, the oldest first, by who made them and nobody else; drafts stay', async () => {
    server.answers[POST] = () => ({});
    await localDb.sounds.bulkPut([
      recording('late', { at: 9, gear: 'Third', doing: 'Coasting' }),
      recording('early'),
      recording('draft', { state: 'draft' }),
      recording('other', { author: 'ben' }),
    ]);
    await deliverSounds('ann');
    expect(server.sent.map(({ body }) => body)).toEqual([
      { id: 'early', sound: 'AQL/', gear: '', doing: '', at: 1 },
      { id: 'late', sound: 'AQL/', gear: 'Third', doing: 'Coasting', at: 9 },
    ]);
    expect((await localDb.sounds.toArray()).map(({ id }) => id).sort()).toEqual(['draft', 'other']);
  });

  it('that the server will not take are drafts again, with why', async () => {
    server.answers[POST] = () => new Refusal('sound.refused', [], 400);
    await localDb.sounds.put(recording('s', { gear: 'Third' }));
    await deliverSounds('ann');
    const stands = await localDb.sounds.get('s');
    expect(stands).toMatchObject({ state: 'draft', gear: 'Third' });
    expect(stands?.trouble?.what).toBeTruthy();
    await deliverSounds('ann');
    expect(server.sent).toHaveLength(1);
  });

  it.each([
    ['there is no server', null],
    ['the server broke', new Refusal('unexpected', [], 500)],
    ['the session is over', new Refusal('session.required', [], 401)],
  ])('stay as they are while %s', async (_why, answer) => {
    if (answer) server.answers[POST] = () => answer;
    await localDb.sounds.put(recording('s'));
    await expect(deliverSounds('ann')).rejects.toThrow();
    expect(await localDb.sounds.get('s')).toMatchObject({ state: 'waiting', trouble: null });
  });
});

describe('the recordings of a bike', () => {
  it('a draft is described and left to be sent, with no server too; another person’s is not shown', async () => {
    await localDb.sounds.bulkPut([
      recording('mine', { state: 'draft' }),
      recording('other', { author: 'ben', state: 'draft', gear: 'Second' }),
    ]);
    const pinia = createPinia();
    setActivePinia(pinia);
    useSession().person = { id: 'ann', name: 'Ann', role: 'mechanic', trainee: false } as Person;
    const wrapper = mount(SoundNotes, { props: { bikeId: 'b' }, global: { plugins: [pinia, PiniaColada] } });
    await vi.waitFor(() => wrapper.get('[data-save-sound]'));
    expect(wrapper.find('[data-record-sound]').exists()).toBe(false);
    await wrapper.get('[data-sound-gear] input').setValue(' Third ');
    await wrapper.get('form').trigger('submit');
    await vi.waitFor(() => wrapper.get('[data-waiting-sound]'));
    expect(wrapper.get('[data-waiting-sound]').text()).toMatch(/Third.*not synced/);
    expect(wrapper.text()).not.toContain('Second');
    expect(await localDb.sounds.get('mine')).toMatchObject({ state: 'waiting', gear: 'Third' });
    // Sent by the outbox: the list shows what the server has now.
    server.answers['GET /api/v1/bikes/b/sounds'] = () => ({ sounds: [] });
    await localDb.sounds.delete('mine');
    await vi.waitFor(() => expect(wrapper.text()).toContain('No noise recorded.'));
    await flushPromises();
    expect(wrapper.find('[data-record-sound]').exists()).toBe(true);
    wrapper.unmount();
  });

  it('says what to do where nothing can be recorded', async () => {
    const pinia = createPinia();
    setActivePinia(pinia);
    useSession().person = { id: 'ann', name: 'Ann', role: 'mechanic', trainee: false } as Person;
    const wrapper = mount(SoundNotes, { props: { bikeId: 'b' }, global: { plugins: [pinia, PiniaColada] } });
    await wrapper.get('[data-record-sound]').trigger('click');
    await vi.waitFor(() => wrapper.get('[role=alert]'));
    expect(wrapper.get('[role=alert]').text()).toContain('Describe the noise in a note instead.');
    wrapper.unmount();
  });
});
