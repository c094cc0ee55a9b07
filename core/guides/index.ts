export type { Guide, GuideStep } from './guide';
export { guidesFor, recheckedAfter, type GuideSought } from './guides-for';
