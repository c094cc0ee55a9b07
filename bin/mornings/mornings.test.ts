import { expect, it } from 'vitest';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { causesOfFault } from '@cadre/core/shipped';
import { simulateMornings } from './simulate';

const fleet = (['child', 'hybrid', 'hardtail', 'trike'] as const).map((kind) => ({
  tag: kind,
  build: USUAL_BUILD[kind],
}));

it.each([true, false])(
  'no planted fault is left unasked, and the mornings are shorter; locked away: %s',
  (lockedAway) => {
    const mornings = simulateMornings(fleet, { seed: 1, days: 120, lockedAway });
    expect(mornings.planted).toBeGreaterThan(40);
    expect(mornings.unasked).toEqual([]);
    expect(mornings.minutesAsked).toBeLessThan(mornings.minutesWhole);
  },
);

it('finds out a table of causes that forgets what a hand can do', () => {
  const forgetful = (...fault: Parameters<typeof causesOfFault>) =>
    causesOfFault(...fault)?.filter((cause) => cause !== 'handling');
  const { unasked } = simulateMornings(fleet, { seed: 1, days: 120, lockedAway: false, causesOf: forgetful });
  expect(unasked.length).toBeGreaterThan(0);
});
