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

/** The rows of a workbook's first sheet. Throws when it is no workbook. */
export async function readSheet(bytes: Uint8Array): Promise<readonly (readonly string[])[]> {
  const book = new ExcelJS.Workbook();
  await book.xlsx.load(bytes.buffer as ArrayBuffer);
  const sheet = book.worksheets[0];
  if (!sheet) return [];
  const rows: string[][] = [];
  for (let number = 1; number <= sheet.rowCount; number += 1) {
    const row = sheet.getRow(number);
    rows.push(
      Array.from({ length: sheet.columnCount }, (_, index) => cellText(row.getCell(index + 1).value)),
    );
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
