import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** One limit comparison turned: what stands in the source from `start` to `end` reads `instead`. */
export interface Flip {
  readonly file: string;
  readonly line: number;
  readonly start: number;
  readonly end: number;
  readonly was: string;
  readonly instead: string;
}

/** What each comparison becomes: turned round, and with the limit itself on the other side. */
const TURNED: Partial<Record<ts.SyntaxKind, readonly [string, string]>> = {
  [ts.SyntaxKind.LessThanToken]: ['>=', '<='],
  [ts.SyntaxKind.LessThanEqualsToken]: ['>', '<'],
  [ts.SyntaxKind.GreaterThanToken]: ['<=', '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken]: ['<', '>'],
};

/** Said in the source of a comparison that means the same either way on the limit, with the reason. */
const SAME_EITHER_WAY = /either way:/;

/** Every flip of every comparison in a file: `reaches`, `sinksTo`, and the bare operators. */
export function flipsOf(file: string): readonly Flip[] {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const lines = text.split('\n');
  const flips: Flip[] = [];
  const add = (node: ts.Node, ...instead: readonly string[]): void => {
    const start = node.getStart(source);
    const line = source.getLineAndCharacterOfPosition(start).line;
    const same = [lines[line], lines[line - 1]].some((each) => SAME_EITHER_WAY.test(each ?? ''));
    for (const each of same ? instead.slice(0, 1) : instead)
      flips.push({
        file,
        line: line + 1,
        start,
        end: node.getEnd(),
        was: node.getText(source).replace(/\s+/g, ' '),
        instead: each,
      });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isCallExpression(node) && ts.isIdentifier(node.expression) && node.arguments.length === 2) {
      const [value, limit] = node.arguments.map((argument) => argument.getText(source));
      if (node.expression.text === 'reaches')
        add(node, `!(${node.getText(source)})`, `(${value} > ${limit} + 1e-9)`);
      if (node.expression.text === 'sinksTo')
        add(node, `!(${node.getText(source)})`, `(${value} < ${limit} - 1e-9)`);
    }
    if (ts.isBinaryExpression(node)) {
      const turned = TURNED[node.operatorToken.kind];
      if (turned) {
        const sides = [node.left.getText(source), node.right.getText(source)];
        add(node, ...turned.map((operator) => `(${sides[0]} ${operator} ${sides[1]})`));
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return flips;
}
