import { PiniaColada } from '@pinia/colada';
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { Person } from '@cadre/contract/people';
import type { TraceRun } from '@cadre/contract/tracing';
import type { Wall } from '@cadre/contract/wall';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { TRACES } from '@cadre/core/shipped';
import { localDb } from '@cadre/web/platform/local-db';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { fetched, type Fetched } from '../../testing/fetched';
import EndedSearch from './EndedSearch.vue';
import HandOverView from './HandOverView.vue';
import OpenSearches from './OpenSearches.vue';
import PunctureLedger from './PunctureLedger.vue';
import TraceView from './TraceView.vue';
import { tracingViews } from './views';

const BIKE = {
  ...{ id: 'b1', siteId: 's', tag: 'M07', model: 'Heron', size: 'M', serial: '', parts: [] },
  ...{ build: USUAL_BUILD.hardtail, facts: { findings: [] } },
} as unknown as Bike;
const RUN: TraceRun = {
  ...{ id: 'r1', bikeId: 'b1', trace: 'front-knock', position: 'only', state: 'open', version: 2 },
  ...{ from: { kind: 'symptom', id: null }, refuted: [], cause: null, result: null, findingId: null },
  answers: [
    { question: 'joint', answer: 0, fromRecord: false },
    { question: 'axle', answer: null, fromRecord: false },
    { question: 'rim', answer: 1, fromRecord: true },
  ],
  ...{ note: '', holding: [], beganBy: 'ann', beganAt: 1, changedBy: 'ann', changedAt: 1 },
};
const RECORD = {
  ...{ readings: [], answers: [], findings: [], servicesOverdue: [], incidents: [], work: [], punctures: [] },
};
const KNOCK = TRACES.find(({ key }) => key === 'front-knock') as (typeof TRACES)[number];
const HERE = '/api/v1/bikes/b1/trace-record';

let pinia: Pinia;
let server: Fetched;
function signedIn(role: Person['role']): void {
  pinia = createPinia();
  setActivePinia(pinia);
  useSession().person = { id: 'ann', name: 'Ann', role, trainee: false } as Person;
  useFleet().wall = {
    ...{ bikes: [BIKE], sites: [{ id: 's', name: 'Quay', timeZone: 'UTC' }] },
    people: [{ id: 'ann', name: 'Ann' }],
  } as unknown as Wall;
}
beforeEach(async () => {
  localStorage.clear();
  await localDb.things.clear();
  server = fetched();
  signedIn('lead');
});
afterEach(() => vi.unstubAllGlobals());

const routed = async (path = '/') => {
  const blank = { render: () => null };
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      ...tracingViews,
      ...['bench', 'guides', 'stand', 'bike'].map((name) => ({ path: `/${name}`, name, component: blank })),
      { path: '/', component: blank },
    ],
  });
  await router.push(path);
  return { plugins: [pinia, PiniaColada, router] };
};

