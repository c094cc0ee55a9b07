export { useSession } from './use-session';
