export { similarFaultsRoutes } from './routes';
export { SimilarFaults } from './service';