describe('the ledger of punctures', () => {
  const hole = (position: 'front' | 'rear', hour: number) => ({
    ...{ position, hour, cause: 'thorn', at: Date.now() },
  });
  const ledger = async (punctures: readonly ReturnType<typeof hole>[], add = vi.fn()) => ({
    add,
    view: mount(PunctureLedger, {
      props: { punctures: [...punctures], position: 'front', add },
      global: await routed(),
    }),
  });

  it('shows the holes of this wheel, and says that what did it is still there when two lie together', async () => {
    const apart = await ledger([hole('front', 3), hole('rear', 3), hole('front', 9)]);
    expect(apart.view.findAll('[data-puncture]').map((each) => each.attributes('data-puncture'))).toEqual([
      '3',
      '9',
    ]);
    expect(apart.view.find('[data-same-hour]').exists()).toBe(false);
    // Over the valve an hour is as near as elsewhere.
    const together = await ledger([hole('front', 12), hole('front', 1)]);
    expect(together.view.get('[data-same-hour]').text()).toContain('still in the tyre or rim');
  });

  it('keeps the hour somebody picked until it is recorded', async () => {
    const { add, view } = await ledger([], vi.fn().mockResolvedValueOnce(false).mockResolvedValueOnce(true));
    await view.get('[data-add-puncture]').trigger('click');
    expect(view.get('[data-record-puncture]').attributes('disabled')).toBeDefined();
    await vi.waitFor(() => view.get('[data-hour="4"]').trigger('click'));
    await view.get('form').trigger('submit');
    await flushPromises();
    expect(add).toHaveBeenCalledTimes(1);
    expect(view.get('[data-record-puncture]').attributes('disabled')).toBeUndefined();
    await view.get('form').trigger('submit');
    await flushPromises();
    expect(add).toHaveBeenLastCalledWith({ position: 'front', hour: 4, cause: 'unknown' });
    expect(view.find('form').exists()).toBe(false);
  });

  it('says that there is no connection, where there is none', async () => {
    server.answers['GET /api/v1/traces'] = () => ({ runs: [], proved: [] });
    server.answers[`GET ${HERE}`] = () => ({ runs: [], record: RECORD });
    const global = await routed('/find-cause/flat-again?bike=M07&at=front');
    const view = mount(TraceView, { props: { trace: 'flat-again' }, global });
    await vi.waitFor(() => view.get('[data-add-puncture]'));
    await view.get('[data-add-puncture]').trigger('click');
    await vi.waitFor(() => view.get('[data-hour="4"]').trigger('click'));
    await view.get('[data-punctures] form').trigger('submit');
    await vi.waitFor(() => view.get('[role=alert]'));
    expect(view.get('[data-record-puncture]').attributes('disabled')).toBeUndefined();
  });
});

describe('questions on a slow line', () => {
  async function asking(): Promise<VueWrapper> {
    server.answers['GET /api/v1/traces'] = () => ({ runs: [], proved: [] });
    server.answers[`GET ${HERE}`] = () => ({ runs: [], record: RECORD });
    const global = await routed('/find-cause/front-knock?bike=M07');
    const view = mount(TraceView, { props: { trace: 'front-knock' }, global });
    await vi.waitFor(() => view.get('[data-trace-question]'));
    return view;
  }
  /** What the answers meet when they are sent. */
  function meeting(answer: () => Promise<unknown>): void {
    const real = fetch;
    vi.stubGlobal('fetch', (path: string, init: RequestInit) =>
      init.method === 'PUT' ? answer() : real(path, init),
    );
  }

  it('are answered one after the other without waiting for the server, and none is lost', async () => {
    const view = await asking();
    meeting(() => new Promise(() => undefined));
    for (const count of [1, 2, 3]) {
      await view.get('[data-answer="1"]').trigger('click');
      await flushPromises();
      expect(view.findAll('[data-given]')).toHaveLength(count);
    }
  });

  it('says what is refused of them, and keeps them', async () => {
    const view = await asking();
    const over = { type: 't', status: 409, code: 'trace.over' };
    meeting(() => Promise.resolve(Response.json(over, { status: 409 })));
    await view.get('[data-answer="1"]').trigger('click');
    await vi.waitFor(() => view.get('[role=alert]'));
    expect(view.findAll('[data-given]')).toHaveLength(1);
  });
});

