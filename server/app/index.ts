export { createApp, type AppDeps } from './create-app';
export { startJobs } from './jobs';
export { STATUS } from './errors';
export { createServices, type Services } from './routes';
