import { describe, expect, it } from 'vitest';
import {
  DRAWINGS,
  isPracticeQuestion,
  PRACTICE_QUESTIONS,
  PRACTICES,
  SEVERITIES,
  positionsAsked,
  truthOf,
} from '@cadre/core/catalogue';
import { isMeasure } from '@cadre/core/measures';
import { CHECKPOINTS, PRACTICE_PROSE, SHIPPED_CHECKLISTS } from './index';

const known = new Set(CHECKPOINTS.map((each) => each.key));

/** Looks at which nobody can be hurt while looking: the fault may be grave, the look is not. */
const NO_CAUTION = [
  'bars',
  'cable-rub',
  'cable-age',
  'cage-bolts',
  'chain-twelve',
  'device-charge',
  'firmware',
  'fork-service',
  'fork-travel-used',
  'frame-film',
  'frame-line',
  'grips',
  'hanger',
  'hanger-measured',
  'hitch',
  'hub-gear',
  'kit',
  'levers-on-bar',
  'loads',
  'gauge-reference',
  'outdoor-cover',
  'papers',
  'recall',
  'saddle-rails',
  'saddle-tight',
  'serial',
  'shift-battery',
  'shifter-clamp',
  'shifter-cover',
  'shock-shaft',
  'shock-travel-used',
  'suspension-post',
  'suspension-ring',
  'torque-wrench',
  'transport-marks',
  'trike-flag',
  'trike-seat',
  'tyre-direction',
  'wheel-nutted',
];

describe('the shipped catalogue', () => {
  it('has about a hundred and fifty checkpoints, each key once', () => {
    expect(known.size).toBe(CHECKPOINTS.length);
    expect(CHECKPOINTS.length).toBeGreaterThanOrEqual(120);
  });

  it.each(CHECKPOINTS.map((each) => [each.key, each] as const))(
    '%s can be looked at from its text alone',
    (_key, checkpoint) => {
      expect(checkpoint.key).toMatch(/^[a-z0-9-]{2,60}$/);
      expect(positionsAsked(checkpoint).length).toBeGreaterThan(0);
      expect(checkpoint.how.length).toBeGreaterThan(20);
      expect(checkpoint.how).toMatch(/[.:]$/);
      expect(checkpoint.passWhen.length).toBeGreaterThan(4);
      expect(checkpoint.minutes).toBeGreaterThan(0);
      expect(checkpoint.faults.length).toBeGreaterThan(0);
      expect(new Set(checkpoint.faults.map((fault) => fault.key)).size).toBe(checkpoint.faults.length);
      for (const fault of checkpoint.faults) {
        expect(SEVERITIES).toContain(fault.floor);
        expect(fault.doNext.length, fault.key).toBeGreaterThan(7);
        for (const next of fault.askNext ?? [])
          expect(known.has(next) && next !== checkpoint.key, `${fault.key} asks ${next}`).toBe(true);
        // What is past the house's word says who decides.
        if (fault.by) expect(fault.floor === 'stop' || fault.by.length > 0).toBe(true);
      }
      if (checkpoint.measure) expect(isMeasure(checkpoint.measure), checkpoint.measure).toBe(true);
      if (checkpoint.drawing) expect(DRAWINGS).toContain(checkpoint.drawing);
      for (const question of checkpoint.practices ?? []) expect(isPracticeQuestion(question)).toBe(true);
    },
  );

  it('is asked of some bike and, where it has a rule, not of every one', () => {
    for (const checkpoint of CHECKPOINTS) {
      const truths = positionsAsked(checkpoint).map((position) => truthOf(checkpoint.applies, position));
      expect(truths, checkpoint.key).not.toContain('never');
      if (!('always' in checkpoint.applies)) expect(truths, checkpoint.key).toContain('sometimes');
    }
  });

  it('has a caution wherever a hand can be hurt, and lists where none is', () => {
    const without = CHECKPOINTS.filter((each) => each.cautions.length === 0).map((each) => each.key);
    expect(without.sort()).toEqual([...NO_CAUTION].sort());
  });

  it('is asked by some checklist, every one of it', () => {
    const asked = new Set(
      SHIPPED_CHECKLISTS.flatMap((checklist) => checklist.items.map((item) => item.checkpoint.key)),
    );
    expect(CHECKPOINTS.filter((each) => !asked.has(each.key)).map((each) => each.key)).toEqual([]);
  });

  it('names a measure for everything that is measured', () => {
    const measured = (words: RegExp): readonly string[] =>
      CHECKPOINTS.filter(
        (each) =>
          words.test(each.how) &&
          each.measure === undefined &&
          each.faults.some((fault) => /\bmm\b|percent|%/.test(fault.name)),
      ).map((each) => each.key);
    expect(measured(/[Mm]easure|gauge|[Rr]ead the (widest|gap)/)).toEqual(['trike-toe']);
  });

  it('shows every drawing at some look', () => {
    const shown = new Set(CHECKPOINTS.map((each) => each.drawing));
    expect(DRAWINGS.filter((drawing) => !shown.has(drawing))).toEqual([]);
    expect(DRAWINGS.length).toBeGreaterThanOrEqual(24);
  });

  it.each(['crack', 'carbon', 'weep', 'damaged'])('sends a fault like %s to a qualified mechanic', (key) => {
    const grave = ['rim', 'fork-whole', 'frame-whole', 'brake-hose', 'battery', 'bars'];
    const faults = CHECKPOINTS.filter((each) => grave.includes(each.key)).flatMap((each) =>
      each.faults.filter((fault) => fault.key === key && fault.floor === 'stop'),
    );
    expect(faults.length).toBeGreaterThan(0);
    // A cracked rotor or pedal is a part one changes; frames, forks, rims, fluid and batteries are not.
    expect(faults.every((fault) => fault.toMechanic)).toBe(true);
  });
});

describe('the practices', () => {
  it.each(PRACTICE_QUESTIONS)('%s: every side says what it does and why', (question) => {
    const { question: words, sides } = PRACTICE_PROSE[question];
    expect(words).toMatch(/\?$/);
    expect(Object.keys(sides).sort()).toEqual([...PRACTICES[question]].sort());
    for (const side of Object.values(sides)) {
      expect(side.name.length).toBeGreaterThan(2);
      expect(side.rule.length).toBeGreaterThan(10);
      expect(side.reason.length).toBeGreaterThan(15);
    }
    expect(new Set(Object.values(sides).map((side) => side.reason)).size).toBe(Object.keys(sides).length);
  });
});
