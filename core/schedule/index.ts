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
export { readWants } from './typed/wants';
export { readGroupLine, readGroupLines, type GroupLine } from './typed/group-lines';
export {
  endOfSiteDay,
  isTimeZone,
  siteClock,
  siteDay,
  siteTimeOn,
  siteTimeToday,
  startOfSiteDay,
} from './site-day';
export {
  ALWAYS_OPEN,
  dayAfter,
  nextOpenDay,
  openingIssues,
  opensOn,
  weekdayOf,
  type Opening,
  type OpeningException,
  type OpeningSite,
} from './opening';
