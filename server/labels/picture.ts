import QRCode from 'qrcode';
import sharp from 'sharp';
import { arrangeLabel, CODE_PATH, type LabelSheet } from '@cadre/core/labels';
import { LABEL_FONT } from '@cadre/server/platform/pdf';

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

const dots = (mm: number): number => Math.round((mm / MM_PER_INCH) * DPI);

/** Names are read as marked-up text: what marks it up is not theirs. */
const escaped = (text: string): string =>
  text.replace(/[&<>]/g, (each) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[each] ?? '');

/** A name as a picture of its letters, by the face that ships: a server may have no face of its own. */
async function lettersOf(
  name: string,
  box: { readonly width: number; readonly type: number },
): Promise<Buffer> {
  return sharp({
    text: {
      text: escaped(name),
      font: LABEL_FONT.name,
      fontfile: LABEL_FONT.file,
      height: dots(box.type),
      width: dots(box.width),
      rgba: false,
    },
  })
    .negate()
    .png()
    .toBuffer();
}

/** A label as a picture of 300 dots an inch. */
export async function labelPng(
  { code, name }: LabelText,
  base: string,
  size: Pick<LabelSheet, 'labelWidth' | 'labelHeight'>,
): Promise<Buffer> {
  const at = arrangeLabel(size, name.length);
  const { path, size: squares } = codePath(addressOf(base, code));
  const side = dots(at.code.side);
  const square = `<svg xmlns="http://www.w3.org/2000/svg" width="${side}" height="${side}" viewBox="0 0 ${squares} ${squares}"><rect width="100%" height="100%" fill="#fff"/><path d="${path}" fill="#000" shape-rendering="crispEdges"/></svg>`;
  const letters = await lettersOf(name, at.name);
  const { width = 0, height = 0 } = await sharp(letters).metadata();
  const middle = { x: dots(at.name.x + at.name.width / 2), y: dots(at.name.y + at.name.height / 2) };
  return sharp({
    create: {
      width: dots(size.labelWidth),
      height: dots(size.labelHeight),
      channels: 3,
      background: '#ffffff',
    },
  })
    .composite([
      { input: Buffer.from(square), left: dots(at.code.x), top: dots(at.code.y) },
      {
        input: letters,
        left: Math.max(0, middle.x - Math.round(width / 2)),
        top: Math.max(0, middle.y - Math.round(height / 2)),
      },
    ])
    .greyscale()
    .withMetadata({ density: DPI })
    .png()
    .toBuffer();
}
