import { PiniaColada } from '@pinia/colada';
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import type { EquipmentItem } from '@cadre/contract/equipment';
import type { Person } from '@cadre/contract/people';
import type { Wall } from '@cadre/contract/wall';
import { DAY_MS } from '@cadre/core/time';
import { RefusedError } from '@cadre/web/platform/api';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { fetched, type Fetched } from '../../testing/fetched';
import EquipmentDetail from './EquipmentDetail.vue';
import EquipmentForm from './EquipmentForm.vue';
import type { CheckSaid, DoubtfulUse, EquipmentSaid, EquipmentStore } from './use-equipment';
import { useWrench } from './use-wrench';
import WrenchChoice from './WrenchChoice.vue';

const GAUGE: EquipmentItem = {
  ...{ id: 'g1', siteId: 's', kind: 'pressure-gauge', tag: 'GAUGE', serial: 'G-1', unit: 'bar' },
  ...{ least: null, most: null, accuracy: null, lengthMm: null, checkEveryDays: 90 },
  ...{ lastCheck: null, goodAt: null, withdrawn: null, version: 3 },
};
const checked = (passed: boolean, at = Date.now()): EquipmentItem['lastCheck'] => ({
  ...{ at, by: 'ann', reference: 4, shown: passed ? 4.02 : 4.5, passed, note: '' },
});

let pinia: Pinia;
let refuse: RefusedError | null;
let saved: { readonly id: string; readonly item: EquipmentSaid; readonly version: number | null }[];
let checks: CheckSaid[];
const store = {
  set: (id: string, item: EquipmentSaid, version: number | null) => {
    if (refuse) return Promise.reject(refuse);
    saved.push({ id, item, version });
    return Promise.resolve();
  },
  check: (_id: string, said: CheckSaid) => {
    if (refuse) return Promise.reject(refuse);
    checks.push(said);
    return Promise.resolve();
  },
} as unknown as EquipmentStore;
const refusal = (path: string, code: string, params = {}): RefusedError =>
  new RefusedError({
    type: 't',
    status: 400,
    code: 'body.invalid',
    fields: [{ path, code, params }],
  } as never);

function signedIn(role: Person['role']): void {
  pinia = createPinia();
  setActivePinia(pinia);
  useSession().person = { id: 'ann', name: 'Ann', role, trainee: false } as Person;
}
beforeEach(() => {
  localStorage.clear();
  signedIn('lead');
  [refuse, saved, checks] = [null, [], []];
});
afterEach(() => vi.unstubAllGlobals());

const field = (view: VueWrapper, label: string) => {
  const found = view.findAll('label').find((each) => each.text().startsWith(label));
  return view.get(`[id="${found?.attributes('for')}"]`);
};
const form = (item: EquipmentItem | null = null) =>
  mount(EquipmentForm, { props: { item, siteId: 's', store }, global: { plugins: [pinia] } });
async function save(view: VueWrapper): Promise<void> {
  await view.get('form').trigger('submit');
  await flushPromises();
}

describe('a tool as it is set up', () => {
  it('saves what was typed, what is left empty as usual for its kind, on the version it was read at', async () => {
    const view = form(GAUGE);
    await field(view, 'Scale to').setValue('7,5');
    await save(view);
    expect(saved).toEqual([
      {
        id: 'g1',
        version: 3,
        item: expect.objectContaining({ tag: 'GAUGE', most: 7.5, least: null }) as object,
      },
    ]);
    expect(view.emitted('done')).toHaveLength(1);
  });

  it.each([
    ['no tag', 'Tag', ' ', 'Enter a tag.'],
    ['no number', 'Permitted error', 'about 1', 'Enter a number.'],
    ['no days', 'Reference check every', '0', 'Enter 1 to 1095.'],
    ['half a day', 'Reference check every', '1.5', 'Enter a whole number.'],
    ['a wrench too short', 'Hand to square', '20', 'Enter 50 to 1500 mm.'],
    ['a scale upside down', 'Scale from', '60', 'The minimum is above the maximum.'],
  ])('says at the field what is wrong, and sends nothing: %s', async (_what, label, typed, words) => {
    const view = form({ ...GAUGE, kind: 'torque-wrench', unit: 'N m' });
    await field(view, label).setValue(typed);
    await save(view);
    const input = field(view, label);
    expect(view.get(`[id="${input.attributes('aria-describedby')?.split(' ')[0]}"]`).text()).toBe(words);
    expect((input.element as HTMLInputElement).value).toBe(typed);
    expect(saved).toEqual([]);
  });

  it('says at the field what the server finds, until it is sent again', async () => {
    refuse = refusal('item.serial', 'taken');
    const view = form(GAUGE);
    await save(view);
    // What a refusal says is loaded with the first of them.
    await vi.waitFor(() => expect(view.text()).toContain('Already in use.'));
    expect(field(view, 'Serial number').attributes('aria-invalid')).toBe('true');
    refuse = null;
    await save(view);
    expect(saved).toHaveLength(1);
  });

  it('of another kind does not stumble over what was typed for the first', async () => {
    const view = form({ ...GAUGE, kind: 'torque-wrench', unit: 'N m' });
    await field(view, 'Hand to square').setValue('long');
    await field(view, 'Kind').setValue('keys');
    await save(view);
    expect(saved[0]?.item).toMatchObject({ kind: 'keys', unit: null, lengthMm: null, accuracy: null });
  });
});

