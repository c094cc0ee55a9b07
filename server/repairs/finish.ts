import type { FieldIssue } from '@cadre/core/errors';
import type { EntityManager } from 'typeorm';
import type { BodyOf } from '@cadre/contract/http';
import type { finishRepair } from '@cadre/contract/repairs';
import { onlyPlace, type Part } from '@cadre/core/fleet';
import type { Finding } from '@cadre/core/findings';
import { leastWork, withImplied } from '@cadre/core/catalogue';
import { touchesOfPart, withTouches, type UsedPart } from '@cadre/core/repairs';
import { torqueCard } from '@cadre/core/torque';
import { findBike, measuredBikes, policyOnBike } from '@cadre/server/fleet';
import { lockItems, replacing, type PartEvents } from '@cadre/server/parts';
import { factsOf } from '@cadre/server/fitness';
import { RefusedError, type NewEvent } from '@cadre/server/platform/event-log';
import type { RepairRow } from './entities';
import type { RepairEvents } from './events';
import { laterLooks, type LaterEvents } from './later-looks';

type Said = BodyOf<typeof finishRepair>;
type Body = Said & {
  readonly used: NonNullable<Said['used']>;
  readonly torques: NonNullable<Said['torques']>;
};

type Shelf = Awaited<ReturnType<typeof lockItems>>;

/** What comes off the shelf, each as priced today. Refused past what lies there: then the count is wrong, and somebody must look. */
function takeOffShelf(items: Shelf, body: Body): readonly UsedPart[] {
  const left = new Map([...items].map(([id, item]) => [id, item.onHand]));
  return body.used.map(({ itemId, count, findingId }, at): UsedPart => {
    const item = items.get(itemId);
    if (!item) throw new RefusedError('not-found', { what: 'part-in-stock' });
    const onHand = left.get(itemId) ?? 0;
    if (count > onHand)
      throw new RefusedError(
        'stock.not-enough',
        { name: item.name, onHand, count },
        { fields: [{ path: `used.${at}.count`, code: 'too_big' }] },
      );
    left.set(itemId, onHand - count);
    return { itemId, name: item.name, kind: item.kind, count, price: item.price, findingId };
  });
}

/** Parts that go onto the bike: what sits in their place comes off, so that the wear of each is its own. */
async function renewing(
  tx: EntityManager,
  items: Shelf,
  bikeId: string,
  repairId: string,
  body: Body,
): Promise<NewEvent<RepairEvents & PartEvents>[]> {
  const events: NewEvent<RepairEvents & PartEvents>[] = [];
  const places = new Set<string>();
  for (const [at, { itemId, fits }] of body.used.entries()) {
    const item = items.get(itemId);
    if (!item || !fits) continue;
    const place = onlyPlace(item, fits.position);
    if (place !== null && places.has(place))
      throw new RefusedError(
        'body.invalid',
        {},
        { fields: [{ path: `used.${at}.fits.position`, code: 'taken' }] },
      );
    if (place !== null) places.add(place);
    const part: Part = {
      id: fits.partId,
      kind: item.kind,
      name: item.name,
      facts: item.facts,
      markings: item.markings,
    };
    events.push(
      ...(await replacing(
        tx,
        bikeId,
        { part, position: fits.position, anyway: fits.anyway, at: body.at },
        repairId,
      )),
    );
  }
  return events;
}

/** No joint is left tighter than the least of what is stated for it. A joint nobody stated a most for takes what the person says. */
async function refuseOverTorque(
  tx: EntityManager,
  bikeId: string,
  torques: Body['torques'],
  at: number,
): Promise<void> {
  if (torques.length === 0) return;
  const bike = await findBike(tx, bikeId);
  const measured = (await measuredBikes(tx, [bike])).get(bikeId);
  if (!measured) return;
  const card = torqueCard(measured, await policyOnBike(tx, bike, at));
  for (const [index, { joint, newtonMetres: left, pulls = [] }] of torques.entries()) {
    const newtonMetres = Math.max(left, ...pulls);
    const most = card
      .filter((row) => row.joint === joint)
      .flatMap((row) => row.stated)
      .filter((stated) => stated.end === 'most')
      .map((stated) => stated.value);
    const least = Math.min(...most);
    if (newtonMetres > least)
      throw new RefusedError(
        'repair.over-torque',
        { joint, value: newtonMetres, most: least },
        { fields: [{ path: `torques.${index}.newtonMetres`, code: 'too_big' }] },
      );
  }
}

/** Everything a repair done says: parts off and on, the work, what it touched (at least what its findings and renewed parts do), minutes. */
export async function sayDone(
  tx: EntityManager,
  repair: RepairRow,
  said: Said,
  by: string,
): Promise<NewEvent<RepairEvents & PartEvents & LaterEvents>[]> {
  const body: Body = { ...said, used: said.used ?? [], torques: said.torques ?? [] };
  const { bikeId, id: repairId } = repair;
  const astray = body.used.flatMap((each, at): FieldIssue[] =>
    repair.findingIds.includes(each.findingId) ? [] : [{ path: `used.${at}.findingId`, code: 'unknown' }],
  );
  const undone = repair.findingIds
    .filter((id) => !body.work.some((each) => each.findingId === id))
    .map((id): FieldIssue => ({ path: `work.${id}`, code: 'required' }));
  if (undone.length + astray.length > 0)
    throw new RefusedError('body.invalid', {}, { fields: [...undone, ...astray] });
  await refuseOverTorque(tx, bikeId, body.torques, body.at);
  const items = await lockItems(tx, [...new Set(body.used.map((each) => each.itemId))]);
  const used = takeOffShelf(items, body);
  const fitted = await renewing(tx, items, bikeId, repairId, body);
  const { build } = await findBike(tx, bikeId);
  const ofParts = fitted.flatMap((saying) =>
    saying.kind === 'part.fitted'
      ? touchesOfPart(saying.body.part.kind, saying.body.position, build, saying.body.part.facts)
      : [],
  );
  const findings = (await factsOf(tx, bikeId)).findings
    .filter((finding) => repair.findingIds.includes(finding.id))
    .map((finding): Finding => ({ ...finding, state: 'repaired', repairedBy: by }));
  // What the findings' own work disturbs cannot be left out by leaving it unticked.
  const touched = withImplied(withTouches(body.touched, [...findings.flatMap(leastWork), ...ofParts]));
  const done: RepairEvents['repair.done'] = {
    ...{ bikeId, repairId, findings, work: body.work, touched, minutes: body.minutes },
    ...{ used, torques: body.torques },
  };
  return [
    ...fitted,
    { kind: 'repair.done', body: done, happenedAt: body.at },
    ...laterLooks(done, by, body.at),
  ];
}
