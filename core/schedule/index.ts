export { endOfSiteDay, isTimeZone, siteTimeToday, startOfSiteDay } from './site-day';
