import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { StockItem } from '@cadre/contract/parts';
import type { Person } from '@cadre/contract/people';
import type { Wall } from '@cadre/contract/wall';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { fill } from '../../testing/field';
import { fetched, Refusal, type Fetched } from '../../testing/fetched';
import StockView from './StockView.vue';

const item = (id: string, more: Partial<StockItem> = {}): StockItem => ({
  ...{
    id,
    kind: 'pads',
    name: `Pads ${id}`,
    facts: {},
    modelIds: [],
    markings: {},
    least: 2,
    price: 1450,
    leadDays: 5,
    supplier: 'Reed',
  },
  ...{ onHand: 4, version: 1 },
  ...more,
});
const shelf = [
  item('soft', { onHand: 1 }),
  item('hard', { facts: { brake: 'hydraulic-disc' }, supplier: 'Sedge' }),
  item('long', {
    kind: 'chain',
    name: 'Chain 116',
    facts: { sprockets: 11 },
    modelIds: ['m'],
    onHand: 0,
    least: 1,
    price: 2600,
  }),
];
let server: Fetched;
beforeEach(() => {
  setActivePinia(createPinia());
  server = fetched({
    'GET /api/v1/stock': () => ({ items: shelf, needs: [{ itemId: 'long', count: 2, tag: 'H04' }] }),
  });
  useSession().person = { id: 'ann', name: 'Ann', role: 'mechanic', trainee: false } as Person;
  useFleet().wall = {
    sites: [],
    racks: [],
    models: [{ id: 'm', name: 'Sandpiper' }],
    groups: [],
    bikes: [],
    people: [],
  } as unknown as Wall;
});
afterEach(() => vi.unstubAllGlobals());

async function shown() {
  const view = mount(StockView);
  await flushPromises();
  return view;
}
type View = Awaited<ReturnType<typeof shown>>;
const bin = (view: View, name: string) => view.get(`[data-item="${name}"]`);
const submit = async (view: View, form: string): Promise<void> => {
  await view.get(form).trigger('submit');
  await flushPromises();
};
const sentLast = () => server.sent.at(-1);

describe('the shelf', () => {
  it('stands in bins, says in words what is short, who waits for it and which bikes take it', async () => {
    const view = await shown();
    expect(view.findAll('h2').map((each) => each.text())).toEqual(['Pads', 'Chain', 'Reorder list']);
    expect(bin(view, 'Pads soft').text()).toContain('below minimum 2');
    expect(bin(view, 'Pads hard').text()).not.toContain('short');
    expect(bin(view, 'Chain 116').text()).toContain('11 sprockets · Sandpiper');
    expect(bin(view, 'Chain 116').text()).toContain('Repairs waiting: H04 ×2');
  });
  it('comes to an order by supplier: what is waited for, and up to the least', async () => {
    const view = await shown();
    // A chain twice for the bike and one for the shelf, one pair of pads for the shelf.
    expect(view.get('[data-order]').text()).toMatch(/3 × ?Chain 116 for H04 ×2, stock ×1/);
    expect(view.get('[data-order]').text()).not.toContain('Sedge');
    expect(view.get('[data-order-cost]').text()).toContain((3 * 26 + 14.5).toFixed(2));
  });
  it('is searched by name, supplier, kind and model', async () => {
    const view = await shown();
    const found = async (words: string): Promise<(string | undefined)[]> => {
      await view.get('input').setValue(words);
      return view.findAll('[data-item]').map((each) => each.attributes('data-item'));
    };
    expect(await found('sedge')).toEqual(['Pads hard']);
    expect(await found('sandpiper chain')).toEqual(['Chain 116']);
    expect(await found('saddle')).toEqual([]);
    expect(view.text()).toContain('No part matches this search.');
  });
  it('is only read by whoever may not change the fleet', async () => {
    useSession().person = { id: 'sun', name: 'Sun', role: 'desk', trainee: false } as Person;
    const view = await shown();
    expect(view.find('[data-count-open]').exists() || view.find('[data-add-item]').exists()).toBe(false);
    expect(view.find('[data-order]').exists()).toBe(true);
  });
  it('that cannot be fetched says so', async () => {
    delete server.answers['GET /api/v1/stock'];
    expect((await shown()).get('[role=alert]').text()).toContain('The server does not answer.');
  });
});

