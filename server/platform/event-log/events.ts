import type { EntityManager } from 'typeorm';

/** A feature lists its events as kind → body; this is the list of a log that is asked for no feature's in particular. */
export type AnyBodies = Record<string, object>;

type Kind<B> = keyof B & string;

/** An event an act decided on. Its body says what was decided: a replay years later must not judge by newer rules. */
export type NewEvent<B extends object = AnyBodies> = {
  readonly [K in Kind<B>]: { readonly kind: K; readonly body: B[K]; readonly happenedAt?: number };
}[Kind<B>];

/** An event of one kind, as the log keeps it. */
export type EventOf<B extends object, K extends Kind<B>> = {
  readonly id: string;
  readonly kind: K;
  readonly body: B[K];
  readonly author: string | null;
  readonly happenedAt: number;
  readonly recordedAt: number;
};

export type StoredEvent<B extends object = AnyBodies> = { readonly [K in Kind<B>]: EventOf<B, K> }[Kind<B>];

/** Writes the rows an event means. The same event always means the same rows: a rebuild relies on it. */
export type Project<E> = (tx: EntityManager, event: E) => Promise<void>;

/** What each event of a feature means in rows; an event without its projection does not compile. */
export type Projections<B extends object> = { readonly [K in Kind<B>]: Project<EventOf<B, K>> };

/** The bike an event is about, if any. */
export function bikeOf(event: { readonly body: object }): string | null {
  const { bikeId } = event.body as { readonly bikeId?: unknown };
  return typeof bikeId === 'string' ? bikeId : null;
}
