/** What may happen to a bike that no ordinary check looks for. */
export const INCIDENT_KINDS = ['crash', 'transport', 'immersion'] as const;
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
};

/** Whether a checklist is for after something happened: what a trainee says then counts when co-signed, as what lets a bike out does. */
export function isAfterIncident(checklistKey: string): boolean {
  return Object.values(CHECKLIST_AFTER).includes(checklistKey);
}
