import { describe, expect, it } from 'vitest';
import { ZONES } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { faultsAt, isSameReport, REPORT_FAULTS, reportHolds, reportPlaces } from '.';

const PLACES = [null, ...ZONES];

describe('a report', () => {
  it.each([
    ['front-brake', 'weak'],
    ['rear-brake', 'noisy'],
    ['fork-headset', 'loose'],
    ['cockpit', 'loose'],
    ['front-wheel', 'flat'],
    ['rear-wheel', 'bent'],
    ['frame', 'noisy'],
    ['rear-suspension', 'stiff'],
    ['cranks-pedals', 'noisy'],
    ['saddle-post', 'too-low'],
    ['assist', 'hot'],
    ['accessories', 'child-seat'],
    ['accessories', 'trailer-hitch'],
    [null, 'crash'],
    [null, 'other'],
  ] as const)('of %s, %s, holds the bike though the rider goes on', (zone, fault) => {
    expect(reportHolds({ zone, fault, canRide: true })).toBe(true);
  });

  it.each([
    ['drivetrain', 'chain-off'],
    ['drivetrain', 'noisy'],
    ['accessories', 'light'],
    ['accessories', 'bell'],
  ] as const)('of %s, %s, holds it only where the rider cannot go on', (zone, fault) => {
    expect(reportHolds({ zone, fault, canRide: true })).toBe(false);
    expect(reportHolds({ zone, fault, canRide: false })).toBe(true);
  });

  it('can always be of something else, and offers every fault somewhere', () => {
    for (const zone of PLACES) expect(faultsAt(zone)).toContain('other');
    expect(new Set(PLACES.flatMap((zone) => faultsAt(zone)))).toEqual(new Set(REPORT_FAULTS));
  });

  it('is offered the places its bike has, none that lies off it', () => {
    for (const kind of BIKE_KINDS) {
      const places = reportPlaces(USUAL_BUILD[kind]);
      expect(places, kind).toEqual(
        expect.arrayContaining(['front-wheel', 'front-brake', 'frame', 'drivetrain']),
      );
      expect(places, kind).not.toContain('off-bike');
      expect(places.includes('assist'), kind).toBe(USUAL_BUILD[kind].assist !== 'none');
    }
  });

  it('is the same as another of one place and fault', () => {
    const weak = { zone: 'front-brake', fault: 'weak' } as const;
    expect(isSameReport(weak, { ...weak })).toBe(true);
    expect(isSameReport(weak, { ...weak, zone: 'rear-brake' })).toBe(false);
    expect(isSameReport(weak, { ...weak, fault: 'rubs' })).toBe(false);
  });
});
