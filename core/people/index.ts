export { ACTS, ACT_TABLE, CODE_ACTS, mayAct, PIN, type Act } from './acts';
export { ROLES, type Role } from './roles';
