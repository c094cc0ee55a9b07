import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { parseRule, ruleText, type Rule, type RuleProblem } from './index';

const read = (text: string): Rule => {
  const parsed = parseRule(text);
  if (!parsed.ok) throw new Error(`${parsed.problem.code} at ${parsed.problem.at}: ${parsed.problem.word}`);
  return parsed.rule;
};
const problem = (text: string): RuleProblem => {
  const parsed = parseRule(text);
  if (parsed.ok) throw new Error(`“${text}” is a rule`);
  return parsed.problem;
};

describe('a rule as written', () => {
  it.each<[string, Rule]>([
    ['always', { always: true }],
    ['brake is rim', { fitted: 'brake', in: ['rim'] }],
    ['brake is rim, drum', { fitted: 'brake', in: ['rim', 'drum'] }],
    ['Brake IS Rim', { fitted: 'brake', in: ['rim'] }],
    ['brake is not rim', { not: { fitted: 'brake', in: ['rim'] } }],
    ['rear-suspension is shock', { fitted: 'rearSuspension', in: ['shock'] }],
    ['wheel-size is 20, 24', { fitted: 'wheelSize', in: ['20', '24'] }],
    ['wheel-size from 20 to 24', { number: 'wheelSize', least: 20, most: 24 }],
    ['sprockets at least 11', { number: 'sprockets', least: 11 }],
    ['sprockets at most 10', { number: 'sprockets', most: 10 }],
    ['sprockets is 1', { number: 'sprockets', least: 1, most: 1 }],
    ['carries child-seat, hitch', { carries: ['child-seat', 'hitch'] }],
    ['fitted battery', { part: ['battery'] }],
    ['not kind is trike', { not: { fitted: 'kind', in: ['trike'] } }],
    // `and` binds tighter than `or`, `not` tightest.
    [
      'fork is rigid or fork is suspension and kind is child',
      {
        any: [
          { fitted: 'fork', in: ['rigid'] },
          {
            all: [
              { fitted: 'fork', in: ['suspension'] },
              { fitted: 'kind', in: ['child'] },
            ],
          },
        ],
      },
    ],
    [
      '(fork is rigid or fork is suspension) and kind is child',
      {
        all: [
          {
            any: [
              { fitted: 'fork', in: ['rigid'] },
              { fitted: 'fork', in: ['suspension'] },
            ],
          },
          { fitted: 'kind', in: ['child'] },
        ],
      },
    ],
    [
      'not fork is rigid and kind is child',
      { all: [{ not: { fitted: 'fork', in: ['rigid'] } }, { fitted: 'kind', in: ['child'] }] },
    ],
  ])('“%s” is read', (text, rule) => expect(read(text)).toEqual(rule));

  it.each<[string, RuleProblem['code'], string, number, string | null]>([
    ['', 'empty', '', 0, null],
    ['   ', 'empty', '', 3, null],
    ['brakes is rim', 'unknown-field', 'brakes', 0, 'brake'],
    ['brake is rimm', 'unknown-word', 'rimm', 9, 'rim'],
    ['brake is rim, drumm and kind is child', 'unknown-word', 'drumm', 14, 'drum'],
    ['kind is child and carries bel', 'unknown-word', 'bel', 26, 'bell'],
    ['fitted batery', 'unknown-word', 'batery', 7, 'battery'],
    ['brake rim', 'unexpected', 'rim', 6, null],
    ['brake is', 'unexpected', '', 8, null],
    ['brake is rim kind is child', 'unexpected', 'kind', 13, null],
    ['(brake is rim', 'unclosed', '', 13, null],
    ['brake is rim)', 'unexpected', ')', 12, null],
    ['brake is rim and', 'unexpected', '', 16, null],
    ['sprockets at least many', 'not-a-number', 'many', 19, null],
    ['sprockets at lest 5', 'unexpected', 'lest', 13, 'least'],
    ['sprockets from 11 to 5', 'upside-down', '5', 21, null],
    ['wheel-size about 20', 'unexpected', 'about', 11, null],
  ])('“%s” is pointed at where it goes wrong', (text, code, word, at, nearest) => {
    expect(problem(text)).toMatchObject({ code, word, at, length: word.length, nearest });
  });

  it('says what could stand there', () => {
    expect(problem('brake rim').wanted).toEqual(['is']);
    expect(problem('fork is soft').wanted).toEqual(['rigid', 'suspension']);
  });

  it('does not give way to brackets without end', () => {
    expect(problem('('.repeat(2000)).code).toBe('too-deep');
    expect(problem('not '.repeat(2000)).code).toBe('too-deep');
  });

  it.each(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint.applies] as const))(
    'of %s is read back as it was written out',
    (_key, rule) => {
      expect(read(ruleText(rule))).toEqual(rule);
    },
  );

  const leaf = fc.constantFrom<Rule>(
    { always: true },
    { fitted: 'brake', in: ['rim', 'drum'] },
    { fitted: 'wheelSize', in: ['27.5'] },
    { carries: ['bell'] },
    { part: ['chain'] },
    { number: 'sprockets', least: 3, most: 8 },
    { number: 'wheelSize', least: 24 },
    { number: 'sprockets', most: 11 },
  );
  const { rule } = fc.letrec<{ rule: Rule }>((tie) => ({
    rule: fc.oneof(
      { maxDepth: 4, withCrossShrink: true },
      leaf,
      fc.array(tie('rule'), { minLength: 2, maxLength: 3 }).map((all): Rule => ({ all })),
      fc.array(tie('rule'), { minLength: 2, maxLength: 3 }).map((any): Rule => ({ any })),
      tie('rule').map((not): Rule => ({ not })),
    ),
  }));

  it('reads back every rule somebody could build', () => {
    fc.assert(
      fc.property(rule, (each) => {
        expect(read(ruleText(each))).toEqual(each);
      }),
    );
  });

  it('answers whatever is typed, and points inside it', () => {
    const word = fc.constantFrom(
      'brake',
      'is',
      'rim',
      ',',
      '(',
      ')',
      'and',
      'or',
      'not',
      'sprockets',
      'at',
      'least',
      '11',
      'carries',
      'fitted',
      'x',
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(word).map((words) => words.join(' ')),
        ),
        (text) => {
          const parsed = parseRule(text);
          if (parsed.ok) return;
          expect(parsed.problem.at + parsed.problem.length).toBeLessThanOrEqual(text.length);
          expect(text.slice(parsed.problem.at, parsed.problem.at + parsed.problem.length).toLowerCase()).toBe(
            parsed.problem.word,
          );
        },
      ),
    );
  });
});
