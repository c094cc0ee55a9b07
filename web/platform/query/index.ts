export { useSavedQuery } from './use-saved-query';
