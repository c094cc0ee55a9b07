import { IsNull, MoreThan, type EntityManager } from 'typeorm';
import { assertNever } from '@cadre/core/errors';
import { NO_PLAN } from '@cadre/core/repairs';
import { needsHold } from '@cadre/core/fitness';
import { policyEntity, sheetDraftEntity, sheetEntity } from '@cadre/server/catalogue/entities';
import { checkEntity } from '@cadre/server/checks/entities';
import { holdEntity } from '@cadre/server/findings/entities';
import {
  bikeEntity,
  bikeStateEntity,
  hookEntity,
  modelEntity,
  rackEntity,
  siteEntity,
} from '@cadre/server/fleet/entities';
import { personEntity, programEntity } from '@cadre/server/people/entities';
import type { BikeDocument, Projector, StoredEvent } from '@cadre/server/records';
import { leftApartEntity, repairEntity } from '@cadre/server/repairs/entities';
import { outingGroupEntity } from '@cadre/server/schedule/entities';
import { waitEntity } from '@cadre/server/waits/entities';
import { refreshBikeState, refreshDraftStops, refreshSigned } from './bike-state';
import { checkAmended, keepFindings } from './check-rows';
import { competenceSet, draftSaved } from './program-rows';
import { mishapReported } from './mishap-rows';
import { intakeDecided, intakeOpened, intakePriced } from './intake-rows';
import { stockItemSet, stockMoved } from './stock-rows';
import { waitAnswered, waitsRidden, waitSet } from './wait-rows';
import { keepReadings, outingBegun } from './wear-rows';
import { roundChanged, roundClosed, roundMade, standingRoundSet } from './round-rows';
import {
  bikesAdded,
  bikeChanged,
  groupChanged,
  groupRowOf,
  modelChanged,
  partFitted,
  partRemoved,
  rackChanged,
  rackRemoved,
  racksOrdered,
} from './fleet-rows';

/** Begins a hold, as of this entry. Its id is the entry's: one entry begins at most one. */
async function beginHold(tx: EntityManager, bikeId: string, entry: StoredEvent): Promise<void> {
  const id = entry.id;
  await tx
    .getRepository(holdEntity)
    .save({ id, bikeId, since: new Date(entry.recordedAt), endedAt: null, hangTag: null });
}

async function moved(tx: EntityManager, id: string, bikeId: string, to: string, at: Date): Promise<void> {
  const bike = await tx.getRepository(bikeEntity).findOneByOrFail({ id: bikeId });
  if (to === 'out') {
    await tx.query(
      "UPDATE finding SET outingsUsed = outingsUsed + 1 WHERE bikeId = ? AND severity = 'soon' AND state <> 'closed'",
      [bikeId],
    );
    await waitsRidden(tx, bikeId);
    await outingBegun(tx, id, bikeId, at);
  }
  // A ride-out counts until the bike comes back: what came back has been ridden.
  if (to === 'in' && bike.whereabouts === 'out')
    await tx.getRepository(checkEntity).update({ bikeId, validUntil: MoreThan(at) }, { validUntil: at });
  await tx
    .getRepository(bikeEntity)
    .update(
      { id: bikeId },
      { whereabouts: bike.whereabouts === to ? bike.whereabouts : (to as typeof bike.whereabouts) },
    );
}

