import { describe, expect, it } from 'vitest';
import { DAY_MS } from '@cadre/core/time';
import { demoMorning } from './program-clock';

const at = (time: string): number => Date.parse(time);
const LONDON = 'Europe/London';

describe('the morning a demo begins with', () => {
  it.each([
    ['in the afternoon', '2026-06-10T15:00:00Z', '2026-06-10T06:40:00Z'],
    ['before breakfast: yesterday’s', '2026-06-10T05:00:00Z', '2026-06-09T06:40:00Z'],
    ['at that minute', '2026-01-10T07:40:00Z', '2026-01-10T07:40:00Z'],
    ['on the day the clocks go back', '2026-10-25T12:00:00Z', '2026-10-25T07:40:00Z'],
  ])('%s is the last 07:40 at its site', (_when, now, morning) => {
    expect(new Date(demoMorning(at(now), LONDON)).toISOString()).toBe(new Date(at(morning)).toISOString());
  });

  it('is never ahead, and never more than a day and an hour back', () => {
    for (let hour = 0; hour < 24 * 365; hour += 1) {
      const now = at('2026-01-01T00:00:00Z') + hour * 3_600_000;
      const behind = now - demoMorning(now, LONDON);
      expect(behind).toBeGreaterThanOrEqual(0);
      expect(behind).toBeLessThan(DAY_MS + 3_600_001);
    }
  });
});
