export { Groups, groupsAround } from './service';
