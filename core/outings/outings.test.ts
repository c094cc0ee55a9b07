import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONDITIONS, DEFAULT_POLICY } from '@cadre/core/catalogue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { serves, SIZE_SUBSTITUTIONS, standsIn, type Group, type Want } from '@cadre/core/schedule';
import { HOUR_MS } from '@cadre/core/time';
import { alternativesFor, isLate, proposeBikes, RETURN_WAYS, triageReturn, type ReadyBike } from '.';

const NOW = Date.UTC(2026, 5, 10, 7);
const want = (count: number, size = '', kind: Want['kind'] = null): Want => ({ count, size, kind });
const group = (id: string, from: number, ...wants: Want[]): Group => ({
  ...{ id, siteId: 's', name: id, wants },
  outAt: NOW + from * HOUR_MS,
  backAt: NOW + (from + 2) * HOUR_MS,
});
const bike = (id: string, more: Partial<ReadyBike> = {}): ReadyBike => ({
  ...{ id, siteId: 's', kind: 'hybrid', size: 'M', outings: 0, place: 0 },
  ...more,
});
const given = (groups: Group[], bikes: ReadyBike[], kept?: ReadonlyMap<string, readonly string[]>) =>
  proposeBikes(groups, bikes, 'one-either-way', kept).map((each) => each.places.map((place) => place.bikeId));

describe('the bikes proposed to groups', () => {
  it('are the least worn first, and of equally worn ones the nearest', () => {
    const bikes = [
      bike('worn', { outings: 12 }),
      bike('far', { outings: 1, place: 9 }),
      bike('near', { outings: 2, place: 4 }),
    ];
    expect(given([group('a', 1, want(2))], bikes)).toEqual([['near', 'far']]);
  });

  it('are of the size asked for before one that stands in, and say which stand in', () => {
    const [first] = proposeBikes(
      [group('a', 1, want(2, 'M'))],
      [bike('large', { size: 'L' }), bike('medium', { outings: 30 })],
      'one-up',
    );
    expect(first?.places.map(({ bikeId, standsIn: other }) => [bikeId, other])).toEqual([
      ['medium', false],
      ['large', true],
    ]);
  });

  it('leave the only one of a kind to whoever asks for it, in the group and after it', () => {
    const trike = bike('trike', { kind: 'trike', size: '' });
    const hybrid = bike('hybrid', { outings: 9 });
    expect(given([group('a', 1, want(1), want(1, '', 'trike'))], [trike, hybrid])).toEqual([
      ['trike', 'hybrid'],
    ]);
    expect(given([group('a', 1, want(1)), group('b', 2, want(1, '', 'trike'))], [trike, hybrid])).toEqual([
      ['hybrid'],
      ['trike'],
    ]);
  });

  it('are there again for a group that goes once the first is back', () => {
    expect(
      given([group('a', 1, want(1)), group('b', 3, want(1)), group('c', 4, want(1))], [bike('one')]),
    ).toEqual([['one'], ['one'], [null]]);
  });

  it('keep what somebody chose by hand in its group', () => {
    const bikes = [bike('first'), bike('second', { place: 1 }), bike('third', { outings: 50 })];
    const kept = new Map([['b', ['first', 'third']]]);
    const [a, b] = given([group('a', 1, want(2)), group('b', 2, want(2))], bikes, kept);
    expect(a).toEqual(['second', null]);
    expect(b?.toSorted()).toEqual(['first', 'third']);
  });

  it('are never one bike twice, one that does not serve, nor fewer than could be had', () => {
    const drawnBike = fc.record({
      kind: fc.constantFrom(...BIKE_KINDS.slice(0, 3)),
      size: fc.constantFrom('S', 'M', 'L'),
      outings: fc.nat(20),
      place: fc.nat(50),
    });
    const drawnWant = fc.record({
      count: fc.integer({ min: 1, max: 3 }),
      kind: fc.option(fc.constantFrom(...BIKE_KINDS.slice(0, 3)), { nil: null }),
      size: fc.constantFrom('', 'S', 'M'),
    });
    fc.assert(
      fc.property(
        fc.array(drawnBike, { maxLength: 6 }),
        fc.array(fc.array(drawnWant, { minLength: 1, maxLength: 2 }), { minLength: 1, maxLength: 2 }),
        fc.constantFrom(...SIZE_SUBSTITUTIONS),
        (drawn, wants, substitution) => {
          const bikes = drawn.map((each, at) => bike(`b${at}`, each));
          const groups = wants.map((each, at) => group(`g${at}`, at + 1, ...each));
          const places = proposeBikes(groups, bikes, substitution).flatMap((each) => each.places);
          const ids = places.flatMap(({ bikeId }) => bikeId ?? []);
          expect(new Set(ids).size).toBe(ids.length);
          const suits = (one: ReadyBike, of: Want): boolean =>
            serves(one, of) || standsIn(one, of, substitution);
          for (const place of places) {
            const one = bikes.find(({ id }) => id === place.bikeId);
            if (one) expect(suits(one, place.want)).toBe(true);
          }
          expect(ids.length).toBe(
            mostServed(
              places.map((place) => place.want),
              bikes,
              suits,
            ),
          );
        },
      ),
      { numRuns: 300 },
    );
  });

  it('can be swapped for any other that suits and is not taken', () => {
    const bikes = [bike('a'), bike('b', { kind: 'cargo' }), bike('c', { size: 'L' }), bike('d')];
    const others = alternativesFor(group('g', 1), want(1, 'M', 'hybrid'), bikes, 'one-up', new Set(['d']));
    expect(others.map(({ id }) => id)).toEqual(['a', 'c']);
  });
});

