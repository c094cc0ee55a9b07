import ts from 'typescript';
import type { Plugin } from 'vite';

const OF_A_ROUTE = new Set(['params', 'query', 'body', 'answer']);

interface Change {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

const isRouteCall = (node: ts.Node): node is ts.CallExpression =>
  ts.isCallExpression(node) && ts.isIdentifier(node.expression) && node.expression.text === 'route';

function withoutSchemas(source: ts.SourceFile, call: ts.CallExpression): Change[] {
  const [contract] = call.arguments;
  if (!contract || !ts.isObjectLiteralExpression(contract)) return [];
  return contract.properties
    .filter((each) => each.name && ts.isIdentifier(each.name) && OF_A_ROUTE.has(each.name.text))
    .map((each) => {
      const comma = source.text.slice(each.end).match(/^\s*,/)?.[0].length ?? 0;
      return { from: each.getStart(source), to: each.end + comma, text: '' };
    });
}

/**
 * The browser sends along a route and trusts what its own server answers; the schemas of what is sent and
 * answered are the server's and the tests'. So a route reaches the browser as its name, method and path, and a
 * schema only where some view reads with it: everything else is weight on the first visit.
 */
export function routesWithoutSchemas(): Plugin {
  return {
    name: 'routes-without-schemas',
    apply: 'build',
    enforce: 'pre',
    transform(code, id) {
      if (!/[\\/]contract[\\/].+\.ts$/.test(id) || id.includes('node_modules/.')) return null;
      const source = ts.createSourceFile(id, code, ts.ScriptTarget.ESNext, true);
      const changes = source.statements
        .filter(ts.isVariableStatement)
        .flatMap((statement) => statement.declarationList.declarations)
        .flatMap(({ initializer }): Change[] => {
          if (!initializer || ts.isArrowFunction(initializer)) return [];
          if (isRouteCall(initializer)) return withoutSchemas(source, initializer);
          // Nothing but the value comes of making a schema: unused, it may be left out.
          return [
            {
              from: initializer.getStart(source),
              to: initializer.getStart(source),
              text: '/*#__PURE__*/ (() => (',
            },
            { from: initializer.end, to: initializer.end, text: '))()' },
          ];
        })
        .sort((a, b) => b.from - a.from);
      return {
        code: changes.reduce(
          (text, { from, to, text: put }) => text.slice(0, from) + put + text.slice(to),
          code,
        ),
        map: null,
      };
    },
  };
}
