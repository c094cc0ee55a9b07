import {
  dropDraft,
  getSheet,
  listDrafts,
  listSheets,
  policyVersions,
  previewPolicy,
  publishPolicy,
  publishSheet,
  saveDraft,
  sheetVersions,
} from '@cadre/contract/catalogue';
import {
  addMarks,
  amendCheck,
  coSignCheck,
  findChecks,
  getCheck,
  listChecks,
  listLooks,
  listPatterns,
  listServices,
  openCheck,
  signCheck,
} from '@cadre/contract/checks';
import {
  closeFinding,
  findingsOfBike,
  lookAcross,
  mergeFindings,
  setSeverity,
} from '@cadre/contract/findings';
import { getFleetDocument, importBikes } from '@cadre/contract/exchange';
import {
  addBike,
  addModel,
  addRack,
  addSite,
  changeBike,
  changeModel,
  changeRack,
  changeSite,
  getBike,
  getWall,
  hangBikes,
  listBikes,
  moveBike,
  noteMarkings,
  orderRacks,
  removeRack,
} from '@cadre/contract/fleet';
import { decideIntake, listIntakes, openIntake, priceIntake } from '@cadre/contract/intake';
import {
  countStock,
  fitPart,
  listFitments,
  listStock,
  movePart,
  orderDocument,
  setStockItem,
  takePartOff,
} from '@cadre/contract/parts';
import {
  addPerson,
  changePerson,
  currentSession,
  listPeople,
  setCompetence,
  setUp,
  setupState,
  signIn,
  signOut,
} from '@cadre/contract/people';
import { changes as changesRoute, health, timeline } from '@cadre/contract/records';
import {
  finishRepair,
  hangTag,
  leaveApart,
  listCosts,
  listRepairs,
  openReLook,
  planRepair,
  putTogether,
  releaseBike,
  startRepair,
} from '@cadre/contract/repairs';
import { addGroup, changeGroup, listGroups, removeGroup } from '@cadre/contract/schedule';
import { reportMishap } from '@cadre/contract/mishaps';
import { addPhoto, listPhotos, photoOf, showPhoto, type PhotoOf } from '@cadre/contract/photos';
import { answerWait, setWait } from '@cadre/contract/waits';
import { wearOfBike } from '@cadre/contract/wear';
import {
  changeRound,
  closeRound,
  getRound,
  listRounds,
  makeRound,
  setStandingRound,
} from '@cadre/contract/rounds';
import type { DataSource } from 'typeorm';
import { Catalogue, Policies } from '@cadre/server/catalogue';
import { Checks, readingsUnder } from '@cadre/server/checks';
import { Findings } from '@cadre/server/findings';
import { Exchange } from '@cadre/server/exchange';
import { Fleet, Models, Racks } from '@cadre/server/fleet';
import { Intakes } from '@cadre/server/intake';
import { orderPdf, Parts, Stock } from '@cadre/server/parts';
import { People, personOf, requireAct, Sessions } from '@cadre/server/people';
import { personEntity } from '@cadre/server/people/entities';
import { projector } from '@cadre/server/projection';
import { changeOf, Changes, EventLog, RefusedError, timelineOf } from '@cadre/server/records';
import { Rounds } from '@cadre/server/rounds';
import { Mishaps } from '@cadre/server/mishaps';
import { Photos } from '@cadre/server/photos';
import { Waits } from '@cadre/server/waits';
import { Wear } from '@cadre/server/wear';
import { repairCosts, Repairs } from '@cadre/server/repairs';
import { Groups } from '@cadre/server/schedule';
import type { Request } from 'express';
import { sessionToken, setSessionCookie } from './cookie';
import { answering, readAs, type Implemented } from './implement';
import { streamChanges } from './stream';

export interface Services {
  readonly sessions: Sessions;
  readonly people: People;
  readonly fleet: Fleet;
  readonly racks: Racks;
  readonly models: Models;
  readonly parts: Parts;
  readonly stock: Stock;
  readonly intakes: Intakes;
  readonly groups: Groups;
  readonly exchange: Exchange;
  readonly catalogue: Catalogue;
  readonly policies: Policies;
  readonly checks: Checks;
  readonly rounds: Rounds;
  readonly waits: Waits;
  readonly wear: Wear;
  readonly photos: Photos;
  readonly mishaps: Mishaps;
  readonly findings: Findings;
  readonly repairs: Repairs;
  readonly changes: Changes;
}

