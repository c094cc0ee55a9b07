import type { DataSource } from 'typeorm';
import { changes, timeline } from '@cadre/contract/timeline';
import { changeOf, parseCursor, sha256, type LiveStream } from '@cadre/server/platform/event-log';
import { answering, requireAct, sessionToken, type Implemented } from '@cadre/server/platform/http';
import { timelineOf } from './read';

/** An event's body as a timeline wants it: which marks it covers is the record's business, and many. */
function toldOf(body: string): unknown {
  const { markIds: _markIds, ...said } = JSON.parse(body) as { markIds?: unknown };
  return said;
}

export interface TimelineDeps {
  readonly source: DataSource;
  readonly live: LiveStream;
  /** Kinds of events a timeline may leave out. */
  readonly quiet: readonly string[];
}

export const timelineRoutes = ({ source, live, quiet }: TimelineDeps): readonly Implemented[] => [
  answering(timeline, async ({ params, query }, actor) => {
    requireAct(actor, 'see');
    const { entries, next } = await timelineOf(source, params.id, query, quiet);
    return {
      entries: entries.map((row) => ({ ...changeOf(row), id: row.id, body: toldOf(row.body) })),
      next,
    };
  }),
  answering(changes, async ({ req, res, query }, actor) => {
    requireAct(actor, 'see');
    live.open(res, {
      session: sha256(sessionToken(req) ?? ''),
      start: parseCursor(req.get('last-event-id')),
      sites: query.sites ? new Set(query.sites.split(',')) : null,
    });
    return undefined as never;
  }),
];
