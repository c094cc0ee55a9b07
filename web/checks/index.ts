export { useOutbox } from './use-outbox';
