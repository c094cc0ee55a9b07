import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

/** The faces that ship with the writer of PDFs: what is printed on a server that has none of its own. */
export const FONTS_FOLDER = join(
  dirname(createRequire(import.meta.url).resolve('pdfmake/package.json')),
  'fonts',
  'Roboto',
);

/** The face of labels, for pictures and sheets alike. */
export const LABEL_FONT = { name: 'Roboto Medium', file: join(FONTS_FOLDER, 'Roboto-Medium.ttf') } as const;