export function createServices(source: DataSource, now: () => number): Services {
  const log = new EventLog(source, projector, now);
  return {
    sessions: new Sessions(source, now),
    people: new People(source, log),
    fleet: new Fleet(source, log, now),
    racks: new Racks(log),
    models: new Models(log, now),
    parts: new Parts(source, log),
    stock: new Stock(source, log),
    intakes: new Intakes(source, log),
    groups: new Groups(source, log),
    exchange: new Exchange(source, log, now),
    catalogue: new Catalogue(source, log),
    policies: new Policies(source, log, now, readingsUnder),
    checks: new Checks(source, log, now),
    rounds: new Rounds(source, log, now),
    waits: new Waits(source, log, now),
    wear: new Wear(source, now),
    photos: new Photos(source, log),
    mishaps: new Mishaps(log, now),
    findings: new Findings(source, log, now),
    repairs: new Repairs(source, log, now),
    changes: new Changes(source, log),
  };
}

/** An entry's body as a timeline wants it: which marks a signature covers is the record's business, and many. */
function toldOf({ kind, body }: { kind: string; body: string }): unknown {
  const said = JSON.parse(body) as { markIds?: unknown };
  if (kind === 'check.signed' || kind === 'check.amended') delete said.markIds;
  return said;
}

/** What a photo is of, as it stands in the address of its upload. */
function readPhotoOf(text: string): PhotoOf {
  let said: unknown;
  try {
    said = JSON.parse(text);
  } catch {
    throw new RefusedError('body.invalid', {}, { fields: [{ path: 'of', code: 'not-json' }] });
  }
  return readAs(photoOf, said, 'of.');
}

export interface RoutesDeps {
  readonly source: DataSource;
  readonly services: Services;
  readonly now: () => number;
  readonly version: string;
  /** Whether a program set up here is the demo. */
  readonly demo: boolean;
  readonly log: { error(detail: object, message: string): void };
}

/** The device a browser says it is; one that says nothing is known by its session alone. */
function deviceOf(req: Request): string {
  const said = req.get('x-cadre-device') ?? '';
  return /^[0-9a-f-]{36}$/.test(said) ? said : 'unnamed';
}