/** Writes the rows an entry means. The same entry always means the same rows: a rebuild relies on it. */
async function apply(tx: EntityManager, entry: StoredEvent): Promise<void> {
  const at = new Date(entry.happenedAt);
  switch (entry.kind) {
    case 'program.set-up':
      await tx
        .getRepository(programEntity)
        .insert({ id: entry.body.programId, name: entry.body.name, demo: entry.body.demo });
      return;
    case 'site.added':
      await tx
        .getRepository(siteEntity)
        .insert({
          id: entry.body.siteId,
          name: entry.body.name,
          timeZone: entry.body.timeZone,
          opensAt: entry.body.opensAt,
        });
      return;
    case 'site.changed': {
      const { siteId: id, ...rest } = entry.body;
      await tx.getRepository(siteEntity).update({ id }, rest);
      return;
    }
    case 'rack.added':
      await tx
        .getRepository(rackEntity)
        .insert({
          id: entry.body.rackId,
          siteId: entry.body.siteId,
          name: entry.body.name,
          position: entry.body.position,
        });
      await tx
        .getRepository(hookEntity)
        .insert(entry.body.hooks.map((hook) => ({ ...hook, rackId: entry.body.rackId })));
      return;
    case 'person.added': {
      const { personId: id, ...rest } = entry.body;
      await tx.getRepository(personEntity).insert({ id, ...rest, active: true, version: 1, competences: [] });
      return;
    }
    case 'person.changed': {
      const { personId: id, ...rest } = entry.body;
      await tx.getRepository(personEntity).update({ id }, { ...rest, version: () => 'version + 1' });
      return;
    }
    case 'person.competence':
      return competenceSet(tx, entry.body, entry.author ?? '', entry.happenedAt);
    case 'sheet.published':
      await tx.getRepository(sheetEntity).insert({
        hash: entry.body.hash,
        key: entry.body.sheet.key,
        version: entry.body.sheet.version,
        sheet: entry.body.sheet,
        publishedBy: entry.author,
        publishedAt: at,
        note: entry.body.note ?? '',
        reason: entry.body.reason ?? '',
        clears: entry.body.sheet.clears,
      });
      await tx.getRepository(sheetDraftEntity).delete({ key: entry.body.sheet.key });
      return;
    case 'sheet.draft-saved':
      return draftSaved(tx, entry.body, entry.author ?? '', at);
    case 'sheet.draft-dropped':
      await tx.getRepository(sheetDraftEntity).delete({ key: entry.body.key });
      return;
    case 'policy.published':
      await tx.getRepository(policyEntity).insert({
        hash: entry.body.hash,
        version: entry.body.policy.version,
        policy: entry.body.policy,
        publishedBy: entry.author,
        publishedAt: at,
      });
      return;
    case 'rack.changed':
      return rackChanged(tx, entry.body);
    case 'rack.removed':
      return rackRemoved(tx, entry.body.rackId);
    case 'racks.ordered':
      return racksOrdered(tx, entry.body.rackIds);
    case 'model.added':
      await tx.getRepository(modelEntity).insert({ ...entry.body.model, version: 1 });
      return;
    case 'model.changed':
      return modelChanged(tx, entry.body, at, entry.recordedAt);
    case 'bike.added':
      return bikesAdded(tx, [entry.body.bike]);
    case 'bike.changed':
      return bikeChanged(tx, entry.body, at);
    case 'bike.hung':
      await tx
        .getRepository(bikeEntity)
        .update(
          { id: entry.body.bikeId },
          { siteId: entry.body.siteId, hookId: entry.body.hookId, version: () => 'version + 1' },
        );
      return;
    case 'part.fitted':
      return partFitted(tx, entry.body, at);
    case 'part.removed':
      return partRemoved(tx, entry.body, at);
    case 'group.added':
      await tx.getRepository(outingGroupEntity).insert({ ...groupRowOf(entry.body.group), version: 1 });
      return;
    case 'group.changed':
      return groupChanged(tx, entry.body.group);
    case 'group.removed':
      await tx.getRepository(outingGroupEntity).delete({ id: entry.body.groupId });
      return;
    case 'bike.moved':
      return moved(tx, entry.id, entry.body.bikeId, entry.body.to, at);
    case 'check.opened': {
      const { checkId: id, bikeId, sheetHash, openedBy, reLook, amends } = entry.body;
      if (reLook) {
        // Two repairs may ask for the very same looks, at two sites at once: then it is the same document.
        await tx
          .createQueryBuilder()
          .insert()
          .into(sheetEntity)
          .values({
            hash: sheetHash,
            key: reLook.sheet.key,
            version: reLook.sheet.version,
            sheet: reLook.sheet as object,
            publishedBy: null,
            publishedAt: null,
            note: '',
            reason: '',
            clears: reLook.sheet.clears,
          })
          .orIgnore()
          .execute();
        await tx.getRepository(repairEntity).update({ id: reLook.repairId }, { reLookCheckId: id });
      }
      await tx.getRepository(checkEntity).insert({
        id,
        bikeId,
        sheetHash,
        state: 'open',
        openedBy,
        openedAt: at,
        criticalsMissing: 0,
        awaitsCoSign: false,
        repairId: reLook?.repairId ?? null,
        hasty: false,
        voided: false,
        amends: amends ?? null,
        reason: '',
      });
      return;
    }
    case 'check.marked':
      return; // marks are the record itself; only the bike's facts may change
    case 'check.signed': {
      const {
        checkId: id,
        bikeId,
        signedBy,
        complete,
        criticalsMissing,
        awaitsCoSign,
        validUntil,
        hasty,
        findings,
        reLooked,
      } = entry.body;
      await tx.getRepository(checkEntity).update(
        { id },
        {
          state: 'signed',
          signedBy,
          signedAt: at,
          complete,
          criticalsMissing: criticalsMissing.length,
          awaitsCoSign,
          hasty,
          validUntil: validUntil === null ? null : new Date(validUntil),
        },
      );
      await keepFindings(tx, bikeId, findings);
      await keepReadings(tx, bikeId, id);
      if (reLooked) {
        await tx.getRepository(repairEntity).update({ id: reLooked.repairId }, { state: 're-looked' });
        await tx
          .getRepository(bikeEntity)
          .update({ id: bikeId, whereabouts: 'on-the-bench' }, { whereabouts: 'in' });
      }
      return;
    }
    case 'check.amended':
      return checkAmended(tx, entry.body, at);
    case 'round.made':
      return roundMade(tx, entry.body.round, entry.author, at);
    case 'round.changed':
      return roundChanged(tx, entry.body);
    case 'round.closed':
      return roundClosed(tx, entry.body, entry.author, at);
    case 'standing-round.set':
      return standingRoundSet(tx, entry.body.standing);
    case 'check.co-signed':
      await tx
        .getRepository(checkEntity)
        .update({ id: entry.body.checkId }, { awaitsCoSign: false, coSignedBy: entry.author });
      return;
    case 'check.abandoned':
      await tx.getRepository(checkEntity).update({ id: entry.body.checkId }, { state: 'abandoned' });
      return;
    case 'finding.under-policy':
      return keepFindings(tx, entry.body.bikeId, entry.body.findings);
    case 'finding.merged':
      return keepFindings(tx, entry.body.bikeId, [entry.body.finding, entry.body.closed]);
    case 'finding.closed':
      if (entry.body.settles)
        await tx.getRepository(repairEntity).update({ id: entry.body.settles }, { state: 're-looked' });
      return keepFindings(tx, entry.body.bikeId, [entry.body.finding]);
    case 'finding.severity-set':
      return keepFindings(tx, entry.body.bikeId, [entry.body.finding]);
    case 'repair.started': {
      const { repairId: id, bikeId, findings } = entry.body;
      await tx.getRepository(repairEntity).insert({
        id,
        bikeId,
        state: 'started',
        findingIds: findings.map((finding) => finding.id),
        startedBy: entry.author ?? '',
        startedAt: at,
        work: [],
        touched: [],
        plan: NO_PLAN,
        used: [],
        torques: [],
      });
      await keepFindings(tx, bikeId, findings);
      await tx.getRepository(bikeEntity).update({ id: bikeId }, { whereabouts: 'on-the-bench' });
      return;
    }
    case 'repair.done': {
      const { repairId: id, bikeId, findings, work, touched, minutes, used = [], torques = [] } = entry.body;
      await tx
        .getRepository(repairEntity)
        .update({ id }, {
          state: 'done',
          doneBy: entry.author,
          doneAt: at,
          work,
          touched,
          minutes,
          used,
          torques,
        } as object);
      await stockMoved(
        tx,
        used.map(({ itemId, count }) => ({ itemId, by: -count })),
      );
      await keepFindings(tx, bikeId, findings);
      return;
    }
    case 'repair.planned':
      await tx
        .getRepository(repairEntity)
        .update({ id: entry.body.repairId }, { plan: entry.body.plan } as object);
      return;
    case 'left-apart.opened':
      await tx
        .getRepository(leftApartEntity)
        .insert({
          id: entry.body.itemId,
          bikeId: entry.body.bikeId,
          what: entry.body.what,
          by: entry.body.by ?? entry.author ?? '',
          since: at,
        });
      return;
    case 'left-apart.closed':
      await tx
        .getRepository(leftApartEntity)
        .update({ id: entry.body.itemId }, { closedBy: entry.author, closedAt: at });
      return;
    case 'bike.released':
      await keepFindings(tx, entry.body.bikeId, entry.body.findings);
      await tx
        .getRepository(holdEntity)
        .update({ bikeId: entry.body.bikeId, endedAt: IsNull() }, { endedAt: at });
      return;
    case 'hang-tag.hung':
      await tx
        .getRepository(holdEntity)
        .update({ bikeId: entry.body.bikeId, endedAt: IsNull() }, { hangTag: entry.body.hangTag });
      return;
    case 'wait.set':
      return waitSet(tx, entry.body.bikeId, entry.body.wait);
    case 'wait.raised':
      await tx.getRepository(waitEntity).update({ id: entry.body.waitId }, { raisedAt: at });
      return;
    case 'wait.answered':
      return waitAnswered(tx, entry.body, at);
    case 'stock.item-set':
      return stockItemSet(tx, entry.body);
    case 'stock.counted':
      return stockMoved(tx, [entry.body]);
    case 'intake.opened':
      return intakeOpened(tx, entry.body, entry.author ?? '', at);
    case 'intake.priced':
      return intakePriced(tx, entry.body);
    case 'intake.decided':
      return intakeDecided(tx, entry.body, entry.author ?? '', at);
    case 'mishap.reported':
      return mishapReported(tx, entry.body.bikeId, entry.body.mishap);
    case 'photo.added':
      return; // the picture is the record itself
    default:
      return assertNever(entry);
  }
}

