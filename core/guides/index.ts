export {
  DRAWING_SIZE,
  labelBox,
  type DrawnLabel,
  type DrawnPath,
  type DrawnRole,
  type GuideDrawing,
} from './drawing';
export type { Guide, GuideStep } from './guide';
export { guidesFor, recheckedAfter, touchedBy } from './guides-for';
