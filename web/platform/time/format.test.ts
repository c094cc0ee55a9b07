import { describe, expect, it } from 'vitest';
import { clock, dayAndClock, dayWords, untilNow } from './format';

const at = (text: string): number => Date.parse(text);
const NOW = at('2026-06-10T12:00:00Z');

describe('times as people say them', () => {
  it.each([
    ['2026-06-10T06:05:00Z', 'Europe/London', 'today 07:05'],
    ['2026-06-09T23:30:00Z', 'Europe/London', 'today 00:30'],
    ['2026-06-09T22:30:00Z', 'Europe/London', 'yesterday 23:30'],
    ['2026-06-11T08:00:00Z', 'Europe/London', 'tomorrow 09:00'],
    ['2026-09-02T08:00:00Z', 'Europe/London', 'Wed 2 Sep, 09:00'],
    ['2025-06-10T12:00:00Z', 'Europe/London', 'Tue 10 Jun, 13:00'],
    ['2026-06-10T11:00:00Z', 'Pacific/Auckland', 'yesterday 23:00'],
  ])('%s at %s is %s', (time, zone, said) => expect(dayAndClock(at(time), NOW, zone)).toBe(said));

  it('know midnight from noon and the day the clocks change', () => {
    expect(clock(at('2026-06-10T23:00:00Z'), 'Europe/London')).toBe('00:00');
    expect(clock(at('2026-10-25T00:30:00Z'), 'Europe/London')).toBe('01:30');
    expect(clock(at('2026-10-25T01:30:00Z'), 'Europe/London')).toBe('01:30');
  });

  it('say days of the calendar, and spans', () => {
    expect(dayWords('2026-04-30')).toBe('30 Apr 2026');
    expect(untilNow(NOW + 80 * 60_000, NOW)).toBe('in 1 h 20 min');
    expect(untilNow(NOW - 25 * 60_000, NOW)).toBe('25 min ago');
  });
});
