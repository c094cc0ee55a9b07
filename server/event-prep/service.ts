import { In, type DataSource, type EntityManager } from 'typeorm';
import { v5 as idFrom, v7 as newId } from 'uuid';
import type { callOffEvent, EventPrep, listEventPreps, setEventPrep } from '@cadre/contract/event-prep';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { PREP_CHECKLISTS, PREP_STEPS, prepSteps } from '@cadre/core/event-prep';
import { siteDay } from '@cadre/core/schedule';
import { bikeEntity, siteEntity } from '@cadre/server/fleet';
import {
  chainNamed,
  chainOfSentSite,
  chainOfSiteOf,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { roundClosed, roundEntity, type RoundEvents } from '@cadre/server/rounds';
import type { TimedRechecks } from '@cadre/server/timed-rechecks';
import type { EventPrepRow, PlannedStep } from './entities';
import type { EventPrepEvents } from './events';
import { comingEvents, describeEvents, findEvent } from './read';
import { soaksOf } from './soaks';
import { STEP_WORDS } from './step-words';
import * as t from './messages';

type Events = EventPrepEvents & RoundEvents;
type Body = BodyOf<typeof setEventPrep>;

const chainOfEvent = (id: string) => chainOfSiteOf('event', 'event_prep', id);

/** Events the bikes are made ready for: each counted back to rounds that make themselves when their time comes. */
export class EventPreps {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<Events>,
    private readonly now: () => number,
    private readonly timedRechecks: Pick<TimedRechecks, 'startSoak'>,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listEventPreps>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    return { events: await describeEvents(tx, await comingEvents(tx, this.now())) };
  }

  async set(actor: Actor, id: string, body: Body): Promise<EventPrep> {
    requireAct(actor, 'sign');
    return this.log.act(
      {
        chain: body.version === null ? chainOfSentSite(body.siteId) : chainOfEvent(id),
        id: body.id,
        request: { eventId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const before = body.version === null ? null : await findEvent(tx, id);
        if ((before?.version ?? null) !== body.version)
          throw new RefusedError(
            'conflict.version',
            {},
            before ? { current: (await describeEvents(tx, [before]))[0] as EventPrep } : {},
          );
        await this.refuse(tx, body, before);
        const site = await tx.getRepository(siteEntity).findOneByOrFail({ id: body.siteId });
        const counted = prepSteps(body.startsAt, site, this.now());
        const { siteId, name, startsAt, bikeIds, people } = body;
        const moved =
          before !== null &&
          siteDay(before.startsAt.getTime(), site.timeZone) !== siteDay(startsAt, site.timeZone);
        const changes: NewEvent<Events>[] = [];
        const steps: PlannedStep[] = [];
        for (const kind of PREP_STEPS) {
          const again = counted.find((each) => each.step === kind);
          const earlier = before?.steps.find((step) => step.step === kind);
          const round = earlier && (await tx.getRepository(roundEntity).findOneBy({ id: earlier.roundId }));
          // What was made in its time is neither late nor too short because something else of the event is changed.
          const made = earlier && round && !moved && (again?.late ?? true) ? earlier : undefined;
          const each = made ?? again;
          if (!each) {
            if (round?.state === 'open')
              changes.push(await roundClosed(tx, round.id, t.movedAway, this.now()));
            continue;
          }
          // What was ordered stays ordered; what was cleaned, set or checked for another day is done again.
          const stays = !round || !moved || (each.step === 'order' && round.state === 'open');
          steps.push({ ...each, roundId: earlier && stays ? earlier.roundId : newId() });
          if (round?.state !== 'open') continue;
          if (stays)
            changes.push({
              kind: 'round.changed',
              body: {
                roundId: round.id,
                name: t.roundOf({ event: name, step: STEP_WORDS[each.step] }),
                bikeIds,
                people,
                deadline: each.deadline,
              },
            });
          else changes.push(await roundClosed(tx, round.id, t.movedAway, this.now()));
        }
        return [
          {
            kind: 'event-prep.set' as const,
            body: { event: { id, siteId, name, startsAt, bikeIds, people, steps } },
          },
          ...changes,
        ];
      },
      async (tx) => (await describeEvents(tx, [await findEvent(tx, id)]))[0] as EventPrep,
    );
  }

  private async refuse(tx: EntityManager, body: Body, before: EventPrepRow | null): Promise<void> {
    const refused = (path: string, code: 'past' | 'unknown' | 'twice'): RefusedError =>
      new RefusedError('body.invalid', {}, { fields: [{ path, code }] });
    if (body.startsAt <= this.now()) throw refused('startsAt', 'past');
    if (before && before.siteId !== body.siteId) throw refused('siteId', 'unknown');
    const twice = body.bikeIds.findIndex((id, index) => body.bikeIds.indexOf(id) !== index);
    if (twice >= 0) throw refused(`bikeIds.${twice}`, 'twice');
    const rows = await tx.getRepository(bikeEntity).findBy({ id: In(body.bikeIds), siteId: body.siteId });
    const known = new Set(rows.map((row) => row.id));
    const strange = body.bikeIds.findIndex((id) => !known.has(id));
    if (strange >= 0) throw refused(`bikeIds.${strange}`, 'unknown');
  }

  async callOff(
    actor: Actor,
    eventId: string,
    { id }: BodyOf<typeof callOffEvent>,
  ): Promise<AnswerOf<typeof callOffEvent>> {
    requireAct(actor, 'sign');
    return this.log.act(
      { chain: chainOfEvent(eventId), id, request: { eventId, id }, author: actor.id },
      async (tx) => {
        const event = await findEvent(tx, eventId);
        const open = await tx
          .getRepository(roundEntity)
          .findBy({ id: In(event.steps.map((step) => step.roundId)), state: 'open' });
        const closed: NewEvent<Events>[] = [];
        for (const round of open) closed.push(await roundClosed(tx, round.id, t.calledOff, this.now()));
        return [{ kind: 'event-prep.called-off' as const, body: { eventId } }, ...closed];
      },
      async (tx) => ({ events: await describeEvents(tx, await comingEvents(tx, this.now())) }),
    );
  }

  /**
   * Makes the round of every step whose time has come, and starts the soak of every tyre gauged in the round for the night. Ids are made of the step, so that any
   * number of servers asking at once make each once. Answers how many were made and started.
   */
  async raise(): Promise<number> {
    let raised = 0;
    for (const event of await comingEvents(this.source.manager, this.now())) {
      for (const step of event.steps) if (await this.makeRound(event, step)) raised += 1;
      for (const soak of await soaksOf(this.source.manager, event, this.now()))
        if (await this.timedRechecks.startSoak(soak)) raised += 1;
    }
    return raised;
  }

  private async makeRound(event: EventPrepRow, step: PlannedStep): Promise<boolean> {
    const now = this.now();
    // The record is written in whole milliseconds after now: a round due already would be none anybody could do.
    if (now < step.makeAt || now >= event.startsAt.getTime()) return false;
    if (await this.source.getRepository(roundEntity).existsBy({ id: step.roundId })) return false;
    const there = await this.source
      .getRepository(bikeEntity)
      .findBy({ id: In([...event.bikeIds]), siteId: event.siteId });
    const here = new Set(there.filter((bike) => bike.whereabouts !== 'gone').map((bike) => bike.id));
    const bikeIds = event.bikeIds.filter((id) => here.has(id));
    if (bikeIds.length === 0) return false;
    const { siteId, people } = event;
    return this.log.act(
      {
        chain: chainNamed(siteId),
        id: idFrom('made', step.roundId),
        request: { eventId: event.id, roundId: step.roundId },
        author: null,
      },
      async () => ({
        kind: 'round.made',
        body: {
          round: {
            id: step.roundId,
            name: t.roundOf({ event: event.name, step: STEP_WORDS[step.step] }),
            checklistKey: PREP_CHECKLISTS[step.step],
            deadline: Math.max(step.deadline, now + 1),
            ...{ siteId, bikeIds, people, standingId: null },
          },
        },
      }),
      async (_tx, { repeated }) => !repeated,
    );
  }
}