describe('counting', () => {
  const counting = async (name = 'Pads soft'): Promise<View> => {
    const view = await shown();
    await bin(view, name).get('[data-count-open]').trigger('click');
    return view;
  };
  it.each([
    ['Delivered', '6', 6, 'delivered', '7'],
    ['Counted', '3', 2, 'counted', '3'],
    ['Lost or thrown away', '1', -1, 'lost', '0'],
    ['Returned', '2', 2, 'returned', '3'],
  ])(
    '%s %s: the difference of %i is sent, and what is there then was said before',
    async (way, typed, by, why, then) => {
      server.answers['POST /api/v1/stock/soft/count'] = (body) =>
        item('soft', { onHand: 1 + Number(body.by), version: 2 });
      const view = await counting();
      const button = view.findAll('[data-count-form] button').find((each) => each.text() === way);
      await button?.trigger('click');
      expect(button?.attributes('aria-pressed')).toBe('true');
      await view.get('[data-count] input').setValue(typed);
      expect(view.get('[data-count-form]').text()).toContain(`in stock after this ${then}`);
      await submit(view, '[data-count-form]');
      expect(sentLast()).toMatchObject({ body: { by, why } });
      expect(bin(view, 'Pads soft').get('[data-on-hand]').text()).toBe(then);
      expect(view.find('[data-count-form]').exists()).toBe(false);
    },
  );
  it.each(['', 'two', '-1', '1.5'])('“%s” is no count: nothing is sent', async (typed) => {
    const view = await counting();
    await view.get('[data-count] input').setValue(typed);
    await submit(view, '[data-count-form]');
    expect(view.get('[data-count-form]').text()).toContain('Enter a whole number from 0 to 9999.');
    expect(server.sent).toHaveLength(1);
  });
  it('under nothing is refused with what to do, and what was typed stays', async () => {
    server.answers['POST /api/v1/stock/long/count'] = () => new Refusal('stock.below-nothing');
    const view = await counting('Chain 116');
    await view.findAll('[data-count-form] button')[3]?.trigger('click');
    await view.get('[data-count] input').setValue('1');
    await submit(view, '[data-count-form]');
    // What a refusal says is loaded with the first of them.
    await vi.waitFor(() =>
      expect(view.get('[role=alert]').text()).toContain('Enter the number in stock now.'),
    );
    expect(view.get<HTMLInputElement>('[data-count] input').element.value).toBe('1');
  });
});

describe('a part to keep', () => {
  const fillItem = (view: View, typed: Record<string, string>): Promise<void> =>
    fill(view, typed, '[data-item-form]');
  it('is new: its facts by its kind, its price in the smallest unit, its models', async () => {
    const view = await shown();
    await view.get('[data-add-item]').trigger('click');
    await fillItem(view, { Part: 'chain' });
    await fillItem(view, {
      'Name as on its label': ' Chain 9 ',
      Sprockets: '9',
      Supplier: 'Reed',
      'Price each': '21,5',
      'Minimum in stock': '0',
    });
    await view.findAll('[data-item-form] fieldset button')[0]?.trigger('click');
    await submit(view, '[data-item-form]');
    expect(sentLast()?.at).toMatch(/^PUT \/api\/v1\/stock\/[0-9a-f-]{36}$/);
    expect(sentLast()?.body).toMatchObject({
      version: null,
      item: {
        kind: 'chain',
        name: 'Chain 9',
        facts: { sprockets: 9 },
        modelIds: ['m'],
        least: 0,
        price: 2150,
        leadDays: 5,
        supplier: 'Reed',
      },
    });
    // The server was not there: the form stands as it was typed.
    expect(view.get('[data-item-form]').text()).toContain('The server does not answer.');
  });
  it('names each field that is wrong', async () => {
    const view = await shown();
    await view.get('[data-add-item]').trigger('click');
    await fillItem(view, { 'Price each': 'much', 'Minimum in stock': '-1', 'Lead time in days': '999' });
    await submit(view, '[data-item-form]');
    const said = view.get('[data-item-form]').text();
    for (const words of [
      'Enter the name as printed on its label.',
      '0 to 9999.',
      'as 14.50.',
      '0 to 730.',
      'Enter the supplier.',
    ])
      expect(said).toContain(words);
    expect(server.sent).toHaveLength(1);
  });
  it('is changed from the version that was shown', async () => {
    server.answers['PUT /api/v1/stock/soft'] = ({ item: said }) => ({
      ...item('soft', { version: 2 }),
      ...(said as object),
    });
    const view = await shown();
    await bin(view, 'Pads soft').findAll('button')[1]?.trigger('click');
    await fillItem(view, { 'Minimum in stock': '1' });
    await submit(view, '[data-item-form]');
    expect(sentLast()?.body).toMatchObject({
      version: 1,
      item: { name: 'Pads soft', least: 1, price: 1450 },
    });
    expect(bin(view, 'Pads soft').text()).not.toContain('short');
  });
});
