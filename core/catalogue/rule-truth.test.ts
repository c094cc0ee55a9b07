import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import {
  asBuilt,
  failingClause,
  holds,
  idleClause,
  parseRule,
  ruleText,
  truthOf,
  type Position,
  type Rule,
  type Truth,
} from './index';

const rule = (text: string): Rule => {
  const parsed = parseRule(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.rule;
};

describe('what a rule says of all bikes', () => {
  it.each<[string, Position, Truth]>([
    ['always', 'only', 'always'],
    ['brake is rim', 'front', 'sometimes'],
    ['brake is rim and brake is drum', 'front', 'never'],
    // Read at both ends, one may be each.
    ['brake is rim and brake is drum', 'only', 'sometimes'],
    ['fork is rigid or fork is suspension', 'only', 'always'],
    ['not (fork is rigid or fork is suspension)', 'only', 'never'],
    ['sprockets at least 5 and sprockets at most 3', 'only', 'never'],
    ['sprockets at least 5 and sprockets at most 5', 'only', 'sometimes'],
    ['sprockets at least 1', 'only', 'always'],
    ['sprockets at most 5 or sprockets at least 6', 'only', 'always'],
    ['wheel-size at least 16', 'front', 'always'],
    ['wheel-size from 21 to 23', 'rear', 'never'],
    ['carries bell', 'only', 'sometimes'],
    ['carries bell and not carries bell', 'only', 'never'],
    ['fitted battery or not fitted battery', 'only', 'always'],
    ['kind is child and kind is trike', 'only', 'never'],
  ])('“%s” at %s: %s', (text, position, truth) => expect(truthOf(rule(text), position)).toBe(truth));

  it('is unsure rather than wrong when there are too many bikes to try', () => {
    const many = rule(
      'kind is child and frame-shape is sloping and bar is flat and gears is derailleur and brake is rim and retention is nutted and tyre is tube and wheel-size is 20 and sprockets from 5 to 7',
    );
    expect(truthOf(many, 'only')).toBe('unsure');
    expect(idleClause(many, ['only'])).toBeNull();
  });

  it.each([
    ['brake is rim', null],
    ['always', null],
    ['kind is child and (fork is rigid or fork is suspension)', 'fork is rigid or fork is suspension'],
    ['kind is child or brake is rim and brake is drum', 'brake is rim and brake is drum'],
    ['sprockets at least 5 and sprockets at most 3', 'sprockets at least 5 and sprockets at most 3'],
  ])('“%s” has the idle clause %s', (text, clause) => {
    const found = idleClause(rule(text), ['front', 'rear']);
    expect(found ? ruleText(found.clause) : null).toBe(clause);
  });

  it('never calls a clause idle that some bike tells apart', () => {
    const texts = [
      'brake is rim',
      'carries bell',
      'sprockets at least 8',
      'kind is child',
      'fork is rigid',
      'transmission is belt',
      'wheel-size is 20',
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...texts),
        fc.constantFrom(...texts),
        fc.constantFrom('and', 'or'),
        fc.boolean(),
        (a, b, joint, not) => {
          const whole = rule(`${not ? 'not ' : ''}${a} ${joint} ${b}`);
          const answers = new Set(
            BIKE_KINDS.map((kind) => holds(whole, asBuilt(USUAL_BUILD[kind]), 'front')),
          );
          if (answers.size === 2) expect(truthOf(whole, 'front')).toBe('sometimes');
        },
      ),
    );
  });
});

describe('why something is not asked', () => {
  it.each([
    ['kind is trike', 'kind is trike'],
    ['brake is cable-disc, hydraulic-disc and kind is child', 'kind is child'],
    ['not brake is hydraulic-disc', 'not brake is hydraulic-disc'],
    ['kind is child or kind is trike', 'kind is child or kind is trike'],
    ['fork is suspension', null],
  ])('“%s” on a hardtail: %s', (text, clause) => {
    const found = failingClause(rule(text), asBuilt(USUAL_BUILD.hardtail), 'front');
    expect(found ? ruleText(found) : null).toBe(clause);
  });

  it('asks by the parts on record at that end', () => {
    const fitted = {
      build: USUAL_BUILD.hardtail,
      parts: [{ kind: 'rotor', position: 'front' } as const, { kind: 'chain', position: 'only' } as const],
    };
    expect(holds(rule('fitted rotor'), fitted, 'front')).toBe(true);
    expect(holds(rule('fitted rotor'), fitted, 'rear')).toBe(false);
    expect(holds(rule('fitted rotor'), fitted, 'only')).toBe(true);
    expect(holds(rule('fitted chain'), fitted, 'rear')).toBe(true);
    expect(holds(rule('fitted battery'), fitted, 'only')).toBe(false);
  });
});
