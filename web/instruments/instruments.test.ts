import { PiniaColada } from '@pinia/colada';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { h, ref } from 'vue';
import InstrumentSays from './InstrumentSays.vue';
import { linesInto } from './adapters/adapter';
import { serialAdapter } from './adapters/serial';
import { useConnecting } from './use-connecting';
import { instrumentUnitOf, useInstrumentField } from './use-instrument-field';
import { useInstruments } from './use-instruments';

beforeEach(() => {
  localStorage.clear();
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
});
afterEach(() => vi.unstubAllGlobals());

/** A field of pressure and one of millimetres, side by side; what each took. */
function fields() {
  const pinia = createPinia();
  setActivePinia(pinia);
  const took: string[] = [];
  /** Which bike the fields are at. */
  const bike = ref('M01');
  const own = { bar: null, mm: null } as unknown as Record<
    'bar' | 'mm',
    ReturnType<typeof useInstrumentField>
  >;
  const view = mount(
    {
      setup() {
        for (const unit of ['bar', 'mm'] as const)
          own[unit] = useInstrumentField({
            unit: () => unit,
            place: () => bike.value,
            take: ({ value }) => took.push(`${value} ${unit}`),
          });
        return () => h('div', [h(InstrumentSays, { field: own.bar }), h(InstrumentSays, { field: own.mm })]);
      },
    },
    { global: { plugins: [pinia, PiniaColada] } },
  );
  return { view, took, own, bike, instruments: useInstruments() };
}

describe('a reading from an instrument', () => {
  it('lands in the field touched last, and nowhere when none is open', () => {
    const { view, took, own, instruments } = fields();
    expect(instruments.receive('2.4 bar', null)).toBe(false);
    own.bar.claim();
    own.mm.claim();
    expect(instruments.receive('1.55 mm', null)).toBe(true);
    own.bar.claim();
    instruments.receive('2.4', null);
    expect(took).toEqual(['1.55 mm', '2.4 bar']);
    view.unmount();
    expect(instruments.receive('2.4', null)).toBe(false);
  });

  it('of another unit waits for a word, of another quantity or nonsense is refused in words', async () => {
    const { view, took, own, instruments } = fields();
    own.bar.claim();
    instruments.receive('id=X kind=pressure-gauge value=34.8 unit=psi', null);
    await vi.waitFor(() => expect(view.text()).toContain('X is set to psi'));
    expect(view.text()).toContain('X is set to psi: 34.8 psi is 2.4 bar');
    expect(took).toEqual([]);
    await view.get('[data-confirm-reading]').trigger('click');
    expect(took).toEqual(['2.4 bar']);
    expect(view.find('[data-instrument-says]').exists()).toBe(false);
    instruments.receive('12 mm', null);
    await flushPromises();
    expect(view.text()).toContain('This field takes bar');
    // What nobody connected sends as text is left to whoever else reads it.
    expect(instruments.receive('not a reading', null)).toBe(false);
  });

  it('of an instrument waits until the register is known, and of one that failed its check is not taken', async () => {
    const failed = { at: 1, by: 'p', reference: 3, shown: 2.6, passed: false, note: '' };
    const gauge = {
      ...{ id: '01a22e62-0914-70c0-87bf-5c7723020d2e', siteId: '01a22e62-0914-70c0-87bf-5c7723020d2f' },
      ...{
        kind: 'pressure-gauge',
        tag: 'G2',
        serial: 'X',
        unit: 'bar',
        least: null,
        most: null,
        accuracy: null,
      },
      ...{ lengthMm: null, checkEveryDays: 90, lastCheck: failed, goodAt: null, withdrawn: null, version: 1 },
    };
    const answer = JSON.stringify({ items: [gauge], doubtful: [] });
    vi.stubGlobal('fetch', () =>
      Promise.resolve(new Response(answer, { headers: { 'content-type': 'application/json' } })),
    );
    const { view, took, own, instruments } = fields();
    own.bar.claim();
    expect(instruments.receive('id=X kind=pressure-gauge value=2.4 unit=bar', null)).toBe(true);
    expect(took).toEqual([]);
    await vi.waitFor(() => expect(view.text()).toContain('G2 failed its reference check'));
    expect(took).toEqual([]);
  });

  it('asked about is of the bike it was measured on, and never of the next', async () => {
    const { view, took, own, bike, instruments } = fields();
    own.bar.claim();
    instruments.receive('id=X kind=pressure-gauge value=34.8 unit=psi', null);
    await vi.waitFor(() => view.get('[data-confirm-reading]'));
    bike.value = 'M02';
    await flushPromises();
    expect(view.find('[data-instrument-says]').exists()).toBe(false);
    expect(took).toEqual([]);
  });

  it('that waited for the register is taken where it was measured only: somebody moved on measures again', async () => {
    let answer: (response: Response) => void = () => undefined;
    vi.stubGlobal('fetch', () => new Promise<Response>((resolve) => (answer = resolve)));
    const { view, took, own, bike, instruments } = fields();
    own.bar.claim();
    instruments.receive('id=X kind=pressure-gauge value=2.4 unit=bar', null);
    await flushPromises();
    bike.value = 'M02';
    answer(
      new Response(JSON.stringify({ items: [], doubtful: [] }), {
        headers: { 'content-type': 'application/json' },
      }),
    );
    await vi.waitFor(() => expect(view.text()).toContain('Measure again'));
    expect(took).toEqual([]);
    instruments.receive('id=X kind=pressure-gauge value=2.2 unit=bar', null);
    expect(took).toEqual(['2.2 bar']);
  });

  it('says that the register is not at hand without a connection', async () => {
    const { view, took, own, instruments } = fields();
    own.bar.claim();
    instruments.receive('id=X kind=pressure-gauge value=2.4 unit=bar', null);
    await vi.waitFor(() => expect(took).toEqual(['2.4 bar']));
    await flushPromises();
    expect(view.text()).toContain('the register is not at hand');
  });

  it('is asked for in the unit a bare number is taken in', () => {
    expect(instrumentUnitOf('tyre-window')).toBe('bar');
    expect(instrumentUnitOf('rotor')).toBe('mm');
    expect(instrumentUnitOf('spokes')).toBe('meter');
    expect(instrumentUnitOf('chain')).toBeNull();
  });
});

