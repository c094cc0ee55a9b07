import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Wall } from '@cadre/contract/wall';
import { useFleet } from '@cadre/web/fleet';
import SimilarFaults from './SimilarFaults.vue';

const sibling = (tag: string, more: object = {}) => ({
  bikeId: tag,
  tag,
  because: 'same-model',
  what: '',
  lookedAt: null,
  found: false,
  ...more,
});
let answer: object = {};
let gone = false;

async function shown() {
  const view = mount(SimilarFaults, {
    props: { findingId: 'f' },
    global: { stubs: { RouterLink: RouterLinkStub } },
  });
  await flushPromises();
  return view;
}
/** Where the line over what is left leads, as its link says. */
const lineOf = (view: Awaited<ReturnType<typeof shown>>): unknown =>
  view
    .findAllComponents(RouterLinkStub)
    .find((link) => link.attributes('data-batch-across') !== undefined)
    ?.props('to');

describe('a look across', () => {
  beforeEach(() => {
    setActivePinia(createPinia());
    useFleet().wall = {
      sites: [],
      racks: [],
      models: [],
      groups: [],
      bikes: [],
      people: [{ id: 'ann', name: 'Ann Reed' }],
    } as unknown as Wall;
    gone = false;
    vi.stubGlobal('fetch', () =>
      gone
        ? Promise.reject(new TypeError('no network'))
        : Promise.resolve(
            new Response(JSON.stringify(answer), { headers: { 'content-type': 'application/json' } }),
          ),
    );
  });
  afterEach(() => vi.unstubAllGlobals());

  it('tells how many there are and how many nobody checked since, and leads to a line over just those', async () => {
    answer = {
      siblings: [
        sibling('H2', { because: 'same-part', what: 'Soft 12' }),
        sibling('H3', { because: 'same-hands', what: 'ann', found: true }),
        sibling('H4', { lookedAt: Date.now() }),
        sibling('H5'),
      ],
      checkpoint: 'disc-pads',
      checklistKey: 'wet-season',
    };
    const view = await shown();
    expect(view.get('[data-similar-faults-open]').text()).toBe(
      '4 similar bikes may have the same fault: 2 not checked since',
    );
    expect(view.find('[data-sibling]').exists()).toBe(false);
    await view.get('[data-similar-faults-open]').trigger('click');
    for (const words of ['Same part: Soft 12', 'Recently repaired here by Ann Reed', 'Same model'])
      expect(view.text()).toContain(words);
    expect(view.get('[data-sibling=H3]').text()).toContain('has this fault');
    expect(view.get('[data-sibling=H4]').text()).toContain('checked today');
    expect(lineOf(view)).toEqual({
      name: 'batch-check',
      query: { bikes: 'H2,H5', checklist: 'wet-season', of: 'look:disc-pads' },
    });
  });
  it('takes each bike’s own ride-out where that asks it, and no line where nothing is left', async () => {
    answer = { siblings: [sibling('H2')], checkpoint: 'rim', checklistKey: null };
    const left = await shown();
    await left.get('[data-similar-faults-open]').trigger('click');
    expect(lineOf(left)).toEqual({ name: 'batch-check', query: { bikes: 'H2', of: 'look:rim' } });
    answer = { siblings: [sibling('H2', { found: true })], checkpoint: 'rim', checklistKey: null };
    const done = await shown();
    await done.get('[data-similar-faults-open]').trigger('click');
    expect(lineOf(done)).toBeUndefined();
    expect(done.text()).toContain('All similar bikes were checked since');
  });
  it('is silent where nothing is like it, and without signal', async () => {
    answer = { siblings: [], checkpoint: 'rim', checklistKey: null };
    expect((await shown()).text()).toBe('');
    gone = true;
    expect((await shown()).text()).toBe('');
  });
});
