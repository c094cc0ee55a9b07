import { describe, expect, it } from 'vitest';
import type { BatchScope } from '@cadre/core/batch-check';
import { batchQuery, readLineAddress } from './batch-address';

describe('the address of a batch', () => {
  it.each<BatchScope>([
    { kind: 'checklist' },
    { kind: 'zone', zone: 'front-wheel' },
    { kind: 'checkpoint', checkpoint: 'tyre-pressure' },
  ])('names the same batch when it is opened again: %o', (scope) => {
    const address = { tags: ['Q01', 'Q02'], checklistKey: 'pressures', scope, way: 'paper' as const };
    expect(readLineAddress(batchQuery(address))).toEqual(address);
  });
  it('is the ride-out of each kind when it names no checklist, and all of it when its part is unknown', () => {
    expect(readLineAddress({ bikes: 'Q1', of: 'zone:nowhere' })).toEqual({
      tags: ['Q1'],
      checklistKey: 'each-ride-out',
      scope: { kind: 'checklist' },
      way: 'batch',
    });
  });
});