describe('an adapter', () => {
  it('puts pieces together to lines, and drops what has no end', () => {
    const lines: string[] = [];
    const take = linesInto({ line: (text) => lines.push(text) });
    for (const piece of ['2.', '4 bar\r\n1.5', '5 mm\n\n', 'x'.repeat(500), '\n']) take(piece);
    expect(lines.slice(0, 2)).toEqual(['2.4 bar', '1.55 mm']);
    expect(lines[2]?.length).toBeLessThanOrEqual(200);
  });

  it('that cannot connect says so in words, with the way by hand', async () => {
    expect(serialAdapter.available()).toBe(false);
    const names = ['NotFoundError', 'NotAllowedError', 'NetworkError'];
    const asked = vi.fn();
    vi.stubGlobal('navigator', {
      ...navigator,
      serial: { requestPort: () => Promise.reject(new DOMException('', names[asked.mock.calls.length])) },
    });
    const pinia = createPinia();
    setActivePinia(pinia);
    const seen: string[] = [];
    mount(
      {
        setup() {
          const { said, connect } = useConnecting();
          void (async () => {
            for (const _name of names) {
              await connect('serial');
              seen.push(`${said.value?.what} ${said.value?.todo}`);
              asked();
            }
          })();
          return () => null;
        },
      },
      { global: { plugins: [pinia, PiniaColada] } },
    );
    await flushPromises();
    expect(seen).toHaveLength(3);
    expect(seen[0]).toContain('No instrument was chosen');
    expect(seen[1]).toContain('not allowed');
    expect(seen.every((each) => each.includes('by hand'))).toBe(true);
  });
});
