import type { DataSource } from 'typeorm';
import { changes as changesRoute, timeline } from '@cadre/contract/timeline';
import { changeOf, streamChanges, type Changes } from '@cadre/server/platform/event-log';
import { withoutValues } from '@cadre/server/platform/database';
import { answering, requireAct, type Implemented } from '@cadre/server/platform/http';
import { timelineOf } from './read';

/** An event's body as a timeline wants it: which marks it covers is the record's business, and many. */
function toldOf(body: string): unknown {
  const { markIds: _markIds, ...said } = JSON.parse(body) as { markIds?: unknown };
  return said;
}

export interface TimelineDeps {
  readonly source: DataSource;
  readonly changes: Changes;
  /** Kinds of events a timeline may leave out. */
  readonly quiet: readonly string[];
  readonly log: { error(detail: object, message: string): void };
}

export const timelineRoutes = ({ source, changes, quiet, log }: TimelineDeps): readonly Implemented[] => [
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
    await streamChanges(changes, req, res, (error) =>
      log.error({ err: withoutValues(error) }, 'live stream failed'),
    );
    return undefined as never;
  }),
];
