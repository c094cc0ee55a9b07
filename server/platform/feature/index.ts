import type { EntitySchema } from 'typeorm';
import type { ErrorCode } from '@cadre/core/errors';
import type { Act } from '@cadre/core/people';
import type { Project, Verifier } from '@cadre/server/platform/event-log';

/** Any projection, whatever event it is for: the registry that holds them knows no feature's events. */
type AnyProject = Project<never>;

/** What a feature brings to the program besides its routes: tables, the events it writes, and what they mean in rows. */
export interface Feature {
  readonly name: string;
  /** Tables made from the log alone, emptied and filled again by a rebuild; children before their parents. */
  readonly projected?: readonly EntitySchema<object>[];
  /** Tables of its own that no rebuild touches. */
  readonly tables?: readonly EntitySchema<object>[];
  /** Of those, the ones the application may only read and add to. */
  readonly appendOnly?: readonly string[];
  /** Tables of secrets and of sessions: they go into no file. */
  readonly secret?: readonly string[];
  /** Its own events. */
  readonly projections?: Readonly<Record<string, AnyProject>>;
  /** Events of features below that mean rows here too; done after the owner's. */
  readonly listens?: Readonly<Record<string, AnyProject>>;
  /** Its own events many of which come at once, written together. */
  readonly together?: Readonly<Record<string, Project<never>>>;
  /** Its own events that happen every day and a timeline may leave out. */
  readonly quiet?: readonly string[];
  /** Of its own events those that are somebody's act, and the least they must be allowed: a replay holds every entry against it. */
  readonly may?: Readonly<Record<string, Act>>;
  /** Unique indexes of its tables, and what the second to run into one is told. */
  readonly taken?: Readonly<Record<string, ErrorCode>>;
  /** What it keeps beside the log, covered by hashes in it. */
  readonly verifiers?: Readonly<Record<string, Verifier>>;
}