/** The most places that can have a bike, by trying everything. */
function mostServed(
  wants: readonly Want[],
  bikes: readonly ReadyBike[],
  suits: (bike: ReadyBike, want: Want) => boolean,
): number {
  const [first, ...rest] = wants;
  if (!first) return 0;
  return Math.max(
    mostServed(rest, bikes, suits),
    ...bikes
      .filter((each) => suits(each, first))
      .map(
        (each) =>
          1 +
          mostServed(
            rest,
            bikes.filter((other) => other !== each),
            suits,
          ),
      ),
  );
}

describe('a bike that is back', () => {
  const { returns } = DEFAULT_POLICY;
  it.each([
    ['fine', 'dry', 1, null],
    ['hard', 'dry', 1, 'hard'],
    ['fine', 'wet', 1, 'conditions'],
    ['fine', 'salt', 1, 'conditions'],
    ['problem', 'mud', 1, 'conditions'],
    ['problem', 'dry', 1, null],
    ['fine', 'dry', 19, null],
    ['fine', 'dry', 20, 'outings'],
    ['incident', 'mud', 40, null],
  ] as const)('%s, in %s, the outing number %s: %s', (way, conditions, outingsSince, due) => {
    expect(triageReturn({ way, conditions, outingsSince }, returns)).toBe(due);
  });

  it('is due for nothing more where the policy wants nothing', () => {
    const never = { afterHard: false, conditions: [], everyOutings: null };
    for (const way of RETURN_WAYS)
      for (const conditions of CONDITIONS)
        expect(triageReturn({ way, conditions, outingsSince: 999 }, never)).toBeNull();
  });

  it('is late once it should have been back, until it is', () => {
    expect(isLate({ dueBackAt: NOW, backAt: null }, NOW)).toBe(false);
    expect(isLate({ dueBackAt: NOW, backAt: null }, NOW + 1)).toBe(true);
    expect(isLate({ dueBackAt: NOW, backAt: NOW + 5 }, NOW + 9)).toBe(false);
    expect(isLate({ dueBackAt: null, backAt: null }, NOW)).toBe(false);
  });
});
