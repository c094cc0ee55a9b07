import { join } from 'node:path';
import type * as PdfMake from 'pdfmake';
import { FONTS_FOLDER, LABEL_FONT } from './fonts';

/** The writer of PDFs, loaded when one is first asked for: it is a fifth of what the server would load at its start. */
export async function pdfWriter(): Promise<typeof PdfMake> {
  const { default: pdfMake } = await import('pdfmake');
  pdfMake.addFonts({
    Roboto: {
      normal: join(FONTS_FOLDER, 'Roboto-Regular.ttf'),
      bold: LABEL_FONT.file,
      italics: join(FONTS_FOLDER, 'Roboto-Italic.ttf'),
      bolditalics: join(FONTS_FOLDER, 'Roboto-MediumItalic.ttf'),
    },
  });
  // Nothing in a document comes from outside this machine.
  pdfMake.setUrlAccessPolicy(() => false);
  pdfMake.setLocalAccessPolicy((path) => path.startsWith(FONTS_FOLDER));
  return pdfMake;
}