export function createRoutes({
  source,
  services: s,
  now,
  version,
  demo,
  log,
}: RoutesDeps): readonly Implemented[] {
  return [
    answering(health, async () => {
      const database = await source
        .query('SELECT 1')
        .then(() => 'up' as const)
        .catch(() => 'down' as const);
      return {
        status: database === 'up' ? ('ok' as const) : ('database-down' as const),
        version,
        database,
        now: now(),
      };
    }),
    answering(setupState, async () => {
      const program = await s.people.state();
      const people = program?.demo
        ? await source.getRepository(personEntity).find({ where: { active: true }, order: { name: 'ASC' } })
        : [];
      return {
        state: program ? ('ready' as const) : ('empty' as const),
        programName: program?.name ?? null,
        demoPeople: people.map(({ name, signInName, role, trainee }) => ({
          name,
          signInName,
          role,
          trainee,
        })),
      };
    }),
    answering(setUp, async ({ body, req, res }) => {
      const lead = await s.people.setUp(body, demo);
      const { token, session } = await s.sessions.begin(lead, deviceOf(req));
      setSessionCookie(req, res, token);
      return session;
    }),
    answering(signIn, async ({ body, req, res }) => {
      const { token, session } = await s.sessions.signIn({
        ...body,
        device: deviceOf(req),
        address: req.ip ?? '',
        oldToken: sessionToken(req),
      });
      setSessionCookie(req, res, token);
      return session;
    }),
    answering(currentSession, async (_call, actor) =>
      s.sessions.describe(await source.getRepository(personEntity).findOneByOrFail({ id: actor.id })),
    ),
    answering(signOut, async ({ req, res }) => {
      const token = sessionToken(req);
      if (token) await s.sessions.end(token);
      setSessionCookie(req, res, null);
      return { done: true as const };
    }),
    answering(listPeople, async (_call, actor) => ({ people: (await s.people.list(actor)).map(personOf) })),
    answering(addPerson, async ({ body }, actor) => personOf(await s.people.add(actor, body))),
    answering(changePerson, async ({ params, body }, actor) =>
      personOf(await s.people.change(actor, params.id, body)),
    ),
    answering(setCompetence, async ({ params, body }, actor) =>
      personOf(await s.people.setCompetence(actor, params.id, params.system, body)),
    ),
    answering(getWall, async (_call, actor) => s.fleet.wall(actor)),
    answering(listBikes, async ({ query }, actor) => s.fleet.list(actor, query)),
    answering(getBike, async ({ params }, actor) => s.fleet.get(actor, params.id)),
    answering(addBike, async ({ body }, actor) => s.fleet.add(actor, body)),
    answering(changeBike, async ({ params, body }, actor) => s.fleet.change(actor, params.id, body)),
    answering(noteMarkings, async ({ params, body }, actor) => s.fleet.noteMarkings(actor, params.id, body)),
    answering(moveBike, async ({ params, body }, actor) => s.fleet.move(actor, params.id, body)),
    answering(hangBikes, async ({ body }, actor) => s.racks.hang(actor, body)),
    answering(addSite, async ({ body }, actor) => s.racks.addSite(actor, body)),
    answering(changeSite, async ({ params, body }, actor) => s.racks.changeSite(actor, params.id, body)),
    answering(addRack, async ({ body }, actor) => s.racks.addRack(actor, body)),
    answering(changeRack, async ({ params, body }, actor) => s.racks.changeRack(actor, params.id, body)),
    answering(removeRack, async ({ params, body }, actor) => s.racks.removeRack(actor, params.id, body)),
    answering(orderRacks, async ({ params, body }, actor) => s.racks.orderRacks(actor, params.id, body)),
    answering(addModel, async ({ body }, actor) => s.models.add(actor, body)),
    answering(changeModel, async ({ params, body }, actor) => s.models.change(actor, params.id, body)),
    answering(listFitments, async ({ params }, actor) => s.parts.list(actor, params.id)),
    answering(fitPart, async ({ params, body }, actor) => s.parts.fit(actor, params.id, body)),
    answering(movePart, async ({ params, body }, actor) => s.parts.move(actor, params.id, body)),
    answering(takePartOff, async ({ params, body }, actor) => s.parts.takeOff(actor, params.id, body)),
    answering(listStock, async (_call, actor) => s.stock.list(actor)),
    answering(setStockItem, async ({ params, body }, actor) => s.stock.set(actor, params.id, body)),
    answering(countStock, async ({ params, body }, actor) => s.stock.count(actor, params.id, body)),
    answering(orderDocument, async ({ res }, actor) => {
      const bytes = await orderPdf(source, await s.stock.toOrder(actor), now());
      res
        .set({ 'content-type': 'application/pdf', 'content-disposition': 'attachment; filename="order.pdf"' })
        .send(bytes);
      return {};
    }),
    answering(listIntakes, async (_call, actor) => s.intakes.list(actor)),
    answering(openIntake, async ({ body }, actor) => s.intakes.open(actor, body)),
    answering(priceIntake, async ({ params, body }, actor) => s.intakes.price(actor, params.id, body)),
    answering(decideIntake, async ({ params, body }, actor) => s.intakes.decide(actor, params.id, body)),
    answering(listGroups, async ({ query }, actor) => s.groups.list(actor, query)),
    answering(addGroup, async ({ body }, actor) => s.groups.add(actor, body)),
    answering(changeGroup, async ({ params, body }, actor) => s.groups.change(actor, params.id, body)),
    answering(removeGroup, async ({ params, body }, actor) => s.groups.remove(actor, params.id, body)),
    answering(getFleetDocument, async (_call, actor) => s.exchange.document(actor)),
    answering(importBikes, async ({ body }, actor) => s.exchange.import(actor, body)),
    answering(listSheets, async (_call, actor) => s.catalogue.list(actor)),
    answering(getSheet, async ({ params }, actor) => s.catalogue.get(actor, params.hash)),
    answering(sheetVersions, async ({ params }, actor) => s.catalogue.versions(actor, params.key)),
    answering(publishSheet, async ({ body }, actor) => s.catalogue.publish(actor, body)),
    answering(listDrafts, async (_call, actor) => s.catalogue.drafts(actor)),
    answering(saveDraft, async ({ params, body }, actor) => s.catalogue.saveDraft(actor, params.key, body)),
    answering(dropDraft, async ({ params, body }, actor) => s.catalogue.dropDraft(actor, params.key, body)),
    answering(previewPolicy, async ({ body }, actor) => s.policies.preview(actor, body.policy)),
    answering(publishPolicy, async ({ body }, actor) => s.policies.publish(actor, body)),
    answering(policyVersions, async (_call, actor) => s.policies.versions(actor)),
    answering(openCheck, async ({ body }, actor) => s.checks.open(actor, body)),
    answering(getCheck, async ({ params }, actor) => s.checks.get(actor, params.id)),
    answering(addMarks, async ({ params, body }, actor) => s.checks.mark(actor, params.id, body)),
    answering(signCheck, async ({ params, body }, actor) => s.checks.sign(actor, params.id, body)),
    answering(coSignCheck, async ({ params, body }, actor) => s.checks.coSign(actor, params.id, body)),
    answering(amendCheck, async ({ params, body }, actor) => s.checks.amend(actor, params.id, body)),
    answering(findChecks, async ({ body }, actor) => s.checks.find(actor, body)),
    answering(listLooks, async ({ params }, actor) => s.checks.looks(actor, params.id)),
    answering(listChecks, async ({ params, query }, actor) => s.checks.list(actor, params.id, query.most)),
    answering(listServices, async ({ params }, actor) => s.checks.services(actor, params.id)),
    answering(listPatterns, async (_call, actor) => s.checks.patterns(actor)),
    answering(setWait, async ({ params, body }, actor) => s.waits.set(actor, params.id, body)),
    answering(reportMishap, async ({ params, body }, actor) => s.mishaps.report(actor, params.id, body)),
    answering(addPhoto, async ({ params, query, req }, actor) =>
      s.photos.add(actor, params.id, readPhotoOf(query.of), req.body),
    ),
    answering(listPhotos, async ({ params, query }, actor) => s.photos.list(actor, params.id, query)),
    answering(showPhoto, async ({ params, res }, actor) => {
      const bytes = await s.photos.show(actor, params.id, params.size);
      res
        .set({
          'content-type': 'image/jpeg',
          'cache-control': 'private, max-age=31536000, immutable',
          'content-disposition': 'inline',
        })
        .send(bytes);
      return {};
    }),
    answering(wearOfBike, async ({ params }, actor) => s.wear.ofBike(actor, params.id)),
    answering(answerWait, async ({ params, body }, actor) => s.waits.answer(actor, params.id, body)),
    answering(listRounds, async (_call, actor) => s.rounds.list(actor)),
    answering(getRound, async ({ params }, actor) => s.rounds.get(actor, params.id)),
    answering(makeRound, async ({ body }, actor) => s.rounds.make(actor, body)),
    answering(changeRound, async ({ params, body }, actor) => s.rounds.change(actor, params.id, body)),
    answering(closeRound, async ({ params, body }, actor) => s.rounds.close(actor, params.id, body)),
    answering(setStandingRound, async ({ params, body }, actor) =>
      s.rounds.setStanding(actor, params.id, body),
    ),
    answering(lookAcross, async ({ params }, actor) => s.findings.lookAcross(actor, params.id)),
    answering(setSeverity, async ({ params, body }, actor) => s.findings.setSeverity(actor, params.id, body)),
    answering(findingsOfBike, async ({ params, query }, actor) => s.findings.ofBike(actor, params.id, query)),
    answering(closeFinding, async ({ params, body }, actor) => s.findings.close(actor, params.id, body)),
    answering(mergeFindings, async ({ params, body }, actor) => s.findings.merge(actor, params.id, body)),
    answering(listCosts, async ({ query }, actor) => repairCosts(source, actor, query)),
    answering(planRepair, async ({ params, body }, actor) => s.repairs.plan(actor, params.id, body)),
    answering(hangTag, async ({ params, body }, actor) => s.repairs.hangTag(actor, params.id, body)),
    answering(listRepairs, async ({ query }, actor) => s.repairs.list(actor, query)),
    answering(startRepair, async ({ body }, actor) => s.repairs.start(actor, body)),
    answering(finishRepair, async ({ params, body }, actor) => s.repairs.finish(actor, params.id, body)),
    answering(openReLook, async ({ params, body }, actor) => s.repairs.openReLook(actor, params.id, body)),
    answering(leaveApart, async ({ params, body }, actor) => s.repairs.leaveApart(actor, params.id, body)),
    answering(putTogether, async ({ params, body }, actor) => s.repairs.putTogether(actor, params.id, body)),
    answering(releaseBike, async ({ params, body }, actor) => s.repairs.release(actor, params.id, body)),
    answering(timeline, async ({ params, query }, actor) => {
      requireAct(actor, 'see');
      const { entries, next } = await timelineOf(source, params.id, query);
      return { entries: entries.map((row) => ({ ...changeOf(row), id: row.id, body: toldOf(row) })), next };
    }),
    answering(changesRoute, async ({ req, res }, actor) => {
      requireAct(actor, 'see');
      await streamChanges(s.changes, req, res, (error) => log.error({ err: error }, 'live stream failed'));
      return undefined as never;
    }),
  ];
}
