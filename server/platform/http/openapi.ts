import { toJSONSchema } from 'zod';
import { ACT_TABLE, CODE_ACTS } from '@cadre/core/people';
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

/** Who may call a route, as a sentence. */
function whoMay(act: FullRoute['act']): string {
  if (act === 'public') return 'No sign-in is needed.';
  if (act === 'signed-in') return 'For everyone who is signed in.';
  const roles = `For these roles: ${ACT_TABLE[act].join(', ')}.`;
  return CODE_ACTS.includes(act) ? `${roles} A PIN is not enough: sign in with your code.` : roles;
}

/** The interface described from the very schemas the routes are held to; `summaries` say what each does, by its name. */
export function describeInterface(
  routes: readonly FullRoute[],
  version: string,
  summaries: Readonly<Record<string, string>>,
): object {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const route of routes) {
    const { body, answer } = route.messages;
    const path = route.path.replace(/:(\w+)/g, '{$1}');
    const names = [...route.path.matchAll(/:(\w+)/g)].map((match) => match[1]);
    paths[path] = {
      ...paths[path],
      [route.method.toLowerCase()]: {
        operationId: route.name,
        summary: summaries[route.name],
        description: whoMay(route.act),
        tags: [route.name.split('.')[0]],
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
            description: 'The request was carried out.',
            content: { 'application/json': { schema: schemaOf(answer, 'output') } },
          },
          default: {
            description: 'The request was refused. The code says why, and errors name the fields to correct.',
            content: { 'application/problem+json': { schema: schemaOf(problem, 'output') } },
          },
        },
      },
    };
  }
  return { openapi: '3.1.0', info: { title: 'Cadre', version }, paths };
}
