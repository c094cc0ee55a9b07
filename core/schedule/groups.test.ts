import { HOUR_MS } from '@cadre/core/time';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  coverGroups,
  readGroupLine,
  readGroupLines,
  readWants,
  serves,
  siteDay,
  standsIn,
  siteTimeOn,
  type Group,
  type Stock,
  type Want,
} from '.';

const NOW = Date.UTC(2026, 5, 10, 7);
const want = (count: number, size = '', kind: Want['kind'] = null): Want => ({ count, size, kind });
const group = (id: string, from: number, to: number, ...wants: Want[]): Group => ({
  id,
  siteId: 's',
  name: id,
  outAt: NOW + from * HOUR_MS,
  backAt: NOW + to * HOUR_MS,
  wants,
});
let made = 0;
const stock = (count: number, size: string, kind: Stock['kind'], more: Partial<Stock> = {}): Stock[] =>
  Array.from({ length: count }, () => ({
    id: `b${(made += 1)}`,
    siteId: 's',
    kind,
    size,
    ready: true,
    ...more,
  }));

describe('how far the bikes go round', () => {
  it('counts what is cleared for each group and what is short, by size', () => {
    const [first] = coverGroups(
      [group('a', 1, 2, want(4, '24 in'), want(2, 'M', 'hybrid'))],
      [...stock(3, '24"', 'child'), ...stock(5, 'm', 'hybrid'), ...stock(2, 'M', 'hardtail')],
      NOW,
    );
    expect(first).toMatchObject({ needed: 6, cleared: 5 });
    expect(first?.wants.map((each) => [each.cleared, each.short])).toEqual([
      [3, 1],
      [2, 0],
    ]);
  });

  it('gives a bike once to groups that overlap, and again to one that goes out after it is back', () => {
    const covers = coverGroups(
      [group('late', 3, 4, want(2)), group('first', 1, 2, want(2)), group('second', 1.5, 2.5, want(2))],
      stock(3, 'M', 'hybrid'),
      NOW,
    );
    expect(covers.map((cover) => [cover.group.id, cover.cleared])).toEqual([
      ['first', 2],
      ['second', 1],
      ['late', 2],
    ]);
  });

  it('takes nothing that is out, not fit, or at another site', () => {
    expect(
      coverGroups(
        [group('a', 1, 2, want(3))],
        [
          ...stock(1, 'M', 'hybrid'),
          ...stock(1, 'M', 'hybrid', { ready: false }),
          ...stock(1, 'M', 'hybrid', { siteId: 't' }),
        ],
        NOW,
      )[0]?.cleared,
    ).toBe(1);
  });

  it('leaves the rarer bike to the line that needs it', () => {
    // Greedy would give "any" the only M.
    const [cover] = coverGroups(
      [group('a', 1, 2, want(1), want(1, 'M'))],
      [...stock(1, 'M', 'hybrid'), ...stock(1, 'L', 'hybrid')],
      NOW,
    );
    expect(cover?.cleared).toBe(2);
  });

  it('leaves the only hybrid to the later group that asked for it, whatever “any” went out before', () => {
    const bikes = [...stock(1, 'M', 'hybrid'), ...stock(1, 'M', 'hardtail')];
    const covers = coverGroups(
      [group('a', 1, 4, want(1)), group('b', 2, 3, want(1, '', 'hybrid'))],
      bikes,
      NOW,
    );
    expect(covers.map((cover) => cover.cleared)).toEqual([1, 1]);
  });

  it('serves the earlier departure where one has to go without', () => {
    const covers = coverGroups(
      [group('late', 2, 4, want(1)), group('early', 1, 3, want(1))],
      stock(1, 'M', 'hybrid'),
      NOW,
    );
    expect(covers.map((cover) => [cover.group.id, cover.cleared])).toEqual([
      ['early', 1],
      ['late', 0],
    ]);
  });

  it('has a bike that is back exactly when the next group goes, and one that is ready exactly then', () => {
    const next = coverGroups(
      [group('a', 1, 2, want(1)), group('b', 2, 3, want(1))],
      stock(1, 'M', 'hybrid'),
      NOW,
    );
    expect(next.map((cover) => cover.cleared)).toEqual([1, 1]);
    const ready = (at: number) =>
      coverGroups(
        [group('a', 1, 2, want(1))],
        stock(1, 'M', 'hybrid', { ready: false, readyAt: NOW + at }),
        NOW,
      )[0]?.cleared;
    expect([ready(HOUR_MS), ready(HOUR_MS + 1)]).toEqual([1, 0]);
  });

  it('gives a group another bike where that frees one for a later group, though the next one to take it goes as this one is back', () => {
    const bikes = [...stock(1, 'S', 'child'), ...stock(1, 'S', 'hybrid'), ...stock(1, 'M', 'hybrid')];
    const coming = [
      group('b', 1, 4, want(1, '', 'hybrid')),
      group('c', 2, 5, want(1, 'S')),
      group('d', 4, 6, want(1, 'M', 'hybrid')),
      group('e', 4.5, 7, want(1, 'S', 'child')),
    ];
    expect(coverGroups(coming, bikes, NOW).map((cover) => cover.cleared)).toEqual([1, 1, 1, 1]);
    // Gone half an hour before it is back, it is out twice at once: one goes without.
    const early = coming.map((each) => (each.id === 'd' ? group('d', 3.5, 6, ...each.wants) : each));
    expect(coverGroups(early, bikes, NOW).map((cover) => cover.cleared)).toEqual([1, 1, 1, 0]);
  });

  it('tells the same whatever order the groups come in, one after the other where they go at once', () => {
    const [a, b] = [group('a', 1, 3, want(1)), group('b', 1, 3, want(1))];
    for (const coming of [
      [a, b],
      [b, a],
    ])
      expect(
        coverGroups(coming, stock(1, 'M', 'hybrid'), NOW).map((cover) => [cover.group.id, cover.cleared]),
      ).toEqual([
        ['a', 1],
        ['b', 0],
      ]);
  });

  it('looks past its own group for time: one bike goes out twice in a row while another is away all day', () => {
    const covers = coverGroups(
      [
        group('day', 1, 9, want(1)),
        group('morning', 1, 3, want(1)),
        group('noon', 3, 5, want(1)),
        group('both', 4, 6, want(1)),
      ],
      stock(2, 'M', 'hybrid'),
      NOW,
    );
    expect(covers.map((cover) => [cover.group.id, cover.cleared])).toEqual([
      ['day', 1],
      ['morning', 1],
      ['noon', 1],
      ['both', 0],
    ]);
  });

  it.each([
    ['exact', 0],
    ['one-up', 1],
    ['one-down', 1],
    ['one-either-way', 2],
  ] as const)('lets another size stand in as the policy says: %s', (substitution, extra) => {
    const bikes = [
      ...stock(1, '24 in', 'child'),
      ...stock(1, '26 in', 'child'),
      ...stock(1, '20 in', 'child'),
      ...stock(1, '16 in', 'child'),
    ];
    const [cover] = coverGroups([group('a', 1, 2, want(4, '24"', 'child'))], bikes, NOW, substitution);
    expect(cover).toMatchObject({ cleared: 1 + extra, wants: [{ standIns: extra, short: 3 - extra }] });
  });

  it('lets nothing stand in that cannot be compared, is of another kind, or was asked for in no size', () => {
    expect(standsIn({ kind: 'hybrid', size: 'L' }, want(1, 'M', 'hybrid'), 'one-up')).toBe(true);
    expect(standsIn({ kind: 'hybrid', size: 'L' }, want(1, 'M', 'hardtail'), 'one-up')).toBe(false);
    expect(standsIn({ kind: 'hybrid', size: 'XL' }, want(1, 'M', 'hybrid'), 'one-either-way')).toBe(false);
    expect(standsIn({ kind: 'hybrid', size: '54' }, want(1, 'M', 'hybrid'), 'one-either-way')).toBe(false);
    expect(standsIn({ kind: 'hybrid', size: 'L' }, want(1), 'one-either-way')).toBe(false);
    // The size asked for goes out first.
    const [cover] = coverGroups(
      [group('a', 1, 2, want(1, 'M'))],
      [...stock(1, 'L', 'hybrid'), ...stock(1, 'M', 'hybrid')],
      NOW,
      'one-up',
    );
    expect(cover?.wants[0]?.standIns).toBe(0);
  });

  it('loses no bike over groups that are out together, and serves who goes first (against trying everything)', () => {
    const kinds = ['hybrid', 'child'] as const;
    const wants = fc.array(
      fc.record({
        count: fc.integer({ min: 1, max: 2 }),
        size: fc.constantFrom('', 'S', 'M'),
        kind: fc.constantFrom(null, ...kinds),
      }),
      { minLength: 1, maxLength: 2 },
    );
    const bikes = fc.array(fc.record({ size: fc.constantFrom('S', 'M'), kind: fc.constantFrom(...kinds) }), {
      maxLength: 4,
    });
    fc.assert(
      fc.property(wants, wants, bikes, (first, second, there) => {
        const own = there.map((bike, index): Stock => ({
          id: String(index),
          siteId: 's',
          ready: true,
          ...bike,
        }));
        const units = [first, second].flatMap((list, of) =>
          list.flatMap((each) => Array.from({ length: each.count }, () => ({ of, want: each }))),
        );
        /** The best over all, and of that the most for the first group. */
        const best = (left: typeof units, free: readonly Stock[]): readonly [number, number] => {
          const [unit, ...rest] = left;
          if (!unit) return [0, 0];
          const ways = free
            .filter((bike) => serves(bike, unit.want))
            .map((bike) => {
              const [all, early] = best(
                rest,
                free.filter((other) => other !== bike),
              );
              return [all + 1, early + (unit.of === 0 ? 1 : 0)] as const;
            });
          return [best(rest, free), ...ways].reduce((a, b) =>
            b[0] > a[0] || (b[0] === a[0] && b[1] > a[1]) ? b : a,
          );
        };
        const covers = coverGroups(
          [group('first', 1, 3, ...first), group('second', 2, 4, ...second)],
          own,
          NOW,
        );
        expect([covers.reduce((sum, cover) => sum + cover.cleared, 0), covers[0]?.cleared]).toEqual(
          best(units, own),
        );
      }),
      { numRuns: 150 },
    );
  });

  it('forgets groups that are back', () => {
    expect(
      coverGroups([group('gone', -3, -1, want(1)), group('just back', -3, 0, want(1))], [], NOW),
    ).toEqual([]);
  });

  it('covers as much of one group as can be covered at all (against trying everything)', () => {
    const sizes = ['S', 'M', 'L'];
    const wants = fc.array(
      fc.record({
        count: fc.integer({ min: 1, max: 3 }),
        size: fc.constantFrom('', ...sizes),
        kind: fc.constantFrom(null, 'hybrid' as const, 'child' as const),
      }),
      { minLength: 1, maxLength: 3 },
    );
    const bikes = fc.array(
      fc.record({
        size: fc.constantFrom(...sizes),
        kind: fc.constantFrom('hybrid' as const, 'child' as const),
      }),
      {
        maxLength: 5,
      },
    );
    const most = (units: readonly Want[], left: readonly Stock[]): number => {
      const [first, ...rest] = units;
      if (!first) return 0;
      return Math.max(
        most(rest, left),
        ...left
          .filter((bike) => serves(bike, first))
          .map(
            (bike) =>
              1 +
              most(
                rest,
                left.filter((other) => other !== bike),
              ),
          ),
      );
    };
    fc.assert(
      fc.property(wants, bikes, (wanted, there) => {
        const own = there.map((bike, index): Stock => ({
          id: String(index),
          siteId: 's',
          ready: true,
          ...bike,
        }));
        const units = wanted.flatMap((each) => Array.from({ length: each.count }, () => each)).slice(0, 6);
        fc.pre(units.length === wanted.reduce((sum, each) => sum + each.count, 0));
        expect(coverGroups([group('g', 1, 2, ...wanted)], own, NOW)[0]?.cleared).toBe(most(units, own));
      }),
      { numRuns: 60 },
    );
  });
});

