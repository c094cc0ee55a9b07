export type { Guide, GuideStep } from './guide';
export { guidesFor, recheckedAfter, touchedBy } from './guides-for';
