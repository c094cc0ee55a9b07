import QRCode from 'qrcode';
import sharp from 'sharp';
import { CODE_PATH, codeSide, QUIET_MM, type LabelSheet } from '@cadre/core/labels';

/** What is printed on one label. */
export interface LabelText {
  readonly code: string;
  /** Large: a tag, a hook or a rack. */
  readonly name: string;
}

const MM_PER_INCH = 25.4;
const DPI = 300;

export const addressOf = (base: string, code: string): string =>
  `${base.replace(/\/$/, '')}${CODE_PATH}${code}`;

/** The squares of a code as one path, a unit a square, without a rim. Half of it may be scratched off before it is not read: level Q. */
export function codePath(text: string): { readonly path: string; readonly size: number } {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'Q' });
  let path = '';
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0; column < modules.size; column += 1)
      if (modules.get(row, column)) path += `M${column} ${row}h1v1h-1z`;
  return { path, size: modules.size };
}

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (each) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[each] ?? '');

/** A label as a drawing in mm: its code at the left, its name beside it where there is room, else under it. */
export function labelSvg(
  { code, name }: LabelText,
  base: string,
  { labelWidth: width, labelHeight: height }: Pick<LabelSheet, 'labelWidth' | 'labelHeight'>,
): string {
  const beside = width >= height * 1.3;
  const nameHeight = beside ? 0 : Math.min(6, height * 0.18);
  const side = Math.min(
    codeSide({ labelWidth: width, labelHeight: height } as LabelSheet),
    height - nameHeight - 2 * QUIET_MM,
  );
  const { path, size } = codePath(addressOf(base, code));
  const left = beside ? QUIET_MM : (width - side) / 2;
  const words = name.slice(0, 24);
  const room = beside ? width - side - 4 * QUIET_MM : width - 2 * QUIET_MM;
  // A wide face takes about seven tenths of its height for a letter.
  const type = Math.min(beside ? height * 0.4 : nameHeight, room / Math.max(1, words.length * 0.7));
  const [x, y] = beside
    ? [side + 3 * QUIET_MM + room / 2, height / 2 + type * 0.35]
    : [width / 2, QUIET_MM + side + nameHeight * 0.9];
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="#fff"/><g transform="translate(${left} ${QUIET_MM}) scale(${side / size})"><path d="${path}" fill="#000" shape-rendering="crispEdges"/></g><text x="${x}" y="${y}" font-family="Archivo, DejaVu Sans, sans-serif" font-weight="700" font-size="${type}" text-anchor="middle" fill="#000">${escaped(words)}</text></svg>`;
}

/** A label as a picture of 300 dots an inch. */
export async function labelPng(
  text: LabelText,
  base: string,
  size: Pick<LabelSheet, 'labelWidth' | 'labelHeight'>,
): Promise<Buffer> {
  const dots = (mm: number): number => Math.round((mm / MM_PER_INCH) * DPI);
  return sharp(Buffer.from(labelSvg(text, base, size)), { density: DPI })
    .resize(dots(size.labelWidth), dots(size.labelHeight), { fit: 'fill', kernel: 'nearest' })
    .flatten({ background: '#ffffff' })
    .greyscale()
    .withMetadata({ density: DPI })
    .png()
    .toBuffer();
}
