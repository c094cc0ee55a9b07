import { createPinia, setActivePinia } from 'pinia';
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair } from '@cadre/contract/repairs';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { TOUCHES } from '@cadre/core/catalogue';
import { NO_PLAN } from '@cadre/core/repairs';
import { findingLike } from '@cadre/test-world/core';
import { useInstruments } from '@cadre/web/instruments';
import type { Done } from './finish-form';
import FinishRepair from './FinishRepair.vue';
import { TOUCH_WORDS } from '@cadre/web/words';
import { blockWords } from './wording';

const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/:rest(.*)*', component: { template: '<i />' } }],
});
beforeEach(() => setActivePinia(createPinia()));

const finding = findingLike({ checkpoint: 'disc-pads', fault: 'worn' });
const repair = { id: 'r', findingIds: [finding.id], plan: NO_PLAN } as unknown as Repair;
const bike = {
  id: 'b',
  tag: 'H01',
  modelId: null,
  build: USUAL_BUILD.hardtail,
  fit: { 'torqueMax:caliper-mount': 8 },
  marked: {},
} as unknown as Bike;
const item = (more: Partial<StockItem> = {}): StockItem => ({
  ...{ id: 'pads', kind: 'pads', name: 'Sea pads', facts: {}, modelIds: [], markings: {} },
  ...{ onHand: 3, least: 1, price: 1450, leadDays: 5, supplier: 'Reed', version: 1 },
  ...more,
});
const form = (
  items: readonly StockItem[] = [
    item(),
    item({ id: 'chain', kind: 'chain', name: 'Moor chain' }),
    item({ id: 'battery', kind: 'battery' }),
  ],
) =>
  mount(FinishRepair, {
    props: { bike, repair, findings: [finding], items, busy: false, fields: [] },
    global: { plugins: [router], stubs: { RouterLink: RouterLinkStub } },
  });
type Form = ReturnType<typeof form>;
const said = (wrapper: Form): Done | undefined => wrapper.emitted('done')?.[0]?.[0] as Done | undefined;
const brake = { touch: 'brake-work', position: 'front' };

