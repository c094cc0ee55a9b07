import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { asBuilt, questionsOf, stationsOf, type Question } from '@cadre/core/catalogue';
import { resolveMarks, progressOf, type Mark, type Answer } from '@cadre/core/checks';
import type { Bike } from '@cadre/contract/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import CheckpointRow from './CheckpointRow.vue';
import ExceptionPanel from './ExceptionPanel.vue';
import SignOff from './SignOff.vue';
import StationSteps from './StationSteps.vue';
import type { MarkGiven } from './drafts';

const asked = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail));
const question = (key: string): Question => asked.find((each) => each.key === key) as Question;
const mark = (key: string, outcome: Mark['outcome'], fault?: string, author = 'ann'): Mark => ({
  id: `${key}${author}`,
  checkpoint: question(key).checkpoint.key,
  position: question(key).position,
  outcome,
  way: 'single',
  faults: fault ? [{ fault }] : [],
  note: '',
  author,
  writerId: 'd',
  counter: 0,
  at: 1,
});
const answer = (...marks: Mark[]): Answer => [...resolveMarks(marks).values()][0] as Answer;

beforeEach(() => setActivePinia(createPinia()));

describe('a row', () => {
  const row = (more: object) =>
    mount(CheckpointRow, {
      props: {
        question: question('rim@rear'),
        answer: null,
        current: false,
        open: false,
        single: false,
        showHow: false,
        before: null,
        last: null,
        nameOf: (id: string) => id,
        ...more,
      },
    });

  it('says the checkpoint, its end and when it passes; being critical is the rule, and not said', () => {
    const text = row({}).text();
    expect(text).toContain('Rim');
    expect(text).toContain('rear');
    expect(text).not.toContain('critical');
    expect(text).toContain('No cracks');
  });

  it('says outcome and fault in words, and both names where two people marked', () => {
    const text = row({
      answer: answer(mark('rim@rear', 'fail', 'crack'), mark('rim@rear', 'pass', undefined, 'ben')),
    }).text();
    expect(text).toContain('Fail: Crack at a spoke hole');
    expect(text).toContain('ann and ben');
  });

  it('shows what was open before it was looked at', () => {
    expect(row({ before: 'Open: small dent, at 4 o’clock' }).text()).toContain('at 4 o’clock');
  });

  it('says what deserves a second glance, until it is answered', () => {
    expect(row({ weight: 'failed' }).get('[data-weight]').text()).toBe('Problem last time');
    expect(row({ weight: 'new' }).get('[data-weight]').text()).toBe('New on this bike');
    expect(row({ weight: null }).find('[data-weight]').exists()).toBe(false);
    const answered = row({ weight: 'failed', answer: answer(mark('rim@rear', 'pass')) });
    expect(answered.find('[data-weight]').exists()).toBe(false);
  });

  it('shows caution where the hand is, and how to look for a trainee', () => {
    expect(row({}).text()).not.toContain('dirt hides cracks');
    expect(row({ current: true }).text()).toContain('dirt hides cracks');
    expect(row({ showHow: true }).text()).toContain('Start at the valve');
  });

  it('one by one, offers sound by itself until it is marked', async () => {
    const single = row({ single: true });
    await single.get('[data-pass]').trigger('click');
    expect(single.emitted('pass')).toHaveLength(1);
    expect(
      row({ single: true, answer: answer(mark('rim@rear', 'pass')) })
        .find('[data-pass]')
        .exists(),
    ).toBe(false);
  });
});

