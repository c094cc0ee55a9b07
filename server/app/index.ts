export { createApp, type AppDeps } from './create-app';
export { STATUS } from './errors';
export { createServices, type Services } from './routes';
