import type { Content } from 'pdfmake/interfaces';
import { arrangeLabel, placeLabels, type LabelSheet } from '@cadre/core/labels';
import { pdfWriter } from '@cadre/server/platform/pdf';
import { addressOf, codePath, type LabelText } from './picture';
import * as t from './messages';

/** Points of print in a millimetre. */
const POINTS = 72 / 25.4;
/** Of a line of this face, in heights of its letters. */
const LINE_HEIGHT = 1.2;

/** One label with its top left corner at x and y, mm. */
function contentOf(
  { code, name }: LabelText,
  base: string,
  sheet: LabelSheet,
  x: number,
  y: number,
): Content[] {
  const at = arrangeLabel(sheet, name.length);
  const { path, size } = codePath(addressOf(base, code));
  return [
    {
      svg: `<svg viewBox="0 0 ${size} ${size}"><path d="${path}" fill="#000"/></svg>`,
      width: at.code.side * POINTS,
      height: at.code.side * POINTS,
      absolutePosition: { x: (x + at.code.x) * POINTS, y: (y + at.code.y) * POINTS },
    },
    {
      // A table of one cell is as wide as it is said to be: only so a text has a middle at a place of its own.
      table: {
        widths: [at.name.width * POINTS],
        body: [[{ text: name, bold: true, fontSize: at.name.type * POINTS, alignment: 'center' }]],
      },
      layout: {
        hLineWidth: () => 0,
        vLineWidth: () => 0,
        paddingLeft: () => 0,
        paddingRight: () => 0,
        paddingTop: () => 0,
        paddingBottom: () => 0,
      },
      absolutePosition: {
        x: (x + at.name.x) * POINTS,
        y: (y + at.name.y + (at.name.height - at.name.type * LINE_HEIGHT) / 2) * POINTS,
      },
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
