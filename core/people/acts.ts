import type { Role } from './roles';

/** Everything a person can be allowed to do, in the words of the act table. */
export const ACTS = [
  'see',
  'mark',
  'sign',
  'co-sign',
  'raise-severity',
  'lower-severity',
  'repair',
  'recheck',
  'release',
  'hand-out',
  'edit-fleet',
  'edit-program',
] as const;
export type Act = (typeof ACTS)[number];

const SHED: readonly Role[] = ['inspector', 'mechanic', 'lead'];
const WORKSHOP: readonly Role[] = ['mechanic', 'lead'];
const EVERYONE: readonly Role[] = ['desk', ...SHED];

/** The act-by-role table. Services and the route test both read it; nothing else decides. */
export const ACT_TABLE: Record<Act, readonly Role[]> = {
  see: EVERYONE,
  mark: SHED,
  sign: SHED,
  'co-sign': SHED,
  'raise-severity': SHED,
  'lower-severity': ['lead'],
  repair: WORKSHOP,
  recheck: SHED,
  release: WORKSHOP,
  'hand-out': EVERYONE,
  'edit-fleet': WORKSHOP,
  'edit-program': ['lead'],
};

/** Acts a short PIN is not enough for: they let a bike on the trail, or change the rules by which bikes are let. */
export const CODE_ACTS: readonly Act[] = ['release', 'lower-severity', 'edit-program'];

/** Digits only, four to six: shorter than any code, so that the two are never taken for each other. */
export const PIN = /^\d{4,6}$/;

/**
 * Whether a person may do an act. A trainee never co-signs or releases: both exist to put a second,
 * experienced pair of eyes between a beginner and the trail.
 */
export function mayAct(person: { readonly role: Role; readonly trainee: boolean }, act: Act): boolean {
  if (person.trainee && (act === 'co-sign' || act === 'release')) return false;
  return ACT_TABLE[act].includes(person.role);
}
