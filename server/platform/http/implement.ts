import type { Request, Response, Router } from 'express';
import type { z } from 'zod';
import type { AnswerOf, BodyOf, ParamsOf, QueryOf, Route, Schema } from '@cadre/contract/http';
import { messagesOf } from '@cadre/contract/routes';
import type { FieldIssue } from '@cadre/core/errors';
import { readBody } from './bodies';
import { malformed } from './malformed';
import { requireAct, type Actor } from './actor';
import { RefusedError } from '@cadre/server/platform/event-log';

export interface Call<R> {
  readonly params: ParamsOf<R>;
  readonly query: QueryOf<R>;
  readonly body: BodyOf<R>;
  readonly req: Request;
  readonly res: Response;
}

/** A route and what answers it. `signedIn` routes are handed the actor; public ones are not. */
export interface Implemented {
  readonly route: Route;
  readonly handle: (call: Call<Route>, actor: Actor) => Promise<unknown>;
}

export function answering<R extends Route>(
  route: R,
  handle: (call: Call<R>, actor: Actor) => Promise<AnswerOf<R>>,
): Implemented {
  return {
    route,
    handle: handle,
  };
}

function fieldIssues(error: z.core.$ZodError): FieldIssue[] {
  return error.issues.map((issue) => {
    const { code, path, message: _message, input: _input, ...rest } = issue;
    const params = Object.fromEntries(
      Object.entries(rest).filter(([, value]) => ['string', 'number', 'boolean'].includes(typeof value)),
    ) as FieldIssue['params'];
    return { path: path.join('.'), code, ...(params && Object.keys(params).length > 0 ? { params } : {}) };
  });
}

/** The value as its schema has it, or every field that is not; named under `under` where it is part of something. */
export function readAs<S extends Schema>(schema: S, value: unknown, under = ''): z.infer<S> {
  const issue = malformed(value);
  if (issue) throw new RefusedError('body.invalid', {}, { fields: [{ ...issue, path: under + issue.path }] });
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  throw new RefusedError(
    'body.invalid',
    {},
    { fields: fieldIssues(result.error).map((issue) => ({ ...issue, path: under + issue.path })) },
  );
}

const parsed = (schema: Schema | undefined, value: unknown): unknown =>
  schema ? readAs(schema, value) : undefined;

export interface RouteDeps {
  readonly actorOf: (req: Request) => Promise<Actor | null>;
  /** In tests every answer is held to its contract too. */
  readonly checkAnswers: boolean;
}

/** Puts a route on the router: who is asking, is what they sent as agreed, then the handler. */
export function mount(router: Router, { route, handle }: Implemented, deps: RouteDeps): void {
  const messages = messagesOf(route);
  const method = route.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
  router[method](route.path, async (req, res) => {
    const actor = route.act === 'public' ? null : await deps.actorOf(req);
    if (route.act !== 'public' && !actor) throw new RefusedError('session.required');
    if (actor?.mustChangeSecret && route.act !== 'signed-in' && route.act !== 'public')
      throw new RefusedError('session.secret-one-time');
    // Who may not is told that, and nothing of what was wrong with what they sent.
    if (actor && route.act !== 'signed-in' && route.act !== 'public') requireAct(actor, route.act);
    // Nobody the server does not know makes it read what they send.
    await readBody(req, res, route);
    const call = {
      params: parsed(messages.params, req.params),
      query: parsed(messages.query, req.query),
      body: parsed(messages.body, req.body),
      req,
      res,
    } as Call<Route>;
    const answer = await handle(call, actor as Actor);
    if (res.headersSent) return; // a stream answers by itself
    if (deps.checkAnswers) messages.answer.parse(answer);
    res.set('cache-control', 'no-store').json(answer);
  });
}
