import { toJSONSchema } from 'zod';
import type { RouteContract, Schema } from '@cadre/contract/http';
import { problem } from '@cadre/contract/http';

export function schemaOf(schema: Schema, io: 'input' | 'output'): Record<string, unknown> {
  const { $schema: _draft, ...rest } = toJSONSchema(schema as never, {
    unrepresentable: 'any',
    io,
  }) as Record<string, unknown>;
  return rest;
}

/** The interface described from the very contracts the routes are held to. */
export function describeInterface(routes: readonly RouteContract[], version: string): object {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const route of routes) {
    const path = route.path.replace(/:(\w+)/g, '{$1}');
    const names = [...route.path.matchAll(/:(\w+)/g)].map((match) => match[1]);
    paths[path] = {
      ...paths[path],
      [route.method.toLowerCase()]: {
        operationId: route.name,
        'x-act': route.act,
        parameters: names.map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
        ...(route.body
          ? {
              requestBody: {
                required: true,
                content: { 'application/json': { schema: schemaOf(route.body, 'input') } },
              },
            }
          : {}),
        responses: {
          200: {
            description: 'done',
            content: { 'application/json': { schema: schemaOf(route.answer, 'output') } },
          },
          default: {
            description: 'a problem, named',
            content: { 'application/problem+json': { schema: schemaOf(problem, 'output') } },
          },
        },
      },
    };
  }
  return { openapi: '3.1.0', info: { title: 'Cadre', version }, paths };
}