describe('finishing a repair', () => {
  it('asks what was done before it is done, and keeps what was typed', async () => {
    const wrapper = form();
    await wrapper.get('[data-minutes] input').setValue('12');
    await wrapper.get('form').trigger('submit');
    expect(said(wrapper)).toBeUndefined();
    expect(wrapper.text()).toContain('Enter the work done');
    expect((wrapper.get('[data-minutes] input').element as HTMLInputElement).value).toBe('12');
  });

  it('has what the work touches in any case, which nobody can untick', () => {
    const button = form().get('[aria-pressed="true"]');
    expect(button.text()).toContain(TOUCH_WORDS['brake-work']);
    expect(button.text()).toContain('always with this repair');
    expect(button.attributes('disabled')).toBeDefined();
  });

  it('starts from what the work touches, and lets more be added', async () => {
    const wrapper = form();
    await wrapper.get('[data-done] input').setValue('New cable');
    await wrapper
      .findAll('button')
      .find((button) => button.text() === TOUCH_WORDS['stem-headset'])
      ?.trigger('click');
    await wrapper.get('form').trigger('submit');
    expect(said(wrapper)).toEqual({
      work: [{ findingId: finding.id, done: 'New cable' }],
      touched: [{ touch: 'stem-headset', position: 'only' }, brake],
      minutes: null,
      used: [],
      torques: [],
    });
  });

  it('has what a guide that was followed for this bike touches, until it is finished', async () => {
    sessionStorage.setItem('cadre.followed.b', JSON.stringify([{ touch: 'wheel-trued', position: 'front' }]));
    const wrapper = form();
    await wrapper.get('[data-done] input').setValue('Trued');
    await wrapper.get('form').trigger('submit');
    expect(said(wrapper)?.touched).toContainEqual({ touch: 'wheel-trued', position: 'front' });
    expect(JSON.parse(sessionStorage.getItem('cadre.followed.b') ?? '')).toEqual([]);
  });

  it('offers what the finding likely takes in one touch, where it likely goes; the rest that fits in a list, what does not fit not at all', async () => {
    const wrapper = form();
    expect(wrapper.findAll('[data-take]').map((button) => button.attributes('data-take'))).toEqual([
      'Sea pads',
    ]);
    expect(wrapper.get('[data-take-other]').text()).toContain('Moor chain');
    expect(wrapper.get('[data-take-other]').text()).not.toContain('Battery');
    await wrapper.get('[data-take]').trigger('click');
    expect(wrapper.get('[data-used]').text()).toContain('2 left in stock');
    await wrapper.get('[data-done] input').setValue('New pads');
    await wrapper.get('form').trigger('submit');
    expect(said(wrapper)?.used).toMatchObject([
      { itemId: 'pads', count: 1, findingId: finding.id, fits: { position: 'front' } },
    ]);
  });

  it('looks again at what a part touches, ticked or not, and says when the shelf does not hold so many', async () => {
    const wrapper = form([item({ onHand: 0 }), item({ id: 'chain', kind: 'chain', name: 'Moor chain' })]);
    await wrapper.get('[data-take-other] select').setValue('chain');
    await wrapper.get('[data-take]').trigger('click');
    expect(wrapper.get('[data-used="Sea pads"]').text()).toContain('only 0 in stock');
    await wrapper.get('[data-done] input').setValue('x');
    await wrapper.get('form').trigger('submit');
    expect(said(wrapper)?.touched).toContainEqual({ touch: 'chain-sprockets', position: 'only' });
  });

  it('asks what the loosened joints were tightened to, and warns over the most stated', async () => {
    const wrapper = form();
    const field = wrapper.get('[data-torque-of="caliper-mount"]');
    expect(wrapper.get('[data-torqued]').text()).toContain('set 8 N m');
    await field.setValue('8,5');
    expect(wrapper.text()).toContain('Above the maximum of 8 N m');
    await field.setValue('7.5');
    expect(wrapper.text()).not.toContain('Above the maximum');
    await wrapper.get('[data-done] input').setValue('x');
    await wrapper.get('form').trigger('submit');
    expect(said(wrapper)?.torques).toEqual([{ joint: 'caliper-mount', newtonMetres: 7.5 }]);
  });

  it('says which wrench did each joint: the one that sent its pulls, else the one at hand', async () => {
    localStorage.setItem('cadre.wrench', 'w1');
    const wrench = (id: string, serial: string) => ({
      ...{ id, siteId: 's', kind: 'torque-wrench', tag: id, serial, unit: 'N m', least: null, most: null },
      ...{ accuracy: null, lengthMm: null, checkEveryDays: null, lastCheck: null, goodAt: null },
      ...{ withdrawn: null, version: 1 },
    });
    const items = [wrench('w1', 'S1'), wrench('w2', 'S2')];
    vi.stubGlobal('fetch', (path: string) =>
      path.endsWith('/equipment')
        ? Promise.resolve(Response.json({ items, doubtful: [] }))
        : Promise.reject(new TypeError('no network')),
    );
    const wrapper = form();
    await vi.waitFor(() => wrapper.get('[data-wrench-at-hand]'));
    await wrapper
      .findAll('button')
      .find((button) => button.text() === TOUCH_WORDS['stem-headset'])
      ?.trigger('click');
    await wrapper.get('[data-torque-of="stem-steerer"]').setValue('5');
    const caliper = () => wrapper.get('[data-torqued-joint="caliper-mount"]');
    await caliper().get('input').trigger('focus');
    for (let pulls = 0; pulls < 12 && !caliper().find('[data-pulls-done]').exists(); pulls += 1) {
      const next = caliper().find('[data-next-pull]');
      const value = next.exists() ? /([\d.]+) N m/.exec(next.text())?.[1] : '8';
      useInstruments().receive(`id=S2 kind=torque-wrench value=${value} unit=nm`, null);
      await flushPromises();
    }
    await wrapper.get('[data-done] input').setValue('x');
    await wrapper.get('form').trigger('submit');
    const wrenches = (said(wrapper)?.torques ?? []).map((each) => [
      each.joint,
      each.newtonMetres,
      each.equipmentId,
    ]);
    expect(wrenches).toEqual(
      expect.arrayContaining([
        ['caliper-mount', 8, 'w2'],
        ['stem-steerer', 5, 'w1'],
      ]),
    );
    vi.unstubAllGlobals();
    localStorage.clear();
  });

  it.each(['-3', '1.5', 'ten'])('refuses %s minutes by the field', async (typed) => {
    const wrapper = form();
    await wrapper.get('[data-done] input').setValue('x');
    await wrapper.get('[data-minutes] input').setValue(typed);
    await wrapper.get('form').trigger('submit');
    expect(said(wrapper)).toBeUndefined();
    expect(wrapper.text()).toContain('Enter whole minutes from 0 to 9999.');
  });
});

describe('words of the bench', () => {
  it('stand for every kind of work and everything a release waits for', () => {
    for (const touch of TOUCHES) expect(TOUCH_WORDS[touch].length).toBeGreaterThan(3);
    expect(blockWords({ code: 'not-repaired', finding: findingLike() })).toBe(
      'Repair: does not stop the wheel',
    );
    expect(blockWords({ code: 'not-reassembled', what: 'wheel out' })).toBe('Reassemble: wheel out');
  });
});
