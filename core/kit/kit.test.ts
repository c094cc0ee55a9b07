import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  KIT_KINDS,
  kitNeeds,
  kitProblems,
  kitWanted,
  missingIssues,
  proposeKit,
  type KitFields,
  type KitState,
} from '.';

const TODAY = '2026-06-10';
type Item = KitFields & KitState & { readonly id: string };
const item = (tag: string, more: Partial<Item> = {}): Item => ({
  ...{ id: tag, siteId: 's', kind: 'helmet', tag, size: '', contents: [], expiresOn: null },
  ...{ whereabouts: 'in', groupId: null, groupName: '', missing: [], damp: false, impactOn: null },
  withdrawn: null,
  ...more,
});
const group = { id: 'g', siteId: 's', wants: [{ count: 3, kind: null, size: '' }] };

describe('whether an item may be lent', () => {
  it.each<[string, Partial<Item>, readonly string[]]>([
    ['in order', {}, []],
    ['on its last day', { expiresOn: '2026-06-10' }, []],
    ['the day after its last', { expiresOn: '2026-06-09' }, ['expired']],
    ['after an impact, however long ago', { impactOn: '2026-01-01' }, ['impact']],
    ['damp', { damp: true }, ['damp']],
    ['with a lever missing', { missing: [{ name: 'Lever', count: 1 }] }, ['incomplete']],
    ['withdrawn', { withdrawn: 'Strap torn' }, ['withdrawn']],
    [
      'with all of it, worst first',
      {
        damp: true,
        impactOn: TODAY,
        expiresOn: '2020-01-01',
        withdrawn: '',
        missing: [{ name: 'a', count: 1 }],
      },
      ['withdrawn', 'impact', 'expired', 'incomplete', 'damp'],
    ],
  ])('%s', (_what, more, expected) => {
    expect(kitProblems(item('H1', more), TODAY)).toEqual(expected);
  });
});

describe('what is missing', () => {
  const contents = [
    { name: 'Plugs', count: 3, stockItemId: null },
    { name: 'Tube', count: 1, stockItemId: 'tube' },
  ];
  it.each([
    ['as many as belong', [{ name: 'Plugs', count: 3 }], []],
    ['more than belong', [{ name: 'Tube', count: 2 }], [{ path: 'missing.0.count', code: 'too_big' }]],
    ['what never belonged', [{ name: 'Bell', count: 1 }], [{ path: 'missing.0.name', code: 'unknown' }]],
    [
      'the same twice',
      [
        { name: 'Plugs', count: 1 },
        { name: 'Plugs', count: 1 },
      ],
      [{ path: 'missing.1.name', code: 'twice' }],
    ],
  ])('%s', (_what, missing, expected) => {
    expect(missingIssues(contents, missing)).toEqual(expected);
  });
  it('is ordered from the spare parts, or bought; nothing for an item that is withdrawn', () => {
    const missing = [
      { name: 'Plugs', count: 2 },
      { name: 'Tube', count: 1 },
    ];
    expect(
      kitNeeds([item('RK1', { contents, missing }), item('RK2', { contents, missing, withdrawn: 'Lost' })]),
    ).toEqual({
      parts: [{ itemId: 'tube', count: 1, tag: 'RK1' }],
      toBuy: [{ tag: 'RK1', name: 'Plugs', count: 2 }],
    });
  });
});

describe('what a group takes along', () => {
  it('is a helmet for each bike, a repair kit and a pump', () => {
    expect(kitWanted(group)).toEqual([
      { kind: 'helmet', count: 3 },
      { kind: 'repair-kit', count: 1 },
      { kind: 'pump', count: 1 },
    ]);
  });
  it('is spread over the sizes there are, the size with most first', () => {
    const items = ['S1', 'S2', 'S3', 'S4'].map((tag) => item(tag, { size: 'S' }));
    const large = ['L1', 'L2'].map((tag) => item(tag, { size: 'L' }));
    const [helmets] = proposeKit(group, [...large, ...items], TODAY);
    expect(helmets?.items.map(({ tag }) => tag)).toEqual(['S1', 'L1', 'S2']);
  });
  it('keeps what is packed for it, and says how many are lacking', () => {
    const own = item('H9', { whereabouts: 'packed', groupId: 'g' });
    const others = item('H1', { whereabouts: 'packed', groupId: 'x' });
    const [helmets] = proposeKit(group, [others, item('H2'), own], TODAY);
    expect(helmets).toMatchObject({ wanted: 3, lacking: 1 });
    expect(helmets?.items.map(({ tag }) => tag)).toEqual(['H9', 'H2']);
  });
  it('never has an item that may not be lent, is out, elsewhere or packed for others', () => {
    const drawn = fc.record({
      kind: fc.constantFrom(...KIT_KINDS),
      siteId: fc.constantFrom('s', 'other'),
      whereabouts: fc.constantFrom('in' as const, 'packed' as const, 'out' as const),
      groupId: fc.constantFrom(null, 'g', 'x'),
      damp: fc.boolean(),
      impactOn: fc.constantFrom(null, TODAY),
      expiresOn: fc.constantFrom(null, '2026-06-09', '2026-06-11'),
      withdrawn: fc.constantFrom(null, 'Lost'),
    });
    fc.assert(
      fc.property(fc.array(drawn, { maxLength: 30 }), (all) => {
        const items = all.map((each, at) => item(`I${at}`, each));
        for (const share of proposeKit(group, items, TODAY)) {
          expect(share.items.length + share.lacking).toBeGreaterThanOrEqual(share.wanted);
          for (const each of share.items) {
            expect(each).toMatchObject({ kind: share.kind, siteId: 's' });
            expect(kitProblems(each, TODAY)).toEqual([]);
            expect(each.whereabouts === 'in' || (each.whereabouts === 'packed' && each.groupId === 'g')).toBe(
              true,
            );
          }
        }
      }),
    );
  });
});
