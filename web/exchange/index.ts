export { exchangeViews } from './views';
