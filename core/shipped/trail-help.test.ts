import { describe, expect, it } from 'vitest';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { faultsAt, reportHolds, reportPlaces } from '@cadre/core/reports';
import { trailCards } from './trail-help';

describe('help on the trail', () => {
  it.each(BIKE_KINDS)('of a %s says when to walk, and each ends where it can be reported', (kind) => {
    const build = USUAL_BUILD[kind];
    const cards = trailCards(build);
    expect(cards.length).toBeGreaterThan(4);
    for (const { key, steps, walk, zone, fault } of cards) {
      expect(steps.length, key).toBeGreaterThan(1);
      expect(walk, key).toMatch(/^(Walk|Stay away)/);
      expect(reportPlaces(build), key).toContain(zone);
      expect(faultsAt(zone), key).toContain(fault);
      expect(reportHolds({ zone, fault, canRide: false }), key).toBe(true);
    }
  });
  it('is of what the bike has', () => {
    const keys = (kind: 'child' | 'step-through' | 'hardtail') =>
      trailCards(USUAL_BUILD[kind]).map(({ key }) => key);
    expect(keys('step-through')).toContain('assist');
    expect(keys('hardtail')).not.toContain('assist');
    expect(trailCards({ ...USUAL_BUILD.hybrid, gears: 'hub-gear' }).map(({ key }) => key)).not.toContain(
      'hanger',
    );
  });
});
