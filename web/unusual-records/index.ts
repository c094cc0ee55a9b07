export { unusualRecordsViews } from './views';
