export { parseSettings, type SettingFault, type Settings } from './settings';
