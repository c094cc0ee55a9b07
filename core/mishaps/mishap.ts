/** What may happen to a bike that no ordinary check looks for. */
export const MISHAP_KINDS = ['crash', 'transport', 'dunking'] as const;
export type MishapKind = (typeof MISHAP_KINDS)[number];

/** Something that happened to a bike and that nobody has looked it over for yet. */
export interface Mishap {
  readonly id: string;
  readonly kind: MishapKind;
  readonly at: number;
  readonly by: string;
  readonly note: string;
  /** A trainee's complete check for it that nobody has co-signed yet. */
  readonly awaitsCoSign?: string | null | undefined;
}

/** The sheet that leaves nothing out after it: a complete check of it, begun after it happened, is what ends it. */
export const SHEET_AFTER: Record<MishapKind, string> = {
  crash: 'after-crash',
  transport: 'after-transport',
  dunking: 'after-dunking',
};

/** Whether a sheet is for after something happened: what a trainee says then counts when co-signed, as what lets a bike out does. */
export function isAfterMishap(sheetKey: string): boolean {
  return Object.values(SHEET_AFTER).includes(sheetKey);
}
