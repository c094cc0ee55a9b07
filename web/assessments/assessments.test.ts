import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import type { Assessment } from '@cadre/contract/assessments';
import type { Person } from '@cadre/contract/people';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import { NO_FACTS } from '@cadre/core/fitness';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { findingLike } from '@cadre/test-world/core';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { fill } from '../../testing/field';
import { fetched, Refusal, type Fetched } from '../../testing/fetched';
import AssessmentSheet from './AssessmentSheet.vue';
import OpenAssessment from './OpenAssessment.vue';
import { useAssessments } from './use-assessments';

const assessment = (more: Partial<Assessment> = {}): Assessment => ({
  ...{
    id: 'i',
    bikeId: 'b',
    from: 'A club',
    asking: 9000,
    worth: 20_000,
    prices: [],
    state: 'open',
    reason: '',
  },
  ...{ openedBy: 'ann', openedAt: Date.now(), decidedBy: null, decidedAt: null },
  ...more,
});
const bars = findingLike({
  id: 'bars',
  fault: 'bent',
  words: { ...findingLike().words, checkpoint: 'Handlebar', fault: 'Bent' },
});
const frame = findingLike({
  id: 'frame',
  words: { ...bars.words, checkpoint: 'Frame', fault: 'Crack', toMechanic: true },
});
const bike = (findings: readonly Finding[], looked = true): Bike =>
  ({
    ...{ id: 'b', tag: 'N01', modelId: null, model: 'Reed', size: 'M', build: USUAL_BUILD.hybrid },
    facts: { ...NO_FACTS, findings, newestCheck: looked ? { checkId: 'c' } : null },
  }) as unknown as Bike;
let server: Fetched;
/** Leaves out what the stores ask for on their own. */
const sent = () => server.sent.filter((each) => each.at.startsWith('POST'));
beforeEach(() => {
  setActivePinia(createPinia());
  server = fetched();
  useSession().person = { id: 'ann', name: 'Ann', role: 'mechanic', trainee: false } as Person;
  useFleet().wall = {
    sites: [{ id: 's' }],
    models: [{ id: 'm', name: 'Sandpiper', build: USUAL_BUILD.child }],
    bikes: [],
    people: [],
  } as unknown as Wall;
  useCatalogue().known = {
    policy: { policy: { ...DEFAULT_POLICY, money: { currency: 'GBP', hourlyRate: 3000 } } },
  } as never;
});
afterEach(() => vi.unstubAllGlobals());

function checklist(findings: readonly Finding[], of = assessment(), looked = true) {
  const props = { assessment: of, bike: bike(findings, looked), assessments: useAssessments(), items: [] };
  return mount(AssessmentSheet, { props, global: { stubs: { RouterLink: RouterLinkStub } } });
}
type Checklist = ReturnType<typeof checklist>;
const price = async (view: Checklist, finding: number, parts: string, minutes: string): Promise<void> => {
  const fields = view.findAll('[data-price-of]')[finding]?.findAll('input') ?? [];
  await fields[0]?.setValue(parts);
  await fields[1]?.setValue(minutes);
};
const pressed = async (view: Checklist, css: string): Promise<void> => {
  await view.get(css).trigger('click');
  await flushPromises();
};
const isOff = (view: Checklist, css: string): boolean => view.get(css).attributes('disabled') !== undefined;

