import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type * as PdfMake from 'pdfmake';

/** The writer of PDFs, loaded when one is first asked for: it is a fifth of what the server would load at its start. */
export async function pdfWriter(): Promise<typeof PdfMake> {
  const { default: pdfMake } = await import('pdfmake');
  const fonts = join(
    dirname(createRequire(import.meta.url).resolve('pdfmake/package.json')),
    'fonts',
    'Roboto',
  );
  pdfMake.addFonts({
    Roboto: {
      normal: join(fonts, 'Roboto-Regular.ttf'),
      bold: join(fonts, 'Roboto-Medium.ttf'),
      italics: join(fonts, 'Roboto-Italic.ttf'),
      bolditalics: join(fonts, 'Roboto-MediumItalic.ttf'),
    },
  });
  // Nothing in a document comes from outside this machine.
  pdfMake.setUrlAccessPolicy(() => false);
  pdfMake.setLocalAccessPolicy((path) => path.startsWith(fonts));
  return pdfMake;
}
