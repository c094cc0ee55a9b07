export const ROLES = ['desk', 'inspector', 'mechanic', 'lead'] as const;
export type Role = (typeof ROLES)[number];
