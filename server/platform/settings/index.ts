export { parseSettings, type Settings } from './settings';
