import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boltOrder, convert, handForce, torqueFor, UNITS, wrenchSetting, type WrittenUnit } from '.';
import { valueOf, wrongFields } from '@cadre/test-world/core';

const of = (name: string, value: number) => ({ of: name, value });

describe('the torque of a joint', () => {
  it('with a stem of 6 and a bar clamp of 5 at most, 10 % under, is 4.5 N m: 39.8 in lbf, 30 N on 150 mm', () => {
    const answer = valueOf(torqueFor([of('part', 6), of('bar', 5)], [], 0.1));
    expect(answer).toMatchObject({ kind: 'target', target: 4.5, ceiling: of('bar', 5), floor: null });
    if (answer.kind !== 'target') return;
    expect(answer.stages).toEqual([2.25, 3.6, 4.5]);
    expect(convert(answer.target, 'N m', 'in lbf')).toBeCloseTo(39.8, 1);
    expect(valueOf(handForce(answer.target, 150))).toBeCloseTo(30, 9);
  });
  it('with a post of 6.5, a frame of 6.0 at most and 6.2 at least is a conflict', () =>
    expect(valueOf(torqueFor([of('part', 6.5), of('clamp', 6)], [of('part', 6.2)], 0))).toEqual({
      kind: 'conflict',
      ceiling: of('clamp', 6),
      floor: of('part', 6.2),
    }));
  it('of figures that are alike names the first', () =>
    expect(valueOf(torqueFor([of('part', 5), of('bar', 5)], [of('part', 4), of('bar', 4)], 0))).toMatchObject(
      {
        ceiling: { of: 'part' },
        floor: { of: 'part' },
      },
    ));
  it.each([
    [[6], [], 0, 6],
    [[6, 5, 8], [4], 0, 5],
    [[6], [5.7], 0.1, 5.7],
    [[6], [5], 0.1, 5.4],
    [[6], [6], 0.1, 6],
    [[40], [35, 38], 0.3, 38],
  ])('at most %o, at least %o, %d under: %d', (maxima, minima, margin, target) => {
    const stated = (values: readonly number[]) => values.map((value) => of('part', value));
    expect(valueOf(torqueFor(stated(maxima), stated(minima), margin))).toMatchObject({
      kind: 'target',
      target,
    });
  });
  it.each([
    [torqueFor([], [], 0), ['maxima']],
    [torqueFor([of('part', 0.1)], [], 0), ['maxima.0']],
    [torqueFor([of('part', 5)], [of('part', 90)], 0.4), ['minima.0', 'margin']],
    [torqueFor([of('part', Number.NaN)], [], 0), ['maxima.0']],
  ])('what cannot be is refused (%#)', (answer, fields) => expect(wrongFields(answer)).toEqual(fields));
  it('is never over any stated maximum', () => {
    const values = fc.array(fc.double({ min: 0.5, max: 80, noNaN: true }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(values, values, fc.double({ min: 0, max: 0.3, noNaN: true }), (maxima, minima, margin) => {
        const answer = valueOf(
          torqueFor(
            maxima.map((each) => of('part', each)),
            minima.map((each) => of('part', each)),
            margin,
          ),
        );
        if (answer.kind === 'target') expect(maxima.every((most) => answer.target <= most)).toBe(true);
        else expect(Math.min(...maxima) < Math.max(...minima)).toBe(true);
      }),
    );
  });
});

describe('a wrench', () => {
  it.each([
    [5, 150, 0, 5],
    [5, 150, 50, 3.75],
    [40, 400, 40, 400 / 11],
  ])('for %d N m, %d mm long, %d mm on, is set to %d', (target, length, adapter, set) =>
    expect(valueOf(wrenchSetting(target, length, adapter))).toBeCloseTo(set, 9),
  );
  it.each([
    [wrenchSetting(0, 150, 0), ['target']],
    [wrenchSetting(5, 49, 501), ['wrench', 'adapter']],
    [handForce(101, 1501), ['target', 'wrench']],
  ])('of no such length is refused (%#)', (answer, fields) => expect(wrongFields(answer)).toEqual(fields));
});

describe('the order of bolts', () => {
  it.each([
    [1, [1]],
    [2, [1, 2]],
    [3, [1, 2, 3]],
    [4, [1, 3, 2, 4]],
    [5, [1, 3, 5, 2, 4]],
    [6, [1, 4, 2, 5, 3, 6]],
    [7, [1, 4, 7, 3, 6, 2, 5]],
  ])('of %d is %o', (bolts, order) => expect(valueOf(boltOrder(bolts))).toEqual(order));
  it('names every bolt once', () => {
    for (let bolts = 1; bolts <= 12; bolts++)
      expect([...valueOf(boltOrder(bolts))].sort((a, b) => a - b)).toEqual(
        Array.from({ length: bolts }, (_, at) => at + 1),
      );
  });
  it.each([0, 13, 4.5])('of %d is refused', (bolts) =>
    expect(wrongFields(boltOrder(bolts))).toEqual(['bolts']),
  );
});

describe('units', () => {
  it.each([
    [1, 'bar', 'kPa', 100],
    [35, 'psi', 'kPa', 241.3165],
    [1, 'in', 'mm', 25.4],
    [4.5, 'N m', 'in lbf', 39.828357],
    [10, 'N m', 'ft lbf', 7.37562],
    [50.6, 'kg', 'lb', 111.5539],
    [2, 'd', 'h', 48],
    [10, 'mi', 'km', 16.09344],
    [3, 'cm', 'in', 1.181102],
  ] as const)('%d %s in %s', (value, from, to, other) =>
    expect(convert(value, from, to)).toBeCloseTo(other, 4),
  );
  it('come back the way they went', () => {
    const units = Object.keys(UNITS) as WrittenUnit[];
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.constantFrom(...units),
        fc.double({ min: 0.001, max: 1e4, noNaN: true }),
        (from, to, value) => {
          if (UNITS[from][0] !== UNITS[to][0]) expect(() => convert(value, from, to)).toThrow();
          else expect(convert(convert(value, from, to), to, from) / value).toBeCloseTo(1, 12);
        },
      ),
    );
  });
});
