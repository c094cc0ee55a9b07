import { describe, expect, it } from 'vitest';
import { endOfSiteDay, isTimeZone, siteTimeToday, startOfSiteDay } from './index';

const at = (iso: string): number => Date.parse(iso);

describe('the site’s day', () => {
  it.each([
    ['Europe/London', '2026-07-01T22:30:00Z', '2026-07-01T22:59:59.999Z'],
    ['Europe/London', '2026-07-01T23:30:00Z', '2026-07-02T22:59:59.999Z'],
    ['Pacific/Auckland', '2026-07-01T11:59:00Z', '2026-07-01T11:59:59.999Z'],
    ['America/St_Johns', '2026-01-10T02:00:00Z', '2026-01-10T03:29:59.999Z'],
  ])('in %s at %s ends %s', (zone, now, end) => {
    expect(new Date(endOfSiteDay(at(now), zone)).toISOString()).toBe(end);
  });

  it('is an hour longer or shorter when the clocks change', () => {
    const length = (now: string): number =>
      endOfSiteDay(at(now), 'Europe/London') + 1 - startOfSiteDay(at(now), 'Europe/London');
    expect(length('2026-03-29T12:00:00Z')).toBe(23 * 3_600_000);
    expect(length('2026-10-25T12:00:00Z')).toBe(25 * 3_600_000);
  });

  it('opens by the site’s own clock', () => {
    expect(
      new Date(siteTimeToday(at('2026-07-01T22:30:00Z'), 'Pacific/Auckland', '09:00')).toISOString(),
    ).toBe('2026-07-01T21:00:00.000Z');
  });

  it('knows a time zone from a made-up one', () => {
    expect([isTimeZone('Europe/London'), isTimeZone('Lapwing/Quay')]).toEqual([true, false]);
  });
});
