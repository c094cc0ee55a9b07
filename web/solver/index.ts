export { useSolver } from './use-solver';