/**
 * Projects entries. Round every act on a bike it looks twice whether the bike needs a hold on record:
 * before (a soon may have run out while nobody looked, and must not slip away by being lowered) and after.
 */
async function applyOne(tx: EntityManager, entry: StoredEvent): Promise<void> {
  const bikeId = 'bikeId' in entry.body ? entry.body.bikeId : null;
  const before =
    bikeId === null || entry.kind === 'bike.added'
      ? null
      : await tx.getRepository(bikeStateEntity).findOneBy({ bikeId });
  const overran = bikeId !== null && before !== null && needsHold(before.facts, entry.recordedAt);
  if (overran) await beginHold(tx, bikeId, entry);
  await apply(tx, entry);
  // A bike just added has its facts, and a hook says nothing of fitness.
  if (bikeId === null || entry.kind === 'bike.added' || (entry.kind === 'bike.hung' && !overran)) return;
  const stands = before && !overran ? before.facts : null;
  // A check that was begun says nothing yet.
  if (stands && entry.kind === 'check.opened') return;
  if (stands && entry.kind === 'check.marked') {
    await refreshDraftStops(tx, bikeId, stands, entry.recordedAt);
    return;
  }
  const facts =
    stands && entry.kind === 'check.signed'
      ? await refreshSigned(tx, bikeId, stands, entry.recordedAt)
      : await refreshBikeState(tx, bikeId, entry.recordedAt);
  if (needsHold(facts, entry.recordedAt)) {
    await beginHold(tx, bikeId, entry);
    await refreshBikeState(tx, bikeId, entry.recordedAt);
  }
}

/** The bikes that come in from here on in one run: an import is hundreds of them, kept in two statements instead of two each. */
function runOfNewBikes(entries: readonly StoredEvent[], from: number): readonly BikeDocument[] {
  const bikes: BikeDocument[] = [];
  for (const entry of entries.slice(from)) {
    if (entry.kind !== 'bike.added') break;
    bikes.push(entry.body.bike);
  }
  return bikes;
}

export const projector: Projector = {
  async apply(tx, entries) {
    for (let at = 0; at < entries.length; at += 1) {
      const run = runOfNewBikes(entries, at);
      if (run.length > 1) {
        await bikesAdded(tx, run);
        at += run.length - 1;
        continue;
      }
      const entry = entries[at];
      if (entry) await applyOne(tx, entry);
    }
  },
};
