/** What may happen to a bike that no ordinary check looks for. */
export const INCIDENT_KINDS = ['crash', 'transport', 'immersion', 'contamination'] as const;
export type IncidentKind = (typeof INCIDENT_KINDS)[number];

/** Something that happened to a bike and that nobody has looked it over for yet. */
export interface Incident {
  readonly id: string;
  readonly kind: IncidentKind;
  readonly at: number;
  readonly by: string;
  readonly note: string;
  /** A trainee's complete check for it that nobody has co-signed yet. */
  readonly awaitsCoSign?: string | null | undefined;
}

/** The checklist that leaves nothing out after it: a complete check of it, begun after it happened, is what ends it. */
export const CHECKLIST_AFTER: Record<IncidentKind, string> = {
  crash: 'after-crash',
  transport: 'after-transport',
  immersion: 'after-immersion',
  contamination: 'after-contamination',
};

/**
 * Whether what the bike was looked over for before it counts no more. Oil or spray on the brakes holds the bike for its pads, rotors and rims, and leaves the rest as it
 * was: a wash of twelve bikes is not twelve ride-outs.
 */
export const endsValidity = (kind: IncidentKind): boolean => kind !== 'contamination';

/** Whether a checklist is for after something happened: what a trainee says then counts when co-signed, as what lets a bike out does. */
export function isAfterIncident(checklistKey: string): boolean {
  return Object.values(CHECKLIST_AFTER).includes(checklistKey);
}