describe('an exception', () => {
  const panel = (key: string, given: Answer | null = null) =>
    mount(ExceptionPanel, {
      props: { question: question(key), answer: given, others: [], build: USUAL_BUILD.hardtail },
    });
  const lastMark = (wrapper: ReturnType<typeof panel>): MarkGiven =>
    wrapper.emitted('mark')?.at(-1)?.[0] as MarkGiven;

  it('opens on the usual faults of this very checkpoint, each with the least it may be given', () => {
    const faults = panel('rim@rear').findAll('[data-fault]');
    expect(faults.map((each) => each.attributes('data-fault'))).toEqual(
      question('rim@rear').checkpoint.faults.map((fault) => fault.key),
    );
    expect(faults[0]?.text()).toContain('Do not ride');
  });

  it('marks a fault at the touch, a watch where nothing is worse than watch', async () => {
    const wrapper = panel('rim@rear');
    await wrapper.get('[data-fault=crack]').trigger('click');
    expect(lastMark(wrapper)).toMatchObject({ outcome: 'fail', faults: [{ fault: 'crack' }] });
    expect(wrapper.text()).toContain('A qualified mechanic decides');
    const light = panel('rim@rear');
    await light.get('[data-fault=dent]').trigger('click');
    expect(lastMark(light)).toMatchObject({ outcome: 'watch', faults: [{ fault: 'dent' }] });
  });

  it('adds place by the clock on a wheel only, and a worse severity by choice', async () => {
    const wrapper = panel('rim@rear');
    await wrapper.get('[data-fault=dent]').trigger('click');
    await wrapper.get('[data-hour="4"]').trigger('click');
    expect(lastMark(wrapper).faults).toEqual([{ fault: 'dent', place: { clock: 4 } }]);
    await wrapper
      .findAll('button')
      .find((each) => each.text().startsWith('Fix by a date,'))
      ?.trigger('click');
    expect(lastMark(wrapper)).toMatchObject({
      outcome: 'fail',
      faults: [{ severity: 'soon', place: { clock: 4 } }],
    });
    const bars = panel('bars@only');
    await bars.get('[data-fault=bent]').trigger('click');
    expect(wrapper.find('[data-clock]').exists()).toBe(true);
    expect(bars.find('[data-clock]').exists()).toBe(false);
  });

  it('takes a fault back when it is touched again', async () => {
    const wrapper = panel('bars@only', answer(mark('bars@only', 'fail', 'bent')));
    await wrapper.get('[data-fault=bent]').trigger('click');
    expect(lastMark(wrapper).outcome).toBe('withdrawn');
  });

  it('asks why for what was not looked at, and keeps the words', async () => {
    const wrapper = panel('bars@only');
    await wrapper.get('[data-outcome=skipped]').trigger('click');
    expect(wrapper.text()).toContain('Reason for skipping');
    await wrapper.get('[data-note]').setValue('Too dark');
    expect(lastMark(wrapper)).toMatchObject({ outcome: 'skipped', note: 'Too dark', faults: [] });
  });
});

describe('the sign-off', () => {
  const stations = stationsOf(asked, 'm-front-first');
  const signOff = (marks: Mark[], more: object = {}) => {
    const answers = resolveMarks(marks);
    return mount(SignOff, {
      props: {
        progress: progressOf(asked, answers),
        stations,
        answers,
        signer: 'Ann',
        trainee: false,
        checklist: RIDE_OUT,
        checklistHash: 'a'.repeat(64),
        trouble: null,
        resting: [],
        nameOf: (id) => id,
        bike: { id: 'b1', tag: 'H1', facts: NO_FACTS, build: USUAL_BUILD.hybrid } as unknown as Bike,
        ...more,
      },
    });
  };
  const all = asked.map((each) => mark(each.key, 'pass'));

  it('says all is sound when it is', () => {
    const text = signOff(all).text();
    expect(text).toContain(`${asked.length} of ${asked.length} questions answered, all pass`);
    expect(text).toContain('Sign as Ann');
    expect(text).not.toContain('incomplete');
  });

  it('says what is not sound, and leads back there', async () => {
    const wrapper = signOff([
      ...all.filter((each) => each.checkpoint !== 'bars'),
      mark('bars@only', 'fail', 'bent'),
    ]);
    expect(wrapper.text()).toContain('Fail: Bent');
    expect(wrapper.text()).toContain(
      '. After you sign, the bike is held until it is repaired, rechecked and released.',
    );
    await wrapper.findAll('li button')[0]?.trigger('click');
    expect((wrapper.emitted('go')?.[0]?.[0] as Question).key).toBe('bars@only');
  });

  it('warns that a critical nobody checked holds the bike', () => {
    const text = signOff(all.filter((each) => each.checkpoint !== 'bars')).text();
    expect(text).toContain('1 critical question is not answered');
    expect(text).toContain('Sign as Ann, incomplete');
  });

  it('tells a trainee that somebody co-signs, and shows why a signature came back', () => {
    expect(signOff(all, { trainee: true }).text()).toContain('co-signed');
    expect(
      signOff(all, { trouble: 'Another person has marked on this check since you last saw it.' })
        .get('[role=alert]')
        .text(),
    ).toBe('Another person has marked on this check since you last saw it.');
  });

  it('steps say how far each station is and where something is wrong', () => {
    const steps = mount(StationSteps, {
      props: { stations, answers: resolveMarks([mark('rim@front', 'fail', 'crack')]), at: 1 },
    });
    expect(steps.findAll('li')[0]?.text()).toContain('1/7');
    expect(steps.findAll('li')[0]?.text()).toContain('1 with a problem');
    expect(steps.get('[aria-current=step]').text()).toContain('Front brake');
  });
});
