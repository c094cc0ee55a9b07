import { HOUR_MS } from '@cadre/core/time';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Person } from '@cadre/contract/people';
import { NO_FACTS } from '@cadre/core/fitness';
import type { TimedRecheck } from '@cadre/core/timed-rechecks';
import { useSession } from '@cadre/web/people';
import { fetched, Refusal, type Fetched } from '../../testing/fetched';
import { dueWords } from './timed-recheck-wording';
import TimedRecheckPanel from './TimedRecheckPanel.vue';

const NOW = Date.now();
const recheck = (id: string, more: Partial<TimedRecheck> = {}): TimedRecheck => ({
  ...{ id, kind: 'recheck', what: `What ${id} is`, position: 'only', since: NOW - 12 * HOUR_MS, by: 'ann' },
  ...{ dueAt: NOW + HOUR_MS, outings: null, outingsUsed: 0, raisedAt: null, gauged: null, floor: null },
  ...more,
});
const soak = recheck('s', {
  ...{ kind: 'soak', what: 'Tyre pressure', position: 'rear', dueAt: NOW - HOUR_MS },
  gauged: { kpa: 300, typed: '3 bar', at: NOW - 12 * HOUR_MS },
});
const bike = (...rechecks: TimedRecheck[]): Bike =>
  ({ id: 'b', tag: 'H1', facts: { ...NO_FACTS, timedRechecks: rechecks } }) as unknown as Bike;

describe('when a look comes due, in words', () => {
  it.each([
    ['by the clock', recheck('w'), /in 1 h|1 hour/],
    ['by outings', recheck('w', { dueAt: null, outings: 3, outingsUsed: 1 }), /^after 2 more outings$/],
    ['by either', recheck('w', { outings: 3 }), /, or after 3 more outings$/],
    ['since its time', recheck('w', { dueAt: NOW - HOUR_MS }), /^now, since /],
    [
      'since its outings',
      recheck('w', { dueAt: null, outings: 3, outingsUsed: 3 }),
      /^now: its outings are done$/,
    ],
    [
      'since now, when its outings ended before its clock',
      recheck('w', { outings: 1, outingsUsed: 1 }),
      /^now, since /,
    ],
  ])('%s', (_how, each, words) => expect(dueWords(each, NOW, 'UTC')).toMatch(words));
});