describe('a bike on offer', () => {
  it('asks for the deep checklist first, and is not taken before', () => {
    const view = checklist([], assessment(), false);
    expect(view.find('[data-look-over]').exists()).toBe(true);
    expect(isOff(view, '[data-accept]')).toBe(true);
    expect(view.text()).not.toContain('No findings.');
  });
  it('adds up: parts, and minutes at the rate of the house, against what is asked and what a fit one is worth', async () => {
    const view = checklist([bars]);
    await price(view, 0, '40', '60');
    // 90.00 asked, 40.00 of parts and an hour at 30.00: 160.00 of 200.00.
    for (const words of ['£90.00', '£70.00', '£160.00', '£200.00', '£40.00 below its value: worth buying'])
      expect(view.get('[data-sum]').text()).toContain(words);
    await price(view, 0, '90', '60');
    expect(view.get('[data-sum]').text()).toContain('Not worth this price');
  });
  it('says which parts nobody has priced: a worn tyre costs more than nothing', async () => {
    const view = checklist([bars, frame]);
    expect(view.get('[data-unpriced]').text()).toContain('2 findings have no price');
    expect(view.get('[data-sum]').text()).toContain('below its value so far');
    await price(view, 0, '40', '10');
    expect(view.get('[data-unpriced]').text()).toContain('1 finding ');
    await price(view, 1, '0', '10');
    expect(view.find('[data-unpriced]').exists()).toBe(false);
  });
  it('says that minutes cost nothing while no rate is set', () => {
    useCatalogue().known = { policy: { policy: DEFAULT_POLICY } } as never;
    expect(checklist([bars]).get('[data-sum]').text()).toContain(
      'No hourly rate is set, so work time counts as zero.',
    );
  });
  it('says before any money what only a qualified mechanic or the maker decides', () =>
    expect(checklist([bars, frame]).get('[data-sum]').text()).toContain(
      'Crack: a qualified mechanic or the maker decides before you decide on money.',
    ));
  it('is not decided on a price that cannot be read', async () => {
    const view = checklist([bars]);
    await price(view, 0, 'much', '10');
    expect(view.find('[data-sum]').exists()).toBe(false);
    expect(isOff(view, '[data-accept]') && isOff(view, '[data-price-save]')).toBe(true);
    expect(view.find('[aria-invalid=true]').exists()).toBe(true);
  });
  it('keeps the prices it is decided on, then the decision; left, it wants a reason', async () => {
    const view = checklist([bars]);
    server.answers['POST /api/v1/assessments/i/prices'] = () => ({
      assessment: assessment(),
      bike: bike([bars]),
    });
    server.answers['POST /api/v1/assessments/i/decision'] = () => ({
      assessment: assessment({ state: 'declined' }),
      bike: bike([bars]),
    });
    await price(view, 0, '12.50', '');
    expect(isOff(view, '[data-decline]')).toBe(true);
    await view.get('[data-reason] input').setValue(' Fork past its service ');
    await pressed(view, '[data-decline]');
    expect(sent()).toMatchObject([
      { body: { asking: 9000, worth: 20_000, prices: [{ findingId: 'bars', parts: 1250, minutes: 0 }] } },
      { body: { accept: false, reason: 'Fork past its service' } },
    ]);
  });
  it('decided by somebody else meanwhile says so, and keeps what was typed', async () => {
    const view = checklist([bars]);
    server.answers['POST /api/v1/assessments/i/prices'] = () => new Refusal('assessment.decided');
    await view.get('[data-reason] input').setValue('Good');
    await pressed(view, '[data-accept]');
    // What a refusal says is loaded with the first of them.
    await vi.waitFor(() =>
      expect(view.get('[role=alert]').text()).toContain('This assessment is already decided.'),
    );
    expect(view.get<HTMLInputElement>('[data-reason] input').element.value).toBe('Good');
    expect(sent()).toHaveLength(1);
  });
  it('once decided stands with who, when and why, and nothing to press', () => {
    const decided = assessment({
      state: 'declined',
      decidedBy: 'ann',
      decidedAt: Date.now(),
      reason: 'Fork past its service',
    });
    const view = checklist([bars], decided);
    expect(view.get('[data-decided]').text()).toContain('“Fork past its service”');
    expect(view.find('form').exists() || view.find('[data-accept]').exists()).toBe(false);
  });
});

describe('a bike is offered', () => {
  const open = () => mount(OpenAssessment, { props: { assessments: useAssessments() } });
  const send = async (view: ReturnType<typeof open>, typed: Record<string, string>): Promise<void> => {
    await fill(view, typed);
    await view.get('form').trigger('submit');
    await flushPromises();
  };
  const GIVEN = {
    Tag: 'N02',
    'Make and model': 'Reed 3',
    'Asking price': '90',
    'Value when repaired': '200',
  };

  it('names each field that is wrong, and sends nothing', async () => {
    const view = open();
    await send(view, { Tag: 'no tag!', 'Asking price': 'much' });
    for (const words of [
      'letters and digits.',
      'Enter the name as written on the frame.',
      'Enter an amount.',
    ])
      expect(view.text()).toContain(words);
    expect(sent()).toEqual([]);
  });
  it('stands here with the usual build of its kind, under a tag', async () => {
    server.answers['POST /api/v1/assessments'] = () => ({ assessment: assessment(), bike: bike([]) });
    const view = open();
    await send(view, GIVEN);
    expect(sent()).toMatchObject([
      { body: { bike: { tag: 'N02', siteId: 's', build: { kind: 'hybrid' } }, asking: 9000, worth: 20_000 } },
    ]);
    expect(view.emitted('done')).toHaveLength(1);
  });
  it('or with that of a model of the fleet', async () => {
    const view = open();
    await send(view, { ...GIVEN, 'Model in your fleet': 'm' });
    expect(sent()).toMatchObject([
      { body: { bike: { modelId: 'm', model: 'Sandpiper', build: { kind: 'child' } } } },
    ]);
    expect(view.text()).toContain('The server does not answer.');
  });
  it('a field the server refuses is named with its own reason', async () => {
    server.answers['POST /api/v1/assessments'] = () =>
      new Refusal('body.invalid', [
        { path: 'bike.tag', code: 'taken', params: { tag: 'N02' } },
        { path: 'bike.model', code: 'too_big', params: { maximum: 80 } },
      ]);
    const view = open();
    await send(view, GIVEN);
    expect(view.text()).toContain('In use by N02.');
    expect(view.text()).toContain('Maximum 80.');
    expect(view.findAll('[aria-invalid=true]')).toHaveLength(2);
  });
});