describe('a reference check', () => {
  const detail = (item: EquipmentItem, doubtful: readonly DoubtfulUse[] = []) =>
    mount(EquipmentDetail, {
      props: { item, doubtful, store },
      global: { plugins: [pinia], stubs: { RouterLink: { template: '<a><slot /></a>' } } },
    });

  it('of an instrument is two values in its unit, against its permitted error', async () => {
    const view = detail(GAUGE);
    expect(view.text()).toContain('± 0.035 bar');
    await view.get('form').trigger('submit');
    expect(view.text()).toContain('Enter a number.');
    await view.get('[data-reference] input').setValue('4');
    await view.get('[data-shown] input').setValue('4.02');
    await view.get('form').trigger('submit');
    await flushPromises();
    expect(checks).toEqual([{ reference: 4, shown: 4.02, looksGood: null, note: '' }]);
    expect((view.get('[data-shown] input').element as HTMLInputElement).value).toBe('');
  });

  it('keeps what was typed where the server refuses it, and says where', async () => {
    refuse = refusal('shown', 'too_big', { maximum: 10_000 });
    const view = detail(GAUGE);
    await view.get('[data-reference] input').setValue('4');
    await view.get('[data-shown] input').setValue('40000');
    await view.get('form').trigger('submit');
    await flushPromises();
    await vi.waitFor(() => expect(view.get('[data-shown]').text()).toContain('Maximum 10000.'));
    expect((view.get('[data-shown] input').element as HTMLInputElement).value).toBe('40000');
  });

  it('of a tool is by eye', async () => {
    const view = detail({ ...GAUGE, kind: 'keys', unit: null });
    expect(view.find('[data-reference]').exists()).toBe(false);
    await view.get('[data-looks-worn]').trigger('click');
    await flushPromises();
    expect(checks).toEqual([{ reference: null, shown: null, looksGood: false, note: '' }]);
  });

  it('that failed says so, and names bike by bike what to measure again', () => {
    useFleet().wall = {
      ...{ bikes: [{ id: 'b1', tag: 'M07' }], sites: [], people: [] },
    } as unknown as Wall;
    const use = (
      checkpoint: string | null,
      position: DoubtfulUse['position'],
      more: Partial<DoubtfulUse> = {},
    ) => ({
      ...{ equipmentId: 'g1', bikeId: 'b1', at: Date.now(), checkpoint, position, joint: null, typed: '2.1' },
      ...more,
    });
    const view = detail({ ...GAUGE, lastCheck: checked(false) }, [
      use('tyre-pressure', 'front'),
      use('tyre-pressure', 'rear'),
      use(null, 'only', { joint: 'stem-steerer', typed: '5 N m' }),
      use('tyre-pressure', 'front', { bikeId: 'gone' }),
    ]);
    expect(view.text()).toContain('Do not measure with this instrument until it passes a check.');
    const row = view.get('[data-doubtful-bike=M07]').text();
    expect(row).toMatch(/front: 2\.1 bar/);
    expect(row).toMatch(/rear: 2\.1 bar/);
    expect(row).toMatch(/[Ss]tem.*5 N m/);
  });

  it('is for who repairs, and not for a tool that is withdrawn', () => {
    expect(
      detail({ ...GAUGE, withdrawn: 'Dropped' })
        .find('[data-reference-form]')
        .exists(),
    ).toBe(false);
    signedIn('inspector');
    expect(detail(GAUGE).find('[data-reference-form]').exists()).toBe(false);
  });
});

describe('the wrench at hand', () => {
  let server: Fetched;
  beforeEach(() => (server = fetched()));
  const wrench = (id: string, more: Partial<EquipmentItem> = {}): EquipmentItem => ({
    ...GAUGE,
    ...{
      id,
      kind: 'torque-wrench',
      unit: 'N m',
      tag: id.toUpperCase(),
      lastCheck: checked(true),
      goodAt: Date.now(),
    },
    ...more,
  });
  async function chooser(items: readonly EquipmentItem[]) {
    server.answers['GET /api/v1/equipment'] = () => ({ items, doubtful: [] });
    const view = mount(
      defineComponent(() => {
        const hand = useWrench();
        return () => h('div', [h(WrenchChoice, { hand }), h('output', hand.wrench.value?.tag ?? 'none')]);
      }),
      { global: { plugins: [pinia, PiniaColada] } },
    );
    await flushPromises();
    return view;
  }

  it('is one that may be relied on, and stays chosen on this device', async () => {
    const old = Date.now() - 91 * DAY_MS;
    const items = [
      wrench('w1'),
      wrench('w2', { lastCheck: checked(false) }),
      wrench('w3', { withdrawn: 'Bent' }),
      wrench('w4', { lastCheck: checked(true, old), goodAt: old }),
      GAUGE,
    ];
    const view = await chooser(items);
    expect(view.findAll('option').map((each) => each.text())).toEqual(['None', 'W1', 'W4']);
    await view.get('select').setValue('w1');
    expect(view.get('output').text()).toBe('W1');
    expect((await chooser(items)).get('output').text()).toBe('W1');
  });

  it('that failed since is in hand no longer', async () => {
    await (await chooser([wrench('w1')])).get('select').setValue('w1');
    signedIn('mechanic');
    const view = await chooser([wrench('w1', { lastCheck: checked(false) })]);
    expect(view.get('output').text()).toBe('none');
    expect(view.find('select').exists()).toBe(false);
  });
});
