export type { Guide, GuideStep } from './guide';
export { guidesFor, recheckedAfter } from './guides-for';
