export { unusualRecordsRoutes } from './routes';
export { UnusualRecords } from './service';
