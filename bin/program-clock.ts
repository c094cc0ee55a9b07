import type { DataSource } from 'typeorm';
import { siteTimeToday, startOfSiteDay } from '@cadre/core/schedule';
import type { Settings } from '@cadre/server/platform/settings';

/** The time a demo begins: the last 07:40 at its site, when the morning is half done. */
export function demoMorning(now: number, timeZone: string): number {
  const today = siteTimeToday(now, timeZone, '07:40');
  return today <= now ? today : siteTimeToday(startOfSiteDay(now, timeZone) - 1, timeZone, '07:40');
}

/** The machine's clock, or one that starts at a set time and runs on. */
function machineClock(start: string | null): () => number {
  if (!start) return Date.now;
  const offset = Date.parse(start) - Date.now();
  return () => Date.now() + offset;
}

/**
 * The clock a program goes by: the machine's, and for a demo as far behind it as it was when it was seeded. A clock set by hand is taken as
 * it is.
 */
export async function programClock(
  source: DataSource,
  settings: Pick<Settings, 'clock'>,
): Promise<() => number> {
  const clock = machineClock(settings.clock);
  if (settings.clock) return clock;
  const rows = (await source.query('SELECT behindMs FROM demo_clock')) as { behindMs: string | number }[];
  const behindMs = Number(rows[0]?.behindMs ?? 0);
  return () => clock() - behindMs;
}

/** Sets the demo's clock back to its morning, once, before it is filled; gives the time it then shows. */
export async function setDemoClock(
  source: DataSource,
  settings: Pick<Settings, 'clock'>,
  timeZone: string,
): Promise<number> {
  const now = machineClock(settings.clock)();
  if (settings.clock) return now;
  const morning = demoMorning(now, timeZone);
  await source.query('REPLACE INTO demo_clock (one, behindMs) VALUES (1, ?)', [now - morning]);
  return morning;
}