describe('a search that has ended', () => {
  const ended = async (more: Partial<TraceRun>, findings: readonly object[] = []) =>
    mount(EndedSearch, {
      props: {
        ...{ run: { ...RUN, state: 'ended', ...more }, trace: KNOCK, busy: false },
        bike: { ...BIKE, facts: { findings } } as unknown as Bike,
      },
      global: await routed(),
    });
  const shows = (view: VueWrapper): readonly string[] =>
    ['to-bench', 'to-guide', 'symptom-gone', 'close-search'].filter((each) =>
      view.find(`[data-${each}]`).exists(),
    );

  it('leads to the bench while its finding is open, and asks after the symptom once it is repaired', async () => {
    const found = { result: 'finding', cause: 'headset', findingId: 'f1' } as const;
    const open = await ended(found, [{ id: 'f1', state: 'open' }]);
    expect(open.text()).toContain('Likely cause: Headset loose');
    expect(shows(open)).toEqual(['to-bench', 'to-guide', 'close-search']);
    for (const findings of [[], [{ id: 'f1', state: 'rechecked' }]])
      expect(shows(await ended(found, findings))).toEqual(['symptom-gone', 'close-search']);
    const view = await ended(found);
    await view.get('[data-symptom-there]').trigger('click');
    expect(view.emitted('prove')).toEqual([[false]]);
  });

  it('says what still holds the bike, and is closed by who releases, with a reason only', async () => {
    const view = await ended({ result: 'handed-over', holding: ['Steerer or crown damaged'] });
    expect(view.text()).toContain('Do not ride yet. Not excluded: Steerer or crown damaged.');
    const close = view.get('[data-close-search]');
    expect(close.get('button').attributes('disabled')).toBeDefined();
    await close.get('input').setValue('Seen by the workshop');
    await close.trigger('submit');
    expect(view.emitted('close')).toEqual([['Seen by the workshop']]);
    signedIn('inspector');
    expect(shows(await ended({ result: 'not-found' }))).toEqual([]);
  });
});

describe('the searches of a bike', () => {
  it('say how far they are and what holds the bike, and lead on', async () => {
    const runs = [RUN, { ...RUN, id: 'r2', state: 'ended' as const, holding: ['Hub bearing loose'] }];
    const view = mount(OpenSearches, { props: { runs, tag: 'M07' }, global: await routed() });
    const [first, second] = view.findAll('[data-search]');
    expect(first?.text()).toMatch(/3 answers · Ann/);
    expect(first?.get('[data-go-on]').text()).toBe('Continue');
    expect(first?.get('[data-go-on]').attributes('href')).toBe('/find-cause/front-knock?bike=M07');
    expect(second?.text()).toContain('Not excluded: Hub bearing loose');
    expect(second?.get('[data-go-on]').text()).toBe('Open');
  });
});

describe('the hand-over sheet', () => {
  const sheet = async (runId = 'r1') => {
    const view = mount(HandOverView, { props: { bikeId: 'b1', runId }, global: await routed() });
    await flushPromises();
    return view;
  };

  it('tells a workshop all that was tried, by whom it was answered, and what is left', async () => {
    const reading = { checkpoint: 'tyre-pressure', position: 'front', at: 1, values: [210], method: null };
    server.answers['GET /api/v1/traces'] = () => ({ runs: [], proved: [] });
    server.answers[`GET ${HERE}`] = () => ({
      runs: [{ ...RUN, refuted: ['hub'], holding: ['Steerer or crown damaged'] }],
      record: { ...RECORD, readings: [{ ...reading, typed: '2.1' }] },
    });
    const view = await sheet();
    await vi.waitFor(() => expect(view.text()).toContain('Hand-over sheet M07'));
    const text = view.text().replace(/\s+/g, ' ');
    expect(text).toMatch(/headset joint\?\s*Yes/);
    expect(text).toMatch(/Cannot tell/);
    expect(text).toMatch(/· From the record\s*No/);
    expect(text).toContain('Not excluded: Steerer or crown damaged');
    expect(text).toContain('Repaired without success');
    expect(text).toContain('2.1 bar');
    expect(text).toMatch(/Headset loose\s*\d+ %/);
  });

  it('says when there is no such search, and when there is no connection to ask', async () => {
    const away = await sheet();
    await vi.waitFor(() => expect(away.get('[role=status]').text()).toContain('No connection'));
    away.unmount();
    signedIn('lead');
    server.answers['GET /api/v1/traces'] = () => ({ runs: [], proved: [] });
    server.answers[`GET ${HERE}`] = () => ({ runs: [RUN], record: RECORD });
    const view = await sheet('other');
    await vi.waitFor(() => expect(view.get('[role=status]').text()).toBe('This search does not exist.'));
  });
});
