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

/** The rows of a workbook's first checklist. Throws when it is no workbook. */
export async function readChecklist(bytes: Uint8Array): Promise<readonly (readonly string[])[]> {
  const book = new ExcelJS.Workbook();
  await book.xlsx.load(bytes.buffer as ArrayBuffer);
  const checklist = book.worksheets[0];
  if (!checklist) return [];
  const rows: string[][] = [];
  for (let number = 1; number <= checklist.rowCount; number += 1) {
    const row = checklist.getRow(number);
    rows.push(
      Array.from({ length: checklist.columnCount }, (_, index) => cellText(row.getCell(index + 1).value)),
    );
  }
  return rows;
}

/** A workbook of one checklist; every cell is text, so that no tag or date is guessed at. */
export async function writeChecklist(
  rows: readonly (readonly string[])[],
  name: string,
): Promise<ArrayBuffer> {
  const book = new ExcelJS.Workbook();
  book.created = new Date(0);
  book.modified = new Date(0);
  const checklist = book.addWorksheet(name, { views: [{ state: 'frozen', ySplit: 1 }] });
  for (const row of rows) checklist.addRow([...row]);
  checklist.getRow(1).font = { bold: true };
  checklist.columns.forEach((column) => {
    column.width = 16;
    column.numFmt = '@';
  });
  return await book.xlsx.writeBuffer();
}
