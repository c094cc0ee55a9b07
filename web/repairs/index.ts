export { TOUCH_WORDS } from './wording';
