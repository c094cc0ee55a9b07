import type { EntityManager } from 'typeorm';
import type { Position } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import type { TraceResult } from '@cadre/core/tracing';
import { saveFindings } from '@cadre/server/findings';
import type { Projections } from '@cadre/server/platform/event-log';
import { punctureEntity, traceRunEntity, type SavedAnswer, type TraceRunRow } from './entities';

type Run = { bikeId: string; runId: string };

export interface TracingEvents {
  /** A search as it stands; the first of a run begins it. */
  'trace.saved': Run & {
    trace: string;
    position: Position;
    origin: TraceRunRow['origin'];
    answers: readonly SavedAnswer[];
    holding: readonly string[];
  };
  'trace.ended': Run & {
    trace: string;
    result: TraceResult;
    cause: string | null;
    note: string;
    holding: readonly string[];
    finding: Finding | null;
  };
  /** Its repair ended the symptom, or did not: then the search goes on without that cause. */
  'trace.proved': Run & { trace: string; cause: string; gone: boolean; holding: readonly string[] };
  'trace.closed': Run & { trace: string; reason: string };
  'puncture.recorded': {
    bikeId: string;
    punctureId: string;
    position: Position;
    hour: number;
    cause: string;
  };
}

async function change(
  tx: EntityManager,
  id: string,
  by: string | null,
  at: number,
  to: (row: TraceRunRow) => Partial<TraceRunRow>,
): Promise<void> {
  const rows = tx.getRepository(traceRunEntity);
  const row = await rows.findOneByOrFail({ id });
  const changed = { changedBy: by ?? '', changedAt: new Date(at), version: row.version + 1 };
  await rows.update({ id }, { ...to(row), ...changed } as object);
}

export const tracingProjections: Projections<TracingEvents> = {
  async 'trace.saved'(tx, { body, author, happenedAt }) {
    const { runId: id, answers, holding, ...fields } = body;
    if (await tx.getRepository(traceRunEntity).existsBy({ id })) {
      await change(tx, id, author, happenedAt, () => ({ answers, holding }));
      return;
    }
    const by = author ?? '';
    const at = new Date(happenedAt);
    await tx.getRepository(traceRunEntity).insert({
      ...{ id, ...fields, answers, holding, state: 'open', refuted: [], cause: null, result: null },
      ...{ findingId: null, note: '', proved: false, version: 1 },
      ...{ beganBy: by, beganAt: at, changedBy: by, changedAt: at },
    } as object);
  },
  async 'trace.ended'(tx, { body, author, happenedAt }) {
    const { runId, bikeId, result, cause, note, holding, finding } = body;
    const findingId = finding?.id ?? null;
    await change(tx, runId, author, happenedAt, () => ({
      ...{ state: 'ended', result, cause, note, holding, findingId },
    }));
    if (finding) await saveFindings(tx, bikeId, [finding]);
  },
  'trace.proved': (tx, { body: { runId, cause, gone, holding }, author, happenedAt }) =>
    change(tx, runId, author, happenedAt, (row) =>
      gone
        ? { state: 'closed', proved: true, holding: [] }
        : {
            ...{ state: 'open', cause: null, result: null, findingId: null, holding },
            refuted: [...row.refuted, cause],
          },
    ),
  'trace.closed': (tx, { body: { runId, reason }, author, happenedAt }) =>
    change(tx, runId, author, happenedAt, () => ({ state: 'closed', holding: [], note: reason })),
  async 'puncture.recorded'(tx, { body: { punctureId: id, bikeId, position, hour, cause }, happenedAt }) {
    await tx
      .getRepository(punctureEntity)
      .insert({ id, bikeId, position, hour, cause, at: new Date(happenedAt) });
  },
};
