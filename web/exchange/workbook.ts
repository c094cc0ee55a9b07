import ExcelJS from 'exceljs';

/** A cell as text: dates as year-month-day, formulas by their result, rich text without its looks. */
function cellText(value: ExcelJS.CellValue): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value === 'object') {
    if ('result' in value) return cellText(value.result);
    if ('richText' in value) return value.richText.map((run) => run.text).join('');
    if ('text' in value) return cellText(value.text);
    return '';
  }
  return String(value);
}

/** How far a sheet reaches. One stray cell in its last corner would make a table of seventeen thousand million. */
export interface Extent {
  readonly rows: number;
  readonly columns: number;
}

/** The rows of a workbook's first sheet, or how far it reaches where that is further than wanted. Throws when it is no workbook. */
export async function readSheet(
  bytes: Uint8Array,
  most: Extent,
): Promise<readonly (readonly string[])[] | Extent> {
  const book = new ExcelJS.Workbook();
  await book.xlsx.load(bytes.buffer as ArrayBuffer);
  const sheet = book.worksheets[0];
  if (!sheet) return [];
  const extent = { rows: sheet.rowCount, columns: sheet.columnCount };
  if (extent.rows > most.rows || extent.columns > most.columns) return extent;
  const rows: string[][] = [];
  for (let number = 1; number <= extent.rows; number += 1) {
    const row = sheet.getRow(number);
    rows.push(Array.from({ length: extent.columns }, (_, index) => cellText(row.getCell(index + 1).value)));
  }
  return rows;
}

/** A workbook of one sheet; every cell is text, so that no tag or date is guessed at. */
export async function writeSheet(rows: readonly (readonly string[])[], name: string): Promise<ArrayBuffer> {
  const book = new ExcelJS.Workbook();
  book.created = new Date(0);
  book.modified = new Date(0);
  const sheet = book.addWorksheet(name, { views: [{ state: 'frozen', ySplit: 1 }] });
  for (const row of rows) sheet.addRow([...row]);
  sheet.getRow(1).font = { bold: true };
  sheet.columns.forEach((column) => {
    column.width = 16;
    column.numFmt = '@';
  });
  return await book.xlsx.writeBuffer();
}
