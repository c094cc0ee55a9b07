import { flushPromises, mount } from '@vue/test-utils';
import { expose } from 'comlink';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { WearSeriesTold } from '@cadre/contract/wear';
import { outlookOf, usualWear } from '@cadre/core/wear';
import { useWear, type Reckon, type WearInHand } from './use-wear';
import WearPanel from './WearPanel.vue';

const NOON = Date.UTC(2026, 5, 10, 12);
const series = (key: string, more: Partial<WearSeriesTold> = {}): WearSeriesTold => ({
  ...{
    key,
    measure: 'disc-pad',
    position: 'front',
    method: 'compound',
    partId: null,
    partName: null,
    onBike: 'b',
    since: 0,
    unit: 'km',
  },
  points: [0, 250, 500, 750].map((usage) => ({ at: NOON, usage, value: 4 - usage / 500, bikeId: 'b' })),
  ...{
    usageNow: 750,
    perDay: 10,
    limit: { value: 1, source: 'default' },
    prior: usualWear('disc-pad', 'km'),
  },
  ...more,
});
const json = (body: object): Response =>
  new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } });
let told: () => Promise<Response> = () => Promise.resolve(json({ series: [], at: NOON }));
/** The worker's part, done here: this place has no workers. Two ends of one line, each hearing what the other says. */
class OwnWorker {
  private readonly heard = [new Set<(said: object) => void>(), new Set<(said: object) => void>()] as const;
  private readonly here = this.end(0);
  readonly addEventListener = this.here.addEventListener;
  readonly removeEventListener = this.here.removeEventListener;
  readonly postMessage = this.here.postMessage;
  constructor() {
    const outlooks: Reckon = (each, now) => Promise.resolve(each.map((one) => outlookOf(one, now)));
    expose({ outlooks }, this.end(1));
  }
  private end(own: 0 | 1) {
    return {
      addEventListener: (_kind: string, listener: unknown) =>
        void this.heard[own].add(listener as () => void),
      removeEventListener: (_kind: string, listener: unknown) =>
        void this.heard[own].delete(listener as () => void),
      postMessage: (data: unknown) => this.heard[own === 0 ? 1 : 0].forEach((listener) => listener({ data })),
    };
  }
  terminate(): void {
    ended += 1;
  }
}

beforeEach(() => {
  setActivePinia(createPinia());
  vi.stubGlobal('fetch', () => told());
  vi.stubGlobal('Worker', OwnWorker);
  ended = 0;
});
afterEach(() => vi.unstubAllGlobals());
let ended = 0;

async function panel(...each: readonly WearSeriesTold[]) {
  told = () => Promise.resolve(json({ series: each, at: NOON }));
  const view = mount(WearPanel, {
    props: { bike: { id: 'b', facts: {} } as Bike },
    global: {
      stubs: {
        WearChart: {
          props: ['thing', 'before'],
          template: '<i data-chart>{{ thing.series.key }} over {{ before.length }}</i>',
        },
      },
    },
  });
  await flushPromises();
  return view;
}

describe('the wear of a bike on its page', () => {
  it('is no section at all before anything was measured', async () =>
    expect((await panel()).text()).toBe(''));
  it('stands with what runs out first on top, its chart open, and the readings behind it', async () => {
    const view = await panel(
      series('late', { position: 'rear', limit: { value: 0.1, source: 'policy' } }),
      series('first'),
    );
    expect(view.findAll('[data-worn]').map((row) => row.text().slice(0, 16))).toEqual([
      'Disc pads, front',
      'Disc pads, rear2',
    ]);
    expect(view.get('[data-chart]').text()).toBe('first over 0');
    expect(view.get('[data-wear-shown]').text()).toContain('limit 1 mm, Cadre’s default');
    expect(view.findAll('tbody tr')).toHaveLength(4);
    await view.findAll('[data-worn]')[1]?.trigger('click');
    expect(view.get('[data-chart]').text()).toBe('late over 0');
    expect(view.get('[data-wear-shown]').text()).toContain('set by your policy');
    expect(view.findAll('[aria-pressed=true]')).toHaveLength(1);
  });
  it('puts what sat in the place before behind the chart, and names what is gone with nothing in its place', async () => {
    const view = await panel(
      series('now'),
      series('before', { onBike: null }),
      series('in days', { onBike: null, unit: 'days' }),
      series('gone', { measure: 'rotor', method: null, onBike: 'other', partName: 'Wanderer', limit: null }),
    );
    expect(view.get('[data-chart]').text()).toBe('now over 1');
    expect(view.findAll('[data-worn]')).toHaveLength(1);
    expect(view.text()).toContain('Rotor, front (Wanderer): last reading 2.5 mm, removed');
  });
  it('says which readings were taken on another bike', async () => {
    const points = [{ at: NOON, usage: 0, value: 3, bikeId: 'other' }];
    expect((await panel(series('moved', { points }))).get('tbody').text()).toContain('3 mm on another bike');
  });
  it('says that it is not to be had without signal', async () => {
    told = () => Promise.reject(new TypeError('no network'));
    const view = mount(WearPanel, { props: { bike: { id: 'b', facts: {} } as Bike } });
    await flushPromises();
    expect(view.text()).toContain('Offline: cannot be shown.');
  });
});

describe('wear being fetched', () => {
  it('is fetched again when the bike changes, drops a late answer, and ends its worker with its page', async () => {
    const bike = ref({ id: 'slow', facts: {} });
    let answerSlow: (response: Response) => void = () => undefined;
    told = () => new Promise((done) => (answerSlow = done));
    let hand: WearInHand | null = null;
    const host = mount(defineComponent({ setup: () => ((hand = useWear(() => bike.value)), () => h('i')) }));
    await flushPromises();
    const slow = answerSlow;
    told = () => Promise.resolve(json({ series: [series('of the second')], at: NOON }));
    bike.value = { id: 'second', facts: {} };
    await flushPromises();
    slow(json({ series: [series('of the slow one')], at: NOON }));
    await flushPromises();
    const { things } = hand as unknown as WearInHand;
    expect(things.value.map((thing) => [thing.series.key, thing.outlook?.sure])).toEqual([
      ['of the second', 'fairly'],
    ]);
    host.unmount();
    expect(ended).toBe(1);
  });
});
