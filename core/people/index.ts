export { ACTS, ACT_TABLE, mayAct, type Act } from './acts';
export { ROLES, type Role } from './roles';
