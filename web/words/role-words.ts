import type { Role } from '@cadre/core/people';
import * as t from './messages';

export const ROLE_WORDS: Record<Role, string> = {
  desk: t.roleDesk,
  inspector: t.roleInspector,
  mechanic: t.roleMechanic,
  lead: t.roleLead,
};
