export { useProvided } from './provided';
