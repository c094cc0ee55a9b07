import { itemContent } from '@cadre/core/authorship';
import { questionKey } from '@cadre/core/catalogue';
import { In, IsNull, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type {
  addMarks,
  amendCheck,
  Check,
  coSignCheck,
  findChecks,
  listChecks,
  listLooks,
  listServices,
  NewMark,
  openCheck,
  signCheck,
} from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { withStops } from '@cadre/core/findings';
import { endOfSiteDay } from '@cadre/core/schedule';
import { checklistByHash } from '@cadre/server/catalogue';
import { describeBike, findBike, siteEntity } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { authorOf, authorsOf, requireOwn } from '@cadre/server/people';
import {
  chainOfBike,
  chainOfBikeOf,
  hashOf,
  RefusedError,
  type EventLog,
} from '@cadre/server/platform/event-log';
import { checkEntity, markEntity } from './entities';
import { markDocument, markSaid } from './mark-digest';
import { inHand } from './in-hand';
import { factsOf } from '@cadre/server/fitness';
import { exposureBegun } from './exposure';
import { markedStopsOf, stopChanges } from './draft-stops';
import { describeCheck, findCheck } from './read';
import { itemOf, rowOf } from './rows';
import { amendmentOf } from './amend';
import { checksOf, lookedAt, openChecksOf, servicesOf } from './looks';
import { judgeSigned } from './judge';
import type { CheckEvents } from './events';

/** Whose marks these are, where they are not the deliverer's own. */
function authorsBut(actor: Actor, marks: readonly NewMark[]): { readonly authors?: readonly string[] } {
  const authors = [...new Set(marks.map((mark) => mark.author))].sort();
  return authors.some((id) => id !== actor.id) ? { authors } : {};
}

/** A mark that may be from after its author left adds to what they said. It takes the place of nothing: a lighter fault must not end a stop. */
async function refuseReplacing(tx: EntityManager, checkId: string, late: readonly NewMark[]): Promise<void> {
  if (late.length === 0) return;
  const said = await tx
    .getRepository(markEntity)
    .findBy({ checkId, author: In(late.map((mark) => mark.author)) });
  const replaces = late.filter((mark) =>
    said.some((row) => row.author === mark.author && questionKey(row) === questionKey(mark)),
  );
  if (replaces.length > 0)
    throw new RefusedError('author.unproven', { items: replaces.map((mark) => mark.id) });
}

export class Checks {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<CheckEvents>,
    private readonly now: () => number,
  ) {}

  async get(actor: Actor, id: string): Promise<Check> {
    requireAct(actor, 'see');
    return describeCheck(this.source.manager, id, this.now());
  }

  async find(actor: Actor, body: BodyOf<typeof findChecks>): Promise<AnswerOf<typeof findChecks>> {
    requireAct(actor, 'see');
    return { checks: await openChecksOf(this.source.manager, body.bikeIds, body.checklistKeys, this.now()) };
  }

  async looks(actor: Actor, bikeId: string): Promise<AnswerOf<typeof listLooks>> {
    requireAct(actor, 'see');
    return { looks: await lookedAt(this.source.manager, bikeId) };
  }

  async list(actor: Actor, bikeId: string, most: number): Promise<AnswerOf<typeof listChecks>> {
    requireAct(actor, 'see');
    return { checks: await checksOf(this.source.manager, bikeId, most) };
  }

  async services(actor: Actor, bikeId: string): Promise<AnswerOf<typeof listServices>> {
    requireAct(actor, 'see');
    return { services: await servicesOf(this.source.manager, bikeId) };
  }

  /** Begins a check. One open check a bike and checklist: a second is answered with the first, to be joined. */
  async open(actor: Actor, body: BodyOf<typeof openCheck>): Promise<Check> {
    requireAct(actor, 'mark');
    return this.log.act(
      // Who begins it may be told another way by whoever delivers it next.
      {
        chain: chainOfBike(body.bikeId),
        id: body.id,
        request: { bikeId: body.bikeId, checklistHash: body.checklistHash, at: body.at },
        author: actor.id,
      },
      async (tx) => {
        const at = Math.min(body.at, this.now());
        await authorOf(tx, actor, 'mark', {
          kind: 'opening',
          id: body.id,
          author: body.author,
          content: itemContent({}, body),
          proof: body.proof,
        });
        const { hash, checklist } = await checklistByHash(tx, body.checklistHash);
        const open = await tx
          .getRepository(checkEntity)
          .findOneBy({ bikeId: body.bikeId, checklistHash: hash, state: 'open', repairId: IsNull() });
        if (open) {
          const { siteId } = await findBike(tx, body.bikeId);
          const { timeZone } = await tx.getRepository(siteEntity).findOneByOrFail({ id: siteId });
          // A ride-out begun on an earlier day says nothing of today: it is closed unsigned, its marks kept. Work over days goes on.
          if (!checklist.clears || endOfSiteDay(open.openedAt.getTime(), timeZone) >= at)
            throw new RefusedError(
              'conflict.check-open',
              { checkId: open.id },
              { current: await describeCheck(tx, open.id, this.now()) },
            );
        }
        const opened = {
          kind: 'check.opened' as const,
          body: {
            ...{ bikeId: body.bikeId, checkId: body.id, checklistHash: hash, openedBy: body.author },
            ...(await exposureBegun(tx, body.bikeId, checklist, this.now())),
          },
          happenedAt: at,
        };
        if (!open) return opened;
        const facts = await factsOf(tx, body.bikeId);
        const stops = await markedStopsOf(tx, open.id, facts);
        return [
          {
            kind: 'check.abandoned' as const,
            body: {
              bikeId: body.bikeId,
              checkId: open.id,
              findings: withStops(
                stops.map((stop) => stop.finding),
                [],
                facts.findings,
              ),
              settles: stops.map((stop) => stop.id),
            },
          },
          opened,
        ];
      },
      (tx) => describeCheck(tx, body.id, this.now()),
    );
  }

  /**
   * Adds marks. Each counts once by its id, however often it is sent; the same id with other content is
   * refused. A batch is recorded as one entry that covers the marks that were new.
   */
  async mark(
    actor: Actor,
    checkId: string,
    body: BodyOf<typeof addMarks>,
  ): Promise<AnswerOf<typeof addMarks>> {
    requireAct(actor, 'mark');
    return this.log.act(
      // The marks' own ids tell a repeat: the batch they come in may differ each time.
      { chain: chainOfBikeOf('check', 'bike_check', checkId), id: newId(), request: body, author: actor.id },
      async (tx) => {
        const markIds = body.marks.map((mark) => mark.id);
        const inHandNow = await inHand(tx, checkId, markIds);
        const { check, questions, hasKnown } = inHandNow;
        const asked = new Set(questions.map((each) => each.key));
        const marks =
          hasKnown || new Set(markIds).size < markIds.length
            ? await this.newOnes(tx, actor, checkId, body.marks)
            : body.marks;
        if (marks.length === 0) return [];
        if (check.state === 'signed') throw new RefusedError('check.already-signed', { checkId });
        if (check.state === 'abandoned') throw new RefusedError('check.abandoned', { checkId });
        const { proven, late } = await authorsOf(
          tx,
          actor,
          check.repairId ? 'recheck' : 'mark',
          marks.map((mark) => itemOf(check, mark, actor)),
        );
        await refuseReplacing(
          tx,
          checkId,
          marks.filter((mark) => late.has(mark.id)),
        );
        const strange = marks.find((mark) => !asked.has(questionKey(mark)));
        if (strange)
          throw new RefusedError('check.mark-not-asked', {
            checkpoint: strange.checkpoint,
            position: strange.position,
          });
        const came = { actor, recordedAt: this.now() };
        const rows = marks.map((mark) => rowOf(checkId, mark, came, proven.has(mark.id)));
        await tx.getRepository(markEntity).insert(rows);
        const stops = await stopChanges(tx, inHandNow, marks);
        return {
          kind: 'check.marked',
          body: {
            bikeId: check.bikeId,
            checkId,
            markIds: rows.map((row) => row.id),
            marksHash: hashOf(rows.map(markDocument)),
            ...authorsBut(actor, marks),
            ...(stops ? { stops } : {}),
          },
          happenedAt: Math.max(...marks.map((mark) => mark.at)),
        };
      },
      () => Promise.resolve({ sent: body.marks.map((mark) => mark.id) }),
    );
  }

  /** The marks not yet kept, each once. Refuses a mark whose id stands with other content. */
  private async newOnes(
    tx: EntityManager,
    actor: Actor,
    checkId: string,
    marks: readonly NewMark[],
  ): Promise<readonly NewMark[]> {
    const fresh: NewMark[] = [];
    const keptById = new Map(
      (await tx.getRepository(markEntity).findBy({ id: In(marks.map((mark) => mark.id)) })).map((row) => [
        row.id,
        row,
      ]),
    );
    for (const mark of marks) {
      const kept = keptById.get(mark.id);
      const twin = fresh.find((each) => each.id === mark.id);
      const standing = kept ?? (twin ? rowOf(checkId, twin, { actor, recordedAt: 0 }) : null);
      if (!standing) fresh.push(mark);
      else if (
        hashOf(markSaid(standing)) !== hashOf(markSaid(rowOf(checkId, mark, { actor, recordedAt: 0 })))
      )
        throw new RefusedError('conflict.id-reused', { id: mark.id });
    }
    return fresh;
  }

  /** Signs a check over exactly the marks it names, and judges it, in one transaction. */
  async sign(
    actor: Actor,
    checkId: string,
    body: BodyOf<typeof signCheck>,
  ): Promise<AnswerOf<typeof signCheck>> {
    requireAct(actor, 'sign');
    return this.log.act(
      {
        chain: chainOfBikeOf('check', 'bike_check', checkId),
        id: body.id,
        request: { checkId, ...itemContent({}, body) },
        author: body.author,
      },
      async (tx) => {
        const check = await findCheck(tx, checkId);
        if (check.state === 'signed') throw new RefusedError('check.already-signed', { checkId });
        if (check.state === 'abandoned') throw new RefusedError('check.abandoned', { checkId });
        const { bikeId, checklistHash } = check;
        const { author, proof } = await authorOf(tx, actor, check.repairId ? 'recheck' : 'sign', {
          kind: 'signature',
          id: body.id,
          author: body.author,
          content: itemContent({ bikeId, checklistHash }, body),
          proof: body.proof,
        });
        // What a recheck passes may close a finding: a trainee marks it, somebody experienced signs it.
        if (check.repairId && author.trainee)
          throw new RefusedError('act.not-allowed', { act: 'recheck', trainee: true });
        const kept = new Set(
          (await tx.getRepository(markEntity).find({ where: { checkId }, select: { id: true } })).map(
            (row) => row.id,
          ),
        );
        const named = new Set(body.markIds);
        const missing = [...named].filter((id) => !kept.has(id));
        const unseen = [...kept].filter((id) => !named.has(id));
        // Somebody else marked meanwhile: the signer has to see it before signing for it.
        if (missing.length > 0 || unseen.length > 0)
          throw new RefusedError(
            'check.marks-missing',
            { missing: missing.length, unseen: unseen.length },
            { current: await describeCheck(tx, checkId, this.now()) },
          );
        // No earlier than the check was begun, and no later than now: what a device takes for the time clears nothing longer.
        const signedAt = Math.min(Math.max(body.at, check.openedAt.getTime()), this.now());
        return judgeSigned(tx, check, author, signedAt, {
          ...(proof ? { proof } : {}),
          ...(author.id === actor.id ? {} : { deliveredBy: actor.id }),
        });
      },
      async (tx) => this.afterSigning(tx, checkId),
    );
  }

  private async afterSigning(tx: EntityManager, checkId: string): Promise<AnswerOf<typeof signCheck>> {
    const check = await describeCheck(tx, checkId, this.now());
    const bike = await describeBike(tx, check.bikeId);
    return { check, bike, findings: bike.facts.findings };
  }

  /** Corrects a signed check: a new check that names it, marked and signed in one act. It never clears what the first did not. */
  async amend(
    actor: Actor,
    amends: string,
    body: BodyOf<typeof amendCheck>,
  ): Promise<AnswerOf<typeof amendCheck>> {
    requireAct(actor, 'sign');
    return this.log.act(
      {
        chain: chainOfBikeOf('check', 'bike_check', amends),
        id: body.id,
        request: { amends, ...body },
        author: body.author,
      },
      async (tx) => {
        const check = await findCheck(tx, amends);
        if (check.state !== 'signed' || check.repairId || check.amends)
          throw new RefusedError('check.not-amendable');
        const author = requireOwn(actor, body.author, 'sign');
        // Somebody experienced corrects the record, or the trainee looks again.
        if (author.trainee) throw new RefusedError('act.not-allowed', { act: 'sign', trainee: true });
        if ((await this.newOnes(tx, actor, body.checkId, body.marks)).length !== body.marks.length)
          throw new RefusedError('conflict.id-reused');
        await tx
          .getRepository(markEntity)
          .insert(
            body.marks.map((mark) =>
              rowOf(body.checkId, { ...mark, author: author.id }, { actor, recordedAt: this.now() }),
            ),
          );
        return amendmentOf(tx, check, body, author, Math.min(body.at, this.now()));
      },
      (tx) => this.afterSigning(tx, body.checkId),
    );
  }

  /** A trainee's check counts once somebody experienced has put their name beside it. */
  async coSign(
    actor: Actor,
    checkId: string,
    body: BodyOf<typeof coSignCheck>,
  ): Promise<{ check: Check; bike: Bike }> {
    requireAct(actor, 'co-sign');
    return this.log.act(
      {
        chain: chainOfBikeOf('check', 'bike_check', checkId),
        id: body.id,
        request: { checkId, ...body },
        author: actor.id,
      },
      async (tx) => {
        const check = await findCheck(tx, checkId);
        if (!check.awaitsCoSign) throw new RefusedError('check.not-awaiting-co-sign');
        if (check.signedBy === actor.id) throw new RefusedError('check.own-co-sign');
        return { kind: 'check.co-signed', body: { bikeId: check.bikeId, checkId }, happenedAt: body.at };
      },
      async (tx) => {
        const check = await describeCheck(tx, checkId, this.now());
        return { check, bike: await describeBike(tx, check.bikeId) };
      },
    );
  }
}
