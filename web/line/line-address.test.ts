import { describe, expect, it } from 'vitest';
import type { LineScope } from '@cadre/core/line';
import { lineQuery, readLineAddress } from './line-address';

describe('the address of a line', () => {
  it.each<LineScope>([
    { kind: 'checklist' },
    { kind: 'zone', zone: 'front-wheel' },
    { kind: 'checkpoint', checkpoint: 'tyre-pressure' },
  ])('names the same line when it is opened again: %o', (scope) => {
    const address = { tags: ['Q01', 'Q02'], checklistKey: 'pressures', scope, way: 'paper' as const };
    expect(readLineAddress(lineQuery(address))).toEqual(address);
  });
  it('is the ride-out of each kind when it names no checklist, and all of it when its part is unknown', () => {
    expect(readLineAddress({ bikes: 'Q1', of: 'zone:nowhere' })).toEqual({
      tags: ['Q1'],
      checklistKey: 'each-ride-out',
      scope: { kind: 'checklist' },
      way: 'line',
    });
  });
});
