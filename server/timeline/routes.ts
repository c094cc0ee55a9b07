import type { DataSource } from 'typeorm';
import { changes as changesRoute, timeline } from '@cadre/contract/timeline';
import { changeOf, streamChanges, type Changes } from '@cadre/server/platform/event-log';
import { withoutValues } from '@cadre/server/platform/database';
import type { Sessions } from '@cadre/server/people';
import { answering, requireAct, sessionToken, type Implemented } from '@cadre/server/platform/http';
import { timelineOf } from './read';

/** An event's body as a timeline wants it: which marks it covers is the record's business, and many. */
function toldOf(body: string): unknown {
  const { markIds: _markIds, ...said } = JSON.parse(body) as { markIds?: unknown };
  return said;
}

export interface TimelineDeps {
  readonly source: DataSource;
  readonly changes: Changes;
  readonly sessions: Pick<Sessions, 'actorOf'>;
  /** Kinds of events a timeline may leave out. */
  readonly quiet: readonly string[];
  readonly log: { error(detail: object, message: string): void };
}

export const timelineRoutes = ({
  source,
  changes,
  sessions,
  quiet,
  log,
}: TimelineDeps): readonly Implemented[] => [
  answering(timeline, async ({ params, query }, actor) => {
    requireAct(actor, 'see');
    const { entries, next } = await timelineOf(source, params.id, query, quiet);
    return {
      entries: entries.map((row) => ({ ...changeOf(row), id: row.id, body: toldOf(row.body) })),
      next,
    };
  }),
  answering(changesRoute, async ({ req, res }, actor) => {
    requireAct(actor, 'see');
    const token = sessionToken(req);
    const isStill = async (): Promise<boolean> => (await sessions.actorOf(token)) !== null;
    await streamChanges(
      changes,
      req,
      res,
      (error) => log.error({ err: withoutValues(error) }, 'live stream failed'),
      isStill,
    );
    return undefined as never;
  }),
];
