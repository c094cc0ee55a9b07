export { AREAS, type Area, type ViewHelp } from './nav';
