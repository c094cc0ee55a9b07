import { DAY_MS } from '@cadre/core/time';
import { In, type EntityManager } from 'typeorm';
import type { previewPolicy } from '@cadre/contract/policy';
import type { AnswerOf } from '@cadre/contract/http';
import {
  questionsOf,
  measuredOn,
  onChecklist,
  policyOn,
  type PolicyVersion,
  type Position,
} from '@cadre/core/catalogue';
import type { Reading } from '@cadre/core/checks';
import { readingEffect } from '@cadre/core/findings';
import { siteDay } from '@cadre/core/schedule';
import { bikeEntity, type BikeRow, measuredBikes, partsByBike, siteEntity } from '@cadre/server/fleet';
import { checklistByHash } from '@cadre/server/catalogue';

type Effects = AnswerOf<typeof previewPolicy>['readings'];

/** Older readings say little of what is on the bike now. */
const READ_DAYS = 180;

interface LastReading {
  readonly bikeId: string;
  readonly checklistHash: string;
  readonly checkpoint: string;
  readonly position: Position;
  readonly reading: Reading;
  readonly at: Date;
}

/** The newest signed reading of each question of each bike. */
async function lastReadings(tx: EntityManager, since: number): Promise<readonly LastReading[]> {
  const rows = await tx.query<(Omit<LastReading, 'reading'> & { reading: string })[]>(
    "SELECT c.bikeId, c.checklistHash, m.checkpoint, m.position, m.reading, m.`at` FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.state = 'signed' AND c.signedAt >= ? AND m.reading IS NOT NULL AND m.outcome <> 'withdrawn' ORDER BY m.`at` DESC, m.id",
    [new Date(since)],
  );
  const seen = new Map<string, LastReading>();
  for (const row of rows) {
    const key = JSON.stringify([row.bikeId, row.checkpoint, row.position]);
    if (!seen.has(key)) seen.set(key, { ...row, reading: JSON.parse(row.reading) as Reading });
  }
  return [...seen.values()];
}

/** The readings on record that would mean something else under another policy, by tag. They open and close nothing: they tell which bikes to look at. */
export async function readingsUnder(
  tx: EntityManager,
  from: PolicyVersion,
  to: PolicyVersion,
  now: number,
): Promise<Effects> {
  const judgesBy = ({ limits, practices, practiceExceptions, seasons }: PolicyVersion): string =>
    JSON.stringify([limits, practices, practiceExceptions, seasons]);
  if (judgesBy(from) === judgesBy(to)) return [];
  const readings = await lastReadings(tx, now - READ_DAYS * DAY_MS);
  const ids = [...new Set(readings.map((each) => each.bikeId))];
  const bikes = new Map(
    (await tx.getRepository(bikeEntity).findBy({ id: In(ids) })).map((bike): [string, BikeRow] => [
      bike.id,
      bike,
    ]),
  );
  const measured = await measuredBikes(tx, [...bikes.values()]);
  const parts = await partsByBike(tx, ids);
  const zones = new Map(
    (await tx.getRepository(siteEntity).find({ select: { id: true, timeZone: true } })).map((site) => [
      site.id,
      site.timeZone,
    ]),
  );
  const effects: Effects[number][] = [];
  for (const { bikeId, checklistHash, checkpoint, position, reading, at } of readings) {
    const bike = bikes.get(bikeId);
    const on = measured.get(bikeId);
    if (!bike || !on) continue;
    const { checklist } = await checklistByHash(tx, checklistHash);
    // In the season it was read in: what it means today is the same.
    const where = {
      kind: bike.build.kind,
      siteId: bike.siteId,
      day: siteDay(at.getTime(), zones.get(bike.siteId) ?? 'UTC'),
    };
    const question = questionsOf(checklist, {
      build: bike.build,
      parts: parts.get(bikeId)?.parts ?? [],
    }).find((each) => each.checkpoint.key === checkpoint && each.position === position);
    const effect =
      question &&
      readingEffect(
        reading,
        measuredOn(question, onChecklist(on, checklist), policyOn(from, where)),
        measuredOn(question, onChecklist(on, checklist), policyOn(to, where)),
      );
    if (!question || !effect) continue;
    const { measure, typed } = reading;
    effects.push({
      bikeId,
      tag: bike.tag,
      checkpoint: question.checkpoint.name,
      position,
      measure: measure as Effects[number]['measure'],
      typed,
      readAt: at.getTime(),
      ...effect,
    });
  }
  return effects.sort((a, b) =>
    a.tag < b.tag ? -1 : a.tag > b.tag ? 1 : a.checkpoint < b.checkpoint ? -1 : 1,
  );
}
