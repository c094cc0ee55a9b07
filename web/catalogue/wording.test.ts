import { describe, expect, it } from 'vitest';
import {
  BY,
  compareChecklists,
  idleClause,
  ITEM_CHANGES,
  MARKING_WAYS,
  parseRule,
  PHASES,
  ROUTE_KEYS,
  CHECKLIST_CHANGES,
  STANCES,
  SYSTEMS,
  type Rule,
  type RuleProblem,
} from '@cadre/core/catalogue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { problemWords, ruleWords } from './rule-words';
import { groupChecklists } from './checklist-groups';
import {
  BY_WORDS,
  criticalWords,
  ITEM_CHANGE_WORDS,
  MARKING_WORDS,
  minutesWords,
  routeName,
  ROUTE_REASONS,
  CHECKLIST_CHANGE_WORDS,
  STANCE_WORDS,
  warningWords,
} from './checklist-wording';
import { PHASE_WORDS, SYSTEM_WORDS, zonesName } from '../words/checkpoint-words';

const rule = (text: string): Rule => {
  const parsed = parseRule(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.rule;
};
const problem = (text: string): RuleProblem => {
  const parsed = parseRule(text);
  if (parsed.ok) throw new Error(text);
  return parsed.problem;
};

describe('a rule in words', () => {
  it.each([
    ['always', 'on every bike'],
    ['brake is rim', 'the brake here is rim'],
    ['brake is rim, cable-disc, drum', 'the brake here is rim, cable disc or drum'],
    ['retention is nutted', 'the wheel here is held by nutted'],
    ['kind is child', 'kind is child’s bike'],
    ['carries child-seat, hitch', 'it has child seat or trailer hitch'],
    ['fitted battery', 'a recorded part is battery'],
    ['sprockets at least 11', 'the number of sprockets is 11 or more'],
    ['sprockets at most 3', 'the number of sprockets is 3 or less'],
    ['sprockets is 1', 'the number of sprockets is 1'],
    ['wheel-size from 20 to 24', 'the wheel here in inches is from 20 to 24'],
    ['not kind is trike', 'not: kind is recumbent trike'],
    [
      'fork is rigid and (brake is rim or brake is drum)',
      'fork is rigid and (the brake here is rim or the brake here is drum)',
    ],
  ])('“%s”: %s', (text, words) => expect(ruleWords(rule(text))).toBe(words));

  it('has words for every rule that ships, and never the code’s own', () => {
    for (const checkpoint of CHECKPOINTS)
      expect(ruleWords(checkpoint.applies), checkpoint.key).not.toMatch(/undefined|[a-z][A-Z]|\{/);
  });
});

describe('what is wrong with a rule', () => {
  it.each([
    ['', 'The rule is empty.', 'Write “always” for every bike.'],
    ['brakes is rim', '“brakes” is not a field of a bike.', 'Did you mean “brake”?'],
    ['brake is rimm', '“rimm” is not a value of this field.', 'Did you mean “rim”?'],
    ['fork is xyz', '“xyz” is not a value of this field.', 'Possible here: rigid, suspension.'],
    ['sprockets at least', 'A number is missing at the end.', 'Write digits, such as 11 or 27.5.'],
    ['sprockets from 9 to 3', '“3” is smaller than the number before it.', 'Write the smaller number first.'],
    ['(brake is rim', 'A bracket is not closed.', 'Write ) at the end.'],
    ['brake rim', '“rim” is not possible here.', 'Possible here: is.'],
    ['brake is rim and', 'The rule is not complete.', ''],
  ])('“%s”: %s', (text, what, todo) => {
    const said = problemWords(problem(text));
    expect(said.what).toBe(what);
    if (todo) expect(said.todo).toBe(todo);
  });
});

describe('words for lists', () => {
  it('are there for every member, and none twice', () => {
    for (const [list, words] of [
      [PHASES, PHASE_WORDS],
      [STANCES, STANCE_WORDS],
      [BY, BY_WORDS],
      [SYSTEMS, SYSTEM_WORDS],
      [MARKING_WAYS, MARKING_WORDS],
      [ITEM_CHANGES, ITEM_CHANGE_WORDS],
      [CHECKLIST_CHANGES, CHECKLIST_CHANGE_WORDS],
      [ROUTE_KEYS, ROUTE_REASONS],
    ] as const) {
      const said = list.map((member) => (words as Record<string, string>)[member]);
      expect(said.every(Boolean)).toBe(true);
      expect(new Set(said).size).toBe(list.length);
    }
    expect(routeName('top-down')).toBe('Top-down loop');
    expect(routeName({ key: 'r', name: 'Ours', zones: [] })).toBe('Ours');
    expect(zonesName(['front-wheel', 'front-brake'])).toBe('Front wheel, front brake');
  });

  it.each([
    [0.3, 'under 1 min'],
    [5.7, '5.5 min'],
    [9.9, '10 min'],
    [74.4, '74 min'],
  ])('%d minutes: %s', (minutes, words) => expect(minutesWords(minutes)).toBe(words));
});

describe('why a look is critical', () => {
  const look = {
    faults: [
      {
        key: 'thin',
        name: 'Thin',
        floor: 'stop' as const,
        doNext: 'x',
        by: ['wear' as const, 'work' as const],
      },
      { key: 'soft', name: 'Soft', floor: 'soon' as const, doNext: 'x' },
    ],
  };
  it('is told by the fault and what brings it', () => {
    expect(criticalWords(look, ['wear'])).toBe('“Thin” means “do not ride” and can arise by wear.');
    expect(criticalWords(look, ['wear', 'work'])).toBe(
      '“Thin” means “do not ride” and can arise by wear or workshop work.',
    );
    expect(criticalWords(look, [])).toBe('No “do not ride” fault can arise between two such checks.');
    expect(criticalWords({ faults: [{ key: 'a', name: 'Loose', floor: 'stop', doNext: 'x' }] }, [])).toBe(
      '“Loose” means “do not ride” and can arise on any outing.',
    );
  });
});

describe('checklists by what they are for', () => {
  it('has a place for every one that ships, and one for the house’s own', () => {
    const groups = groupChecklists([...SHIPPED_CHECKLISTS, { key: 'lanterns' }]);
    expect(groups[0]).toEqual({ title: 'Your checklists', checklists: [{ key: 'lanterns' }] });
    expect(
      groups
        .slice(1)
        .flatMap((group) => group.checklists.map((checklist) => checklist.key))
        .sort(),
    ).toEqual(SHIPPED_CHECKLISTS.map((checklist) => checklist.key).sort());
    expect(groupChecklists([])).toEqual([]);
  });
});

describe('warnings', () => {
  it('are sentences, for every kind of bike', () => {
    expect(warningWords({ code: 'no-criticals' })).toMatch(/no critical question/);
    for (const kind of BIKE_KINDS) {
      expect(warningWords({ code: 'nothing-asked-of', kind })).toMatch(/^No question applies to a .+\.$/);
      expect(warningWords({ code: 'no-criticals-on', kind })).toMatch(/^No question is critical for a .+\.$/);
    }
    const idle = idleClause(rule('fork is rigid and fork is suspension'), ['only']);
    expect(idle?.truth).toBe('never');
    expect(warningWords({ code: 'rule-idle', checkpoint: 'Spokes', clause: 'x', truth: 'never' })).toBe(
      'Spokes: “x” is true for no bike.',
    );
    expect(warningWords({ code: 'rule-idle', checkpoint: 'Spokes', clause: 'x', truth: 'always' })).toBe(
      'Spokes: “x” is true for every bike.',
    );
  });
  it('name no change that has no words', () => {
    const [one, two] = SHIPPED_CHECKLISTS;
    if (!one || !two) throw new Error('no checklists');
    for (const change of compareChecklists(one, two).checklist)
      expect(CHECKLIST_CHANGE_WORDS[change]).toBeTruthy();
  });
});
