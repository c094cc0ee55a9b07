import { dayAfter, opensOn, type OpeningSite } from '@cadre/core/schedule';

/** A campaign is a season's work: no longer ahead than this. */
const MOST_DAYS = 200;

/** The days from one to another on which a site opens, both among them. */
export function openDays(site: OpeningSite, from: string, until: string): readonly string[] {
  const days: string[] = [];
  for (let day = from, ahead = 0; day <= until && ahead < MOST_DAYS; day = dayAfter(day), ahead += 1)
    if (opensOn(site, day) !== null) days.push(day);
  return days;
}

/** The next so many days after one on which a site opens. */
export function openDaysAfter(site: OpeningSite, day: string): readonly string[] {
  return openDays(site, dayAfter(day), dayAfter(day, MOST_DAYS));
}
