import { QUIET_MM, type LabelSheet } from './layout';

/** Where the code and the name of a label lie on it, mm from its top left corner. */
export interface LabelArrangement {
  readonly code: { readonly x: number; readonly y: number; readonly side: number };
  /** The box of the name, which stands in its middle, and how high its letters may be. */
  readonly name: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
    readonly type: number;
  };
}

/** From so many times its height on, a label has room for its name beside the code. */
const WIDE = 1.3;
/** The line under the code of a label that is not wide. */
const LINE_MM = 6;
const LINE_SHARE = 0.18;
/** Letters of a name beside its code, of the label’s height. */
const BESIDE_SHARE = 0.4;
/** A wide face takes about so much of its height for a letter. */
const LETTER_SHARE = 0.7;

/** The code as large as the label allows, its name beside it where there is room, else under it. */
export function arrangeLabel(
  { labelWidth, labelHeight }: Pick<LabelSheet, 'labelWidth' | 'labelHeight'>,
  letters: number,
): LabelArrangement {
  const isWide = labelWidth >= labelHeight * WIDE;
  const line = isWide ? 0 : Math.min(LINE_MM, labelHeight * LINE_SHARE);
  const side = Math.min(labelWidth, labelHeight - line) - 2 * QUIET_MM;
  const left = isWide ? QUIET_MM : (labelWidth - side) / 2;
  const box = isWide
    ? { x: side + 3 * QUIET_MM, y: QUIET_MM, width: labelWidth - side - 4 * QUIET_MM, height: side }
    : { x: QUIET_MM, y: QUIET_MM + side, width: labelWidth - 2 * QUIET_MM, height: line };
  const most = isWide ? labelHeight * BESIDE_SHARE : line;
  const type = Math.min(most, box.width / Math.max(1, letters * LETTER_SHARE));
  return { code: { x: left, y: QUIET_MM, side }, name: { ...box, type } };
}
