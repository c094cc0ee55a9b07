import type { Act } from '@cadre/core/people';
import type * as z from 'zod/mini';

export type Schema = z.ZodMiniType;

/** What is sent along a route and what is answered. */
export interface Messages {
  readonly params?: Schema;
  readonly query?: Schema;
  readonly body?: Schema;
  readonly answer: Schema;
}

/** Says what is sent along a route, under the route's own name. */
export const messages = <M extends Messages>(schemas: M): M => schemas;

/**
 * One route of the interface, without its schemas: the browser needs no more of it. `act` is who may: everybody, anybody signed in, or
 * whoever may do that act. The types of what is sent along it are known to the compiler only; the schemas stand in the feature's `schemas`.
 */
export interface Route<M extends Messages = Messages> {
  readonly name: string;
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly act: Act | 'public' | 'signed-in';
  readonly messages?: M;
}

/** A route whose messages are those of this schema. */
export const route = <M extends Messages>(described: Omit<Route, 'messages'>): Route<M> => described;

/** What is read off JSON, never to be changed: as core's types are. A field that may be missing is missing, not undefined. */
export type Frozen<T> = T extends readonly unknown[]
  ? { readonly [K in keyof T]: Frozen<T[K]> }
  : T extends object
    ? { readonly [K in keyof T]: Frozen<Exclude<T[K], undefined>> }
    : T;

/** What a schema tells. */
export type Told<S extends Schema> = Frozen<z.output<S>>;

/** What changes only from the version it was read at: whoever was slower is told. */
export type Versioned<T> = T & { readonly version: number };

type Part<R, K extends keyof Messages> =
  R extends Route<infer M>
    ? M extends { readonly [P in K]: infer S extends Schema }
      ? Told<S>
      : unknown
    : never;
export type ParamsOf<R> = Part<R, 'params'>;
export type QueryOf<R> = Part<R, 'query'>;
export type BodyOf<R> = Part<R, 'body'>;
export type AnswerOf<R> = Part<R, 'answer'>;
