export { coverGroups, readWants, serves, type Group, type GroupCover, type ReadWants, type Stock, type Want, type WantCover } from './groups';
export { readGroupLine, readGroupLines, type GroupLine } from './group-lines';
export { endOfSiteDay, isTimeZone, siteDay, siteTimeOn, siteTimeToday, startOfSiteDay } from './site-day';
