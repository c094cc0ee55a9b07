export { coverGroups, type GroupCover, type WantCover } from './cover';
export {
  serves,
  SIZE_SUBSTITUTIONS,
  standsIn,
  type Group,
  type SizeSubstitution,
  type Stock,
  type Want,
} from './groups';
export { readWants } from './wants';
export { readGroupLine, readGroupLines, type GroupLine } from './group-lines';
export { endOfSiteDay, isTimeZone, siteDay, siteTimeOn, siteTimeToday, startOfSiteDay } from './site-day';
