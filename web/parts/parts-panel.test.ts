import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Person } from '@cadre/contract/people';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { useSession } from '@cadre/web/people';
import PartsPanel from './PartsPanel.vue';

const bikeOf = (id: string): Bike =>
  ({ id, tag: id, build: USUAL_BUILD.hardtail, modelId: null, facts: { findings: [] } }) as unknown as Bike;
const chain = (id: string, name: string) => ({
  ...{ id, bikeId: 'b', position: 'only', fittedAt: 1, removedAt: null },
  part: { id: `p${id}`, kind: 'chain', name, facts: {}, markings: {} },
});
/** What was asked of the server, each answered when the test says so. */
let asked: { readonly at: string; readonly answer: (body: object) => void }[];
const answerTo = (at: string, body: object): void =>
  asked.findLast((each) => each.at.endsWith(at))?.answer(body);

beforeEach(() => {
  setActivePinia(createPinia());
  useSession().person = { id: 'ann', name: 'Ann', role: 'lead', trainee: false } as Person;
  asked = [];
  vi.stubGlobal(
    'fetch',
    (path: string, { method }: { method: string }) =>
      new Promise<Response>((resolve) =>
        asked.push({ at: `${method} ${path}`, answer: (body) => resolve(Response.json(body)) }),
      ),
  );
});
afterEach(() => vi.unstubAllGlobals());

describe('the parts of a bike', () => {
  const panel = () => mount(PartsPanel, { props: { bike: bikeOf('b1') } });

  it('are those of the bike on show, however late those of the one before come in', async () => {
    const view = panel();
    answerTo('/b1/parts', { fitments: [] });
    await flushPromises();
    expect(view.text()).toContain('No parts recorded');
    await view.setProps({ bike: bikeOf('b1') });
    await view.setProps({ bike: bikeOf('b2') });
    expect(view.text()).not.toContain('No parts recorded');
    answerTo('/b2/parts', { fitments: [chain('f2', 'Moor chain')] });
    await flushPromises();
    expect(view.text()).toContain('Moor chain');
    answerTo('/b1/parts', { fitments: [chain('f1', 'Fen chain')] });
    await flushPromises();
    expect(view.text()).not.toContain('Fen chain');
  });

  it('are taken off while the list is asked for again: the touch is not lost', async () => {
    const view = panel();
    answerTo('/b1/parts', { fitments: [chain('f1', 'Fen chain')] });
    await flushPromises();
    // Something happened to the bike: what is fitted is asked for once more.
    await view.setProps({ bike: bikeOf('b1') });
    await view
      .findAll('button')
      .find((each) => each.text() === 'Remove')
      ?.trigger('click');
    expect(asked.map(({ at }) => at.split(' ')[0])).toEqual(['GET', 'GET', 'POST']);
  });
});
