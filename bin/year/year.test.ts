import { expect, it } from 'vitest';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { simulateYear } from './simulate';

it('a year of services is done by rule: none twice, none lost, none overdue past the next afternoon', () => {
  const fleet = (['hybrid', 'child', 'full-suspension', 'step-through'] as const).map((kind) => ({
    ...{ tag: kind, siteId: 's' },
    build: USUAL_BUILD[kind],
  }));
  const rows = simulateYear(fleet, [{ siteId: 's', climate: 'wet', from: '11-01', to: '03-31' }], 'UTC', 7);
  expect(rows.filter((row) => row.twice + row.unseen + row.lost > 0)).toEqual([]);
  const by = new Map(rows.map((row) => [row.service, row]));
  expect(by.get('Free and grease the seatpost')).toMatchObject({ bikes: 3, done: 12 });
  // Every day of the wet counts twice for it.
  expect(by.get('Measure the chain')?.daysBetween).toBeLessThan(60);
});
