export { reportsFeature } from './feature';
export { forgetRates } from './limits';
export { servePublicPages } from './public/serve';
export { takeQueued } from './queue';
export { reportsRoutes } from './routes';
export { problemOnReturn, Reports } from './service';
