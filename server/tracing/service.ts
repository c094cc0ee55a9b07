import { Not, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type {
  addPuncture,
  closeTrace,
  endTrace,
  openTraces,
  proveTrace,
  saveTrace,
  traceRecord,
  TraceRun,
} from '@cadre/contract/tracing';
import { holds } from '@cadre/core/catalogue';
import type { FieldIssue } from '@cadre/core/errors';
import type { Finding } from '@cadre/core/findings';
import { TRACES } from '@cadre/core/shipped';
import { causesHolding, positionOfCause, samePunctureHour, traceHere, type Trace } from '@cadre/core/tracing';
import { currentPolicy, publishedCheckpoints } from '@cadre/server/catalogue';
import { findingOfFault } from '@cadre/server/findings';
import { factsOf } from '@cadre/server/fitness';
import { findBike, fittedOf } from '@cadre/server/fleet';
import {
  chainOfBike,
  chainOfBikeOf,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { punctureEntity, traceRunEntity, type TraceRunRow } from './entities';
import type { TracingEvents } from './events';
import { provedCauses, recordOf, runOf, runsOfBike, wasRechecked } from './read';

const refused = (path: string, code: FieldIssue['code']): RefusedError =>
  new RefusedError('body.invalid', {}, { fields: [{ path, code }] });

const answersOf = (row: Pick<TraceRunRow, 'answers'>): ReadonlyMap<string, number | null> =>
  new Map(row.answers.map(({ question, answer }) => [question, answer]));

/** Searches for the cause of a symptom: saved as they go, so that another person can go on, and ended in a finding or a hand-over. */
export class Tracing {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<TracingEvents>,
    private readonly now: () => number,
  ) {}

  async open(actor: Actor): Promise<AnswerOf<typeof openTraces>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const rows = await tx.getRepository(traceRunEntity).find({
      where: { state: Not('closed' as const) },
      order: { changedAt: 'DESC', id: 'DESC' },
      take: 200,
    });
    return { runs: rows.map(runOf), proved: (await provedCauses(tx)).map((each) => ({ ...each })) };
  }

  async record(actor: Actor, bikeId: string): Promise<AnswerOf<typeof traceRecord>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    return { record: await recordOf(tx, bikeId, this.now()), runs: await runsOfBike(tx, bikeId) };
  }

  async save(actor: Actor, runId: string, body: BodyOf<typeof saveTrace>): Promise<TraceRun> {
    requireAct(actor, 'mark');
    const { bikeId, trace: key, position, from: origin, answers, version, at } = body;
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { runId, ...body }, author: actor.id },
      async (tx) => {
        const before = await tx.getRepository(traceRunEntity).findOneBy({ id: runId });
        if ((before?.version ?? null) !== version)
          throw new RefusedError('conflict.version', {}, before ? { current: runOf(before) } : {});
        if (before && (before.bikeId !== bikeId || before.trace !== key)) throw refused('trace', 'unknown');
        if (before && before.state !== 'open') throw new RefusedError('trace.over');
        const refuted = before?.refuted ?? [];
        const trace = await this.traceOf(tx, {
          bikeId,
          trace: key,
          position: before?.position ?? position,
          refuted,
        });
        const wrong = answers.findIndex(({ question, answer }) => {
          const asked = trace.questions.find((each) => each.key === question);
          return !asked || (answer ?? 0) >= asked.answers.length;
        });
        if (wrong >= 0) throw refused(`answers.${wrong}.question`, 'unknown');
        const twice = answers.findIndex(
          ({ question }, index) => answers.findIndex((each) => each.question === question) !== index,
        );
        if (twice >= 0) throw refused(`answers.${twice}.question`, 'twice');
        // Who began it may take back all that was answered: then nothing was said, and nothing holds.
        const isTakenBack =
          (before === null || before.beganBy === actor.id) && answers.every(({ fromRecord }) => fromRecord);
        const holding = isTakenBack
          ? []
          : causesHolding(trace, answersOf({ answers }), { found: null, refuted });
        return {
          kind: 'trace.saved',
          body: {
            ...{ bikeId, runId, trace: key, position: before?.position ?? position, origin, answers },
            holding: holding.map(({ name }) => name),
          },
          happenedAt: at,
        };
      },
      (tx) => this.one(tx, runId),
    );
  }

  async end(actor: Actor, runId: string, body: BodyOf<typeof endTrace>): Promise<TraceRun> {
    requireAct(actor, 'mark');
    const { result, cause: causeKey, severity, note, at } = body;
    return this.onRun(actor, runId, body, async (tx, run) => {
      if (run.state !== 'open') throw new RefusedError('trace.over');
      const trace = await this.traceOf(tx, run);
      const cause = trace.causes.find(({ key }) => key === causeKey) ?? null;
      if (causeKey !== null && !cause) throw refused('cause', 'unknown');
      if (result === 'finding' && !cause) throw refused('cause', 'required');
      const finding =
        result === 'finding' && cause
          ? await this.findingFor(tx, run, trace, { cause, severity, note, by: actor.id })
          : null;
      const found = finding ? (cause?.key ?? null) : null;
      const holding = causesHolding(trace, answersOf(run), { found, refuted: run.refuted });
      return {
        kind: 'trace.ended',
        body: {
          ...{ bikeId: run.bikeId, runId, trace: run.trace, result, cause: causeKey, note, finding },
          holding: holding.map(({ name }) => name),
        },
        happenedAt: at,
      };
    });
  }

  /** Whether the repair of the cause it found ended the symptom. Only what was repaired and rechecked proves anything. */
  async prove(actor: Actor, runId: string, body: BodyOf<typeof proveTrace>): Promise<TraceRun> {
    requireAct(actor, 'repair');
    return this.onRun(actor, runId, body, async (tx, run) => {
      if (run.state !== 'ended' || run.cause === null || run.findingId === null)
        throw new RefusedError('trace.not-repaired');
      if (!(await wasRechecked(tx, run.bikeId, run.findingId))) throw new RefusedError('trace.not-repaired');
      const refuted = [...run.refuted, run.cause];
      const trace = await this.traceOf(tx, { ...run, refuted });
      const holding = body.gone ? [] : causesHolding(trace, answersOf(run), { found: null, refuted });
      return {
        kind: 'trace.proved',
        body: {
          ...{ bikeId: run.bikeId, runId, trace: run.trace, cause: run.cause, gone: body.gone },
          holding: holding.map(({ name }) => name),
        },
        happenedAt: body.at,
      };
    });
  }

  async close(actor: Actor, runId: string, body: BodyOf<typeof closeTrace>): Promise<TraceRun> {
    requireAct(actor, 'release');
    return this.onRun(actor, runId, body, async (_tx, run) => {
      if (run.state === 'closed') throw new RefusedError('trace.over');
      return {
        kind: 'trace.closed',
        body: { bikeId: run.bikeId, runId, trace: run.trace, reason: body.reason },
        happenedAt: body.at,
      };
    });
  }

  async puncture(
    actor: Actor,
    bikeId: string,
    body: BodyOf<typeof addPuncture>,
  ): Promise<AnswerOf<typeof addPuncture>> {
    requireAct(actor, 'mark');
    const { position, hour, cause, at } = body;
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      () =>
        Promise.resolve({
          kind: 'puncture.recorded' as const,
          body: { bikeId, punctureId: body.id, position, hour, cause },
          happenedAt: at,
        }),
      async (tx) => {
        const rows = await tx.getRepository(punctureEntity).findBy({ bikeId });
        const known = rows.map((row) => ({ ...row, at: row.at.getTime() }));
        return { sameHour: samePunctureHour(known, position)?.same ?? false };
      },
    );
  }

  /** A search as it is asked on its bike; refused where no such search is made on this build. */
  private async traceOf(
    tx: EntityManager,
    { bikeId, trace: key, position, refuted }: Pick<TraceRunRow, 'bikeId' | 'trace' | 'position' | 'refuted'>,
  ): Promise<Trace> {
    const shipped = TRACES.find((each) => each.key === key);
    if (!shipped) throw refused('trace', 'unknown');
    const fitted = await fittedOf(tx, await findBike(tx, bikeId));
    if (shipped.applies && !holds(shipped.applies, fitted, shipped.at ?? position))
      throw refused('trace', 'unknown');
    return traceHere(shipped, { fitted, position, proved: await provedCauses(tx), refuted });
  }

  private async findingFor(
    tx: EntityManager,
    run: TraceRunRow,
    trace: Trace,
    {
      cause,
      severity,
      note,
      by,
    }: {
      readonly cause: Trace['causes'][number];
      readonly severity: Finding['severity'] | null;
      readonly note: string;
      readonly by: string;
    },
  ): Promise<Finding> {
    const checkpoint = (await publishedCheckpoints(tx)).find(({ key }) => key === cause.place.checkpoint);
    if (!checkpoint) throw new Error(`no checkpoint ${cause.place.checkpoint} ships`);
    const position = positionOfCause(checkpoint.at, trace, run.position);
    const { policy } = await currentPolicy(tx);
    const { findings: open } = await factsOf(tx, run.bikeId);
    const worst = cause.stop ? 'stop' : severity;
    const said = [`${trace.name}: ${cause.name}`, cause.repair, note]
      .filter(Boolean)
      .join(' · ')
      .slice(0, 400);
    return findingOfFault(
      { checkpoint, position, fault: cause.place.fault, severity: worst },
      { open, policy, by, at: this.now(), note: said, newId },
    );
  }

  private async onRun(
    actor: Actor,
    runId: string,
    body: { readonly id: string },
    decide: (tx: EntityManager, run: TraceRunRow) => Promise<NewEvent<TracingEvents>>,
  ): Promise<TraceRun> {
    return this.log.act(
      {
        chain: chainOfBikeOf('trace', 'trace_run', runId),
        id: body.id,
        request: { runId, ...body },
        author: actor.id,
      },
      async (tx) => decide(tx, await tx.getRepository(traceRunEntity).findOneByOrFail({ id: runId })),
      (tx) => this.one(tx, runId),
    );
  }

  private async one(tx: EntityManager, id: string): Promise<TraceRun> {
    return runOf(await tx.getRepository(traceRunEntity).findOneByOrFail({ id }));
  }
}
