import type { Content } from 'pdfmake/interfaces';
import { placeLabels, QUIET_MM, type LabelSheet } from '@cadre/core/labels';
import { pdfWriter } from '@cadre/server/platform/pdf';
import { addressOf, codePath, type LabelText } from './picture';
import * as t from './messages';

/** Points of print in a millimetre. */
const POINTS = 72 / 25.4;

/** One label: its code at the left as large as the label allows, its name beside it or under it. */
function contentOf(
  { code, name }: LabelText,
  base: string,
  sheet: LabelSheet,
  x: number,
  y: number,
): Content[] {
  const { labelWidth: width, labelHeight: height } = sheet;
  const beside = width >= height * 1.3;
  const nameHeight = beside ? 0 : Math.min(6, height * 0.18);
  const side = Math.min(width, height - nameHeight) - 2 * QUIET_MM;
  const { path, size } = codePath(addressOf(base, code));
  const left = x + (beside ? QUIET_MM : (width - side) / 2);
  const room = beside ? width - side - 4 * QUIET_MM : width - 2 * QUIET_MM;
  const type = Math.min(beside ? height * 0.4 : nameHeight, room / Math.max(1, name.length * 0.7));
  const at = beside
    ? { x: x + side + 3 * QUIET_MM, y: y + (height - type * 1.2) / 2 }
    : { x: x + QUIET_MM, y: y + QUIET_MM + side };
  return [
    {
      svg: `<svg viewBox="0 0 ${size} ${size}"><path d="${path}" fill="#000"/></svg>`,
      width: side * POINTS,
      height: side * POINTS,
      absolutePosition: { x: left * POINTS, y: (y + QUIET_MM) * POINTS },
    },
    {
      // A table of one cell is as wide as it is said to be: only so a text has a middle at a place of its own.
      table: {
        widths: [room * POINTS],
        body: [[{ text: name, bold: true, fontSize: type * POINTS, alignment: 'center' }]],
      },
      layout: {
        hLineWidth: () => 0,
        vLineWidth: () => 0,
        paddingLeft: () => 0,
        paddingRight: () => 0,
        paddingTop: () => 0,
        paddingBottom: () => 0,
      },
      absolutePosition: { x: at.x * POINTS, y: at.y * POINTS },
    },
  ];
}

/** Sheets of labels as a PDF, printed at its own size. */
export async function sheetPdf(
  labels: readonly LabelText[],
  base: string,
  sheet: LabelSheet,
  startAt: number,
): Promise<Buffer> {
  const places = placeLabels(sheet, labels.length, startAt);
  const pages = (places.at(-1)?.page ?? 0) + 1;
  const content = Array.from({ length: pages }, (_, page): Content => ({
    stack: [
      { text: ' ', fontSize: 1 },
      ...places.flatMap((place, at) => {
        const label = labels[at];
        return place.page === page && label ? contentOf(label, base, sheet, place.x, place.y) : [];
      }),
    ],
    ...(page > 0 ? { pageBreak: 'before' as const } : {}),
  }));
  return (await pdfWriter())
    .createPdf({
      info: { title: t.labels },
      pageSize: { width: sheet.pageWidth * POINTS, height: sheet.pageHeight * POINTS },
      pageMargins: [0, 0, 0, 0],
      content,
    })
    .getBuffer();
}
