import { describe, expect, it } from 'vitest';
import type { LineScope } from '@cadre/core/line';
import { lineQuery, readLineAddress } from './line-address';

describe('the address of a line', () => {
  it.each<LineScope>([
    { kind: 'sheet' },
    { kind: 'zone', zone: 'front-wheel' },
    { kind: 'checkpoint', checkpoint: 'tyre-pressure' },
  ])('names the same line when it is opened again: %o', (scope) => {
    const address = { tags: ['Q01', 'Q02'], sheetKey: 'pressures', scope, way: 'paper' as const };
    expect(readLineAddress(lineQuery(address))).toEqual(address);
  });
  it('is the ride-out of each kind when it names no sheet, and all of it when its part is unknown', () => {
    expect(readLineAddress({ bikes: 'Q1', of: 'zone:nowhere' })).toEqual({
      tags: ['Q1'],
      sheetKey: 'each-ride-out',
      scope: { kind: 'sheet' },
      way: 'line',
    });
  });
});
