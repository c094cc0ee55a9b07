import type { FieldIssue } from '@cadre/core/errors';

/** A sheet of labels as it is bought, all in mm. */
export interface LabelSheet {
  readonly pageWidth: number;
  readonly pageHeight: number;
  readonly labelWidth: number;
  readonly labelHeight: number;
  readonly marginLeft: number;
  readonly marginTop: number;
  readonly gapAcross: number;
  readonly gapDown: number;
}

/** A4 with 3 by 8 labels of 63.5 by 33.9 mm. */
export const USUAL_SHEET: LabelSheet = {
  pageWidth: 210,
  pageHeight: 297,
  labelWidth: 63.5,
  labelHeight: 33.9,
  marginLeft: 7.2,
  marginTop: 12.9,
  gapAcross: 2.5,
  gapDown: 0,
};

/** The smallest square a phone reads off a muddy frame, and the quiet rim it needs, mm. */
export const CODE_LEAST_MM = 16;
export const QUIET_MM = 1.5;

const EPSILON = 1e-9;

/** So many labels lie side by side, and so many under each other. */
export function labelsPerPage(sheet: LabelSheet): { readonly across: number; readonly down: number } {
  const fits = (page: number, margin: number, label: number, gap: number): number =>
    Math.max(0, Math.floor((page - margin + gap) / (label + gap) + EPSILON));
  return {
    across: fits(sheet.pageWidth, sheet.marginLeft, sheet.labelWidth, sheet.gapAcross),
    down: fits(sheet.pageHeight, sheet.marginTop, sheet.labelHeight, sheet.gapDown),
  };
}

/** What is wrong with a sheet: a size out of range, a label too small for a code, not one label on the page. */
export function sheetIssues(sheet: LabelSheet): readonly FieldIssue[] {
  const issues: FieldIssue[] = [];
  const range = (path: keyof LabelSheet, least: number, most: number): void => {
    const value = sheet[path];
    if (!Number.isFinite(value) || value < least || value > most)
      issues.push({ path, code: 'out-of-range', params: { least, most, unit: 'mm' } });
  };
  range('pageWidth', 20, 500);
  range('pageHeight', 20, 500);
  range('labelWidth', CODE_LEAST_MM + 2 * QUIET_MM, 300);
  range('labelHeight', CODE_LEAST_MM + 2 * QUIET_MM, 300);
  range('marginLeft', 0, 100);
  range('marginTop', 0, 100);
  range('gapAcross', 0, 50);
  range('gapDown', 0, 50);
  if (issues.length > 0) return issues;
  const { across, down } = labelsPerPage(sheet);
  if (across === 0) issues.push({ path: 'labelWidth', code: 'no-room' });
  if (down === 0) issues.push({ path: 'labelHeight', code: 'no-room' });
  return issues;
}

export interface PlacedLabel {
  /** From 0. */
  readonly page: number;
  /** Of its top left corner from that of the page, mm. */
  readonly x: number;
  readonly y: number;
}

/**
 * Where each of so many labels lies, row by row; a sheet begun earlier goes on at its first whole label.
 *
 * @param startAt of the first sheet's labels, the first to be used: 1 or more
 */
export function placeLabels(sheet: LabelSheet, count: number, startAt = 1): readonly PlacedLabel[] {
  const { across, down } = labelsPerPage(sheet);
  const perPage = across * down;
  if (perPage === 0) return [];
  return Array.from({ length: count }, (_, index): PlacedLabel => {
    const at = index + startAt - 1;
    const onPage = at % perPage;
    return {
      page: Math.floor(at / perPage),
      x: sheet.marginLeft + (onPage % across) * (sheet.labelWidth + sheet.gapAcross),
      y: sheet.marginTop + Math.floor(onPage / across) * (sheet.labelHeight + sheet.gapDown),
    };
  });
}
