export { nextTheme, theme } from './theme';
