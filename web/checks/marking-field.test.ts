import 'fake-indexeddb/auto';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { takeReading } from '@cadre/core/batch-check';
import { onLike } from '@cadre/test-world/core';
import { useFleet } from '@cadre/web/fleet';
import MarkingField from './MarkingField.vue';
import ReadingField from './ReadingField.vue';

const bike = { id: 'b', tag: 'H1', fit: {} } as Bike;
const KEYS = ['sidewallMinFront', 'sidewallMaxFront'];
const json = (body: object, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
const sent: Record<string, unknown>[] = [];
let respond: () => Response = () => json({ ...bike });

beforeEach(() => {
  setActivePinia(createPinia());
  useFleet().wall = {
    bikes: [bike],
    people: [],
    sites: [],
    racks: [],
    models: [],
    groups: [],
  } as unknown as Wall;
  sent.length = 0;
  vi.stubGlobal('fetch', (_path: string, { body }: { body: string }) => {
    sent.push((JSON.parse(body) as { fit: Record<string, unknown> }).fit);
    return Promise.resolve(respond());
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('what is marked on a part', () => {
  async function opened() {
    const view = mount(MarkingField, { props: { bike, keys: KEYS, name: 'Tyre pressure, front' } });
    await view.get('[data-note-marking]').trigger('click');
    return view;
  }
  const field = (view: Awaited<ReturnType<typeof opened>>, key: string) =>
    view.get(`[data-marked=${key}] input`);
  const keep = async (view: Awaited<ReturnType<typeof opened>>): Promise<void> => {
    await view.get('form').trigger('submit');
    await flushPromises();
  };

  it('is typed in bar or psi, kept in one act with what is left empty left out, and shut again', async () => {
    respond = () => json({ ...bike, fit: { sidewallMaxFront: 400 } });
    const view = await opened();
    await field(view, 'sidewallMaxFront').setValue('4');
    await keep(view);
    expect(sent).toEqual([{ sidewallMaxFront: 400 }]);
    expect(view.find('form').exists()).toBe(false);
    expect(useFleet().bikes[0]?.fit).toEqual({ sidewallMaxFront: 400 });
  });
  it('that cannot be read is named at its field and sends nothing', async () => {
    const view = await opened();
    await field(view, 'sidewallMinFront').setValue('two');
    await keep(view);
    expect(sent).toEqual([]);
    expect(view.get('[data-marked=sidewallMinFront]').text()).toContain('Enter a number with its unit.');
    expect((field(view, 'sidewallMinFront').element as HTMLInputElement).value).toBe('two');
  });
  it('the server will not keep stays as typed, with why, at its field', async () => {
    const fields = [{ path: 'fit.sidewallMinFront', code: 'stated', params: { value: 200 } }];
    respond = () => json({ type: 't', status: 400, code: 'body.invalid', fields }, 400);
    const view = await opened();
    await field(view, 'sidewallMinFront').setValue('1');
    await keep(view);
    expect(view.get('[data-marked=sidewallMinFront]').text()).toContain('Already set to 200');
    expect((field(view, 'sidewallMinFront').element as HTMLInputElement).value).toBe('1');
  });
});

describe('a reading typed before its limit was known or changed', () => {
  const checkpoint = CHECKPOINTS.find((each) => each.key === 'rotor-thickness');
  if (!checkpoint) throw new Error('no rotor to measure');
  const question = { key: 'rotor-thickness@front', checkpoint };
  const typedOn = (on: ReturnType<typeof onLike>) => {
    const cell = takeReading('rotor', '1.53 1.53 1.53', on);
    if (cell.kind !== 'reading') throw new Error(cell.kind);
    return cell.reading;
  };
  const field = (typed: ReturnType<typeof typedOn>, on: ReturnType<typeof onLike>) =>
    mount(ReadingField, {
      props: { question, bike, on, typed, name: 'Rotor' },
      global: { stubs: { LimitScale: true, NumberPad: true } },
    });

  it('is told again once, as it now means, and not when it means the same', async () => {
    const typed = typedOn(onLike());
    expect(typed.verdicts[0]?.outcome).toBe('unknown');
    const view = field(typed, onLike());
    expect(view.emitted('read')).toBeUndefined();
    expect(view.find('[data-marking]').exists()).toBe(true);
    await view.setProps({ on: onLike({ fit: { rotorMinFront: 1.55 } }) });
    expect(view.emitted('read')).toMatchObject([
      [{ typed: '1.53 1.53 1.53', verdicts: [{ outcome: 'fail', becomes: 'stop', limit: { value: 1.55 } }] }],
    ]);
    await view.setProps({
      on: onLike({ fit: { rotorMinFront: 1.55, maximumLoad: 90 } }),
      typed: typedOn(onLike({ fit: { rotorMinFront: 1.55 } })),
    });
    expect(view.emitted('read')).toHaveLength(1);
    expect(view.find('[data-marking]').exists()).toBe(false);
  });
  it('is told again as soon as it is on show', () =>
    expect(field(typedOn(onLike()), onLike({ fit: { rotorMinFront: 1.55 } })).emitted('read')).toHaveLength(
      1,
    ));
});
