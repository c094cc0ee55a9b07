import type { Act } from '@cadre/core/people';
import type * as z from 'zod/mini';

export type Schema = z.ZodMiniType;

/**
 * One route of the interface: what client and server agree on, what the interface description is made from,
 * and what the tests walk. `act` is who may: everybody, anybody signed in, or whoever may do that act.
 */
export interface RouteContract<
  Params extends Schema = Schema,
  Query extends Schema = Schema,
  Body extends Schema = Schema,
  Answer extends Schema = Schema,
> {
  readonly name: string;
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly act: Act | 'public' | 'signed-in';
  readonly params?: Params;
  readonly query?: Query;
  readonly body?: Body;
  readonly answer: Answer;
}

export function route<P extends Schema, Q extends Schema, B extends Schema, A extends Schema>(
  contract: RouteContract<P, Q, B, A>,
): RouteContract<P, Q, B, A> {
  return contract;
}

export type ParamsOf<R> = R extends RouteContract<infer P, Schema, Schema, Schema> ? z.infer<P> : never;
export type QueryOf<R> = R extends RouteContract<Schema, infer Q, Schema, Schema> ? z.infer<Q> : never;
export type BodyOf<R> = R extends RouteContract<Schema, Schema, infer B, Schema> ? z.infer<B> : never;
export type AnswerOf<R> = R extends RouteContract<Schema, Schema, Schema, infer A> ? z.infer<A> : never;
