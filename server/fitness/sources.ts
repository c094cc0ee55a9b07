import type { EntityManager } from 'typeorm';
import type { FitnessFacts } from '@cadre/core/fitness';
import type { Project } from '@cadre/server/platform/event-log';
import type { Feature } from '@cadre/server/platform/feature';

/** One part of what a bike's fitness is judged from, read from the rows of the feature that knows it. */
export interface FactSource {
  readonly name: string;
  gather(tx: EntityManager, bikeId: string): Promise<Partial<FitnessFacts>>;
}

/**
 * What of a bike's facts an event can change: the sources named, found from the facts before it and from what it says where need be. An event that says nothing
 * here can change any of them. "new-bike": the event makes the bike, with its facts.
 */
export type Changes =
  'new-bike' | readonly string[] | ((before: FitnessFacts, body: object) => readonly string[]);

/** A feature with what it knows of a bike's fitness. */
export interface BikeFeature extends Feature {
  readonly facts?: readonly FactSource[];
  readonly changes?: Readonly<Record<string, Changes>>;
  /** Events of features below many of which come at once, heard together; none in a replay. */
  readonly heard?: Readonly<Record<string, Project<readonly never[]>>>;
  /** At the end of a replay, before the facts are written: what only the whole record shows. */
  readonly replayed?: (tx: EntityManager) => Promise<void>;
}