describe('the looks asked for later on a bike', () => {
  let server: Fetched;
  beforeEach(() => {
    setActivePinia(createPinia());
    useSession().person = { id: 'ann', name: 'Ann', role: 'inspector', trainee: false } as Person;
    server = fetched();
  });
  afterEach(() => vi.unstubAllGlobals());
  const panel = (...rechecks: TimedRecheck[]) =>
    mount(TimedRecheckPanel, { props: { bike: bike(...rechecks), timeZone: 'UTC' } });
  type Panel = ReturnType<typeof panel>;
  const submit = async (view: Panel, form = 'form'): Promise<void> => {
    await view.get(form).trigger('submit');
    await flushPromises();
  };

  it('stand with what is due first, and the end of the bike it is at', () => {
    const view = panel(recheck('later'), recheck('outings', { dueAt: null, outings: 9 }), soak);
    expect(
      view.findAll('[data-timed-recheck]').map((each) => [each.attributes('data-due'), each.get('p').text()]),
    ).toEqual([
      ['true', 'Tyre pressure, rear'],
      ['false', 'What later is'],
      ['false', 'What outings is'],
    ]);
    expect(view.get('[data-timed-recheck=soak]').text()).toContain('Set to 3 bar');
  });
  it('are only read by somebody who may not mark', () => {
    useSession().person = { id: 'sun', name: 'Sun', role: 'desk', trainee: false } as Person;
    const view = panel(soak);
    expect(view.find('form').exists() || view.find('[data-look-later]').exists()).toBe(false);
  });
  it('a soak is answered by a gauge: nothing else is taken, what was typed stays', async () => {
    const view = panel(soak);
    const field = view.get('[data-timed-recheck-answer] input');
    for (const typed of ['', 'soft', '99']) {
      await field.setValue(typed);
      await submit(view);
      expect(view.text()).toContain('Enter the pressure now, from 0 to 11 bar.');
      expect((field.element as HTMLInputElement).value).toBe(typed);
    }
    expect(server.sent).toEqual([]);
  });
  it.each([
    [
      { outcome: 'fail', perDay: 0.107, because: null },
      'Tyre pressure: loses 10.7 % a day: a finding was opened.',
    ],
    [{ outcome: 'fine', perDay: -0.01, because: null }, 'Tyre pressure: holds pressure, loss 0 % a day.'],
    [
      { outcome: 'too-soon', perDay: 0, because: 'gauges' },
      'No result yet: the change is within the gauges’ error. The next recheck is',
    ],
    [{ outcome: 'too-soon', perDay: 0, because: 'hours' }, 'No result yet. The next recheck is'],
  ])('and says what the server makes of it: %j', async (leak, words) => {
    server.answers['POST /api/v1/timed-rechecks/s/answer'] = () => ({
      bike: bike(),
      leak,
      againAt: leak.outcome === 'too-soon' ? NOW + 2 * HOUR_MS : null,
    });
    const view = panel(soak);
    await view.get('[data-timed-recheck-answer] input').setValue('2.76');
    await submit(view);
    expect(server.sent).toMatchObject([{ body: { gauged: { kpa: 276, typed: '2.76' }, note: '' } }]);
    expect(view.get('[data-soak-said]').text()).toContain(words);
  });
  it('what is not due yet can be checked all the same, and is answered in words', async () => {
    server.answers['POST /api/v1/timed-rechecks/w/answer'] = () => ({
      bike: bike(),
      leak: null,
      againAt: null,
    });
    const view = panel(recheck('w'));
    expect(view.find('[data-timed-recheck-answer]').exists()).toBe(false);
    await view.get('[data-timed-recheck] button').trigger('click');
    await view.get('[data-timed-recheck-answer] input').setValue(' Still tight ');
    await submit(view);
    expect(server.sent).toMatchObject([{ body: { gauged: null, note: 'Still tight' } }]);
    expect(view.find('[data-soak-said]').exists()).toBe(false);
  });
  it('somebody else was quicker: that is said, and the words stay', async () => {
    server.answers['POST /api/v1/timed-rechecks/w/answer'] = () => new Refusal('timed-recheck.over');
    const view = panel(recheck('w', { dueAt: NOW - HOUR_MS }));
    await view.get('[data-timed-recheck-answer] input').setValue('Loose');
    await submit(view);
    // What a refusal says is loaded with the first of them.
    await vi.waitFor(() =>
      expect(view.get('[role=alert]').text()).toContain('Another person has already answered this recheck.'),
    );
    expect(view.get<HTMLInputElement>('[data-timed-recheck-answer] input').element.value).toBe('Loose');
  });

  const asking = async (): Promise<Panel> => {
    const view = panel();
    await view.get('[data-look-later]').trigger('click');
    return view;
  };
  it('are asked for with what is usual for their kind', async () => {
    const view = await asking();
    const shown = (name: string): string | undefined =>
      view.find<HTMLInputElement>(`[data-timed-recheck-${name}] input`).element?.value;
    expect([shown('what'), shown('hours'), shown('outings')]).toEqual(['Tyre pressure', '12', '']);
    await view.get('[data-choose=re-torque]').trigger('click');
    expect([shown('what'), shown('hours'), shown('outings')]).toEqual(['Bolts just torqued', '', '3']);
    expect(view.find('[data-timed-recheck-pressure]').exists()).toBe(false);
    await view.get('[data-choose=patch]').trigger('click');
    expect(shown('hours')).toBe('0.08');
    expect(view.find('[data-choose=rear]').exists()).toBe(true);
  });
  it('name the field that is wrong, and send nothing', async () => {
    const view = await asking();
    await view.get('[data-timed-recheck-what] input').setValue(' ');
    await view.get('[data-timed-recheck-hours] input').setValue('0');
    await view.get('[data-timed-recheck-outings] input').setValue('1.5');
    await submit(view, '[data-timed-recheck-form]');
    for (const words of [
      'Enter what to recheck.',
      'Enter more than 0 and up to 9600 hours.',
      'Enter a whole number from 1 to 200.',
      'from 0.2 to 11 bar',
    ])
      expect(view.text()).toContain(words);
    await view.get('[data-timed-recheck-hours] input').setValue('');
    await view.get('[data-timed-recheck-outings] input').setValue('');
    expect(view.text()).toContain('Enter hours or outings.');
    expect(server.sent).toEqual([]);
  });
  it('keep the pressure just set, as it was typed, and the wheel it is in', async () => {
    server.answers['POST /api/v1/bikes/b/timed-rechecks'] = () => bike(soak);
    const view = await asking();
    await view.get('[data-choose=rear]').trigger('click');
    await view.get('[data-timed-recheck-pressure] input').setValue('2,5');
    await submit(view, '[data-timed-recheck-form]');
    expect(server.sent).toMatchObject([
      {
        body: {
          kind: 'soak',
          position: 'rear',
          hours: 12,
          outings: null,
          gauged: { kpa: 250, typed: '2,5' },
        },
      },
    ]);
    expect(view.find('[data-timed-recheck-form]').exists()).toBe(false);
  });
  it('without signal say so, and keep the form as it is', async () => {
    const view = await asking();
    await view.get('[data-timed-recheck-pressure] input').setValue('2.5');
    await submit(view, '[data-timed-recheck-form]');
    expect(view.get('[role=alert]').text()).toContain('The server does not answer.');
    expect(view.get<HTMLInputElement>('[data-timed-recheck-pressure] input').element.value).toBe('2.5');
  });
  it('of another bike begin anew', async () => {
    const view = await asking();
    await view.setProps({ bike: { ...bike(), id: 'c' } });
    expect(view.find('[data-timed-recheck-form]').exists()).toBe(false);
  });
});
