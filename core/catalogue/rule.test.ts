import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { asBuilt, holds, POSITIONS, type Rule } from './index';

const hardtail = asBuilt(USUAL_BUILD.hardtail);
const mixed = asBuilt({ ...USUAL_BUILD.hardtail, brakeFront: 'rim' });

describe('a rule', () => {
  it.each<[string, Rule, 'front' | 'rear' | 'only', boolean]>([
    ['always', { always: true }, 'only', true],
    ['one word of a field', { fitted: 'fork', in: ['suspension'] }, 'only', true],
    ['another word', { fitted: 'fork', in: ['rigid'] }, 'only', false],
    ['a paired field at the front', { fitted: 'brake', in: ['rim'] }, 'front', true],
    ['a paired field at the rear', { fitted: 'brake', in: ['rim'] }, 'rear', false],
    ['a paired field with no side: either end', { fitted: 'brake', in: ['rim'] }, 'only', true],
    ['accessories carried', { carries: ['bell', 'flag'] }, 'only', true],
    ['accessories not carried', { carries: ['flag'] }, 'only', false],
    ['not', { not: { fitted: 'fork', in: ['rigid'] } }, 'only', true],
    ['all of nothing', { all: [] }, 'only', true],
    ['any of nothing', { any: [] }, 'only', false],
    ['all of some', { all: [{ always: true }, { fitted: 'fork', in: ['rigid'] }] }, 'only', false],
    ['any of some', { any: [{ fitted: 'fork', in: ['rigid'] }, { always: true }] }, 'only', true],
  ])('%s', (_name, rule, position, wanted) => {
    expect(holds(rule, mixed, position)).toBe(wanted);
  });

  const { rule } = fc.letrec<{ rule: Rule }>((tie) => ({
    rule: fc.oneof(
      { maxDepth: 3 },
      fc.constant<Rule>({ always: true }),
      fc.constantFrom<Rule>(
        { fitted: 'brake', in: ['rim'] },
        { fitted: 'gears', in: ['derailleur'] },
        { carries: ['bell'] },
      ),
      fc.array(tie('rule'), { maxLength: 3 }).map((all): Rule => ({ all })),
      fc.array(tie('rule'), { maxLength: 3 }).map((any): Rule => ({ any })),
      tie('rule').map((not): Rule => ({ not })),
    ),
  }));

  it('has one answer, which its denial turns round', () => {
    fc.assert(
      fc.property(rule, fc.constantFrom(...POSITIONS), (each, position) => {
        expect(holds({ not: each }, hardtail, position)).toBe(!holds(each, hardtail, position));
        expect(holds({ all: [each, each] }, hardtail, position)).toBe(holds(each, hardtail, position));
        expect(holds({ any: [each, { not: each }] }, hardtail, position)).toBe(true);
      }),
    );
  });
});
