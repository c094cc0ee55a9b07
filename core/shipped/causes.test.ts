import { expect, it } from 'vitest';
import { everyDayOf } from '@cadre/core/exposure';
import { causesByWords } from '@cadre/test-world/core';
import { causesOfFault } from './causes';
import { SHIPPED_CHECKLISTS } from './checklists';

const everyDay = everyDayOf(SHIPPED_CHECKLISTS);
const resting = new Map(
  SHIPPED_CHECKLISTS.filter(({ clears, afterRideOut }) => clears && !afterRideOut)
    .flatMap(({ items }) => items.map(({ checkpoint }) => checkpoint))
    .filter(({ key }) => !everyDay.has(key))
    .map((checkpoint) => [checkpoint.key, checkpoint]),
);
const faults = [...resting.values()].flatMap((checkpoint) =>
  checkpoint.faults.map((fault) => [checkpoint.key, fault] as const),
);

it('every fault of a ride-out has its causes stated, none fewer than its own words say', () => {
  expect(faults.length).toBeGreaterThan(150);
  for (const [key, fault] of faults) {
    const stated = causesOfFault(key, fault);
    expect(stated, `${key} ${fault.key}`).toBeDefined();
    expect(stated, `${key}: ${fault.name}`).toEqual(expect.arrayContaining([...causesByWords(fault)]));
  }
});

it('what a lead wrote anew under the same key is a fault nobody stated a cause of', () => {
  expect(causesOfFault('hub-play', { key: 'strong', name: 'Strong play' })).toEqual(['outing']);
  expect(causesOfFault('hub-play', { key: 'strong', name: 'Hub drags' })).toBeUndefined();
  expect(causesOfFault('own', { key: 'strong', name: 'Strong play' })).toBeUndefined();
});
