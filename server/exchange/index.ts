export { exchangeRoutes } from './routes';
export { Exchange } from './service';