describe('what a line wants', () => {
  it.each([
    ['8 x 24in, 4 hybrid M and 2 trikes', [want(8, '24 in'), want(4, 'M', 'hybrid'), want(2, '', 'trike')]],
    ['two cargo bikes', [want(2, '', 'cargo')]],
    ['12', [want(12)]],
    ['1 hybrid', [want(1, '', 'hybrid')]],
    ['500 hybrids', [want(500, '', 'hybrid')]],
    ['3×20"', [want(3, '20 in')]],
    ['5 e-bikes', [want(5, '', 'step-through')]],
    ['6 adult bikes L', [want(6, 'L')]],
  ])('“%s”', (text, wants) => {
    expect(readWants(text)).toEqual({ wants, unread: [] });
  });
  it('names the pieces nobody can read', () => {
    expect(readWants('0 hybrids, 501 hybrids').unread).toEqual(['0 hybrids', '501 hybrids']);
    expect(readWants('8 x 24in, some tandems, 900 hybrids')).toEqual({
      wants: [want(8, '24 in')],
      unread: ['some tandems', '900 hybrids'],
    });
  });
});

describe('a pasted list', () => {
  it.each([
    [
      '09:30-11:30 Year 5: 8 x 24in, 2 x 20in',
      {
        name: 'Year 5',
        out: '09:30',
        back: '11:30',
        day: null,
        wants: [want(8, '24 in'), want(2, '20 in')],
        unread: [],
      },
    ],
    [
      'Evening club\t18:00\t20:15\t6 hardtail M',
      { name: 'Evening club', out: '18:00', back: '20:15', wants: [want(6, 'M', 'hardtail')] },
    ],
    [
      '2026-06-12 1-3 pm Family hire: 4 hybrid',
      { name: 'Family hire', day: '2026-06-12', out: '13:00', back: '15:00', wants: [want(4, '', 'hybrid')] },
    ],
    ['11-1 pm Family hire: 2 hybrid', { out: '11:00', back: '13:00' }],
    ['9:30-1 pm Family hire: 2 hybrid', { out: '09:30', back: '13:00' }],
    ['10 - 12 pm Family hire: 2 hybrid', { out: '10:00', back: '12:00' }],
    ['12-2 pm Family hire: 2 hybrid', { out: '12:00', back: '14:00' }],
    ['11 am - 1 Family hire: 2 hybrid', { out: '11:00', back: '13:00' }],
    ['9 am - 11 Family hire: 2 hybrid', { out: '09:00', back: '11:00' }],
    ['1 pm - 3 Family hire: 2 hybrid', { out: '13:00', back: '15:00' }],
    [
      '2026-02-30 9:00-10:00 Club: 2 hybrid',
      { day: null, name: 'Club', out: '09:00', unread: ['2026-02-30'] },
    ],
    ['2026-13-01 9:00-10:00 Club: 2 hybrid', { day: null, unread: ['2026-13-01'] }],
    ['2028-02-29 9:00-10:00 Club: 2 hybrid', { day: '2028-02-29', unread: [] }],
    ['9-9 pm Family hire: 2 hybrid', { out: '09:00', back: '21:00' }],
    ['23:00-23:59 Night ride: 2 hybrid', { out: '23:00', back: '23:59' }],
    ['23:00-24:00 Night ride: 2 hybrid', { out: '23:00', back: null }],
    ['22:00-22:60 Night ride: 2 hybrid', { out: '22:00', back: null }],
    ['9:00-10:00 8 hybrids: Hill school', { name: 'Hill school', wants: [want(8, '', 'hybrid')] }],
    ['9:00-10:00 Blue 8 hybrids: 4 trikes', { name: 'Blue 8 hybrids', wants: [want(4, '', 'trike')] }],
    ['School visit', { name: 'School visit', out: null, back: null, wants: [], unread: [] }],
    ['10:00 to 12:00 Scouts: nine camels', { name: 'Scouts', out: '10:00', unread: ['nine camels'] }],
  ])('%s', (text, line) => {
    expect(readGroupLine(text)).toMatchObject(line);
  });
  it('is read line by line, blank ones left out', () => {
    expect(readGroupLines('a 9:00-10:00: 1 hybrid\r\n\r\nb 10:00-11:00: 2 hybrid\n')).toHaveLength(2);
  });
});

describe('days and clocks of a site', () => {
  it('hold across a change of the clock', () => {
    expect(siteTimeOn('2026-03-29', 'Europe/London', '09:00')).toBe(Date.UTC(2026, 2, 29, 8));
    expect(siteTimeOn('2026-03-28', 'Europe/London', '09:00')).toBe(Date.UTC(2026, 2, 28, 9));
    expect(siteDay(Date.UTC(2026, 5, 10, 23, 30), 'Europe/London')).toBe('2026-06-11');
    expect(siteDay(Date.UTC(2026, 5, 10, 23, 30), 'America/New_York')).toBe('2026-06-10');
  });
});
