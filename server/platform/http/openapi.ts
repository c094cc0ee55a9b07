import { toJSONSchema } from 'zod';
import type { Schema } from '@cadre/contract/http';
import { problem } from '@cadre/contract/http/schemas';
import type { FullRoute } from '@cadre/contract/routes';

export function schemaOf(schema: Schema, io: 'input' | 'output'): Record<string, unknown> {
  const { $schema: _draft, ...rest } = toJSONSchema(schema as never, {
    unrepresentable: 'any',
    io,
  }) as Record<string, unknown>;
  return rest;
}

/** The interface described from the very schemas the routes are held to. */
export function describeInterface(routes: readonly FullRoute[], version: string): object {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const route of routes) {
    const { body, answer } = route.messages;
    const path = route.path.replace(/:(\w+)/g, '{$1}');
    const names = [...route.path.matchAll(/:(\w+)/g)].map((match) => match[1]);
    paths[path] = {
      ...paths[path],
      [route.method.toLowerCase()]: {
        operationId: route.name,
        'x-act': route.act,
        parameters: names.map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
        ...(body
          ? {
              requestBody: {
                required: true,
                content: { 'application/json': { schema: schemaOf(body, 'input') } },
              },
            }
          : {}),
        responses: {
          200: {
            description: 'done',
            content: { 'application/json': { schema: schemaOf(answer, 'output') } },
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
