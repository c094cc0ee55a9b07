import { readFileSync } from 'node:fs';
import ts from 'typescript';
import type { Flip } from './flips';

/** Lists of a checkpoint that decide what is asked: what disturbs it, what its repair disturbs at the least, what brings a fault. */
const LISTS = ['disturbedBy', 'work', 'by'];

/** Whether a list is one of a checkpoint's, or stands in a table of its own at the top of a file. */
function isRow(node: ts.ArrayLiteralExpression): boolean {
  const { parent } = node;
  if (!ts.isPropertyAssignment(parent)) return false;
  const name = parent.name.getText().replace(/['"]/g, '');
  if (LISTS.includes(name)) return true;
  const table = parent.parent.parent;
  return ts.isVariableDeclaration(table) && ts.isIdentifier(table.name) && /^[A-Z_]+$/.test(table.name.text);
}

/** Every row of the tables in a file, taken out in turn. */
export function rowsOf(file: string): readonly Flip[] {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const rows: Flip[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isArrayLiteralExpression(node) && isRow(node))
      for (const element of node.elements) {
        const start = element.getStart(source);
        const comma = /^\s*,/.exec(text.slice(element.getEnd()))?.[0].length ?? 0;
        const line = source.getLineAndCharacterOfPosition(start).line + 1;
        rows.push({
          file,
          line,
          start,
          end: element.getEnd() + comma,
          was: element.getText(source),
          instead: '',
        });
      }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return rows;
}
