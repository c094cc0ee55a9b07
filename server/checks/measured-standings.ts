import { In, type EntityManager } from 'typeorm';
import {
  measuredOn,
  onChecklist,
  type Asked,
  type PolicyVersion,
  type ChecklistVersion,
} from '@cadre/core/catalogue';
import type { Standing } from '@cadre/core/checks';
import { asMeasured, type MeasuredStanding } from '@cadre/core/findings';
import { measuredBikes, type BikeRow } from '@cadre/server/fleet';
import { personEntity } from '@cadre/server/people';

/** What stands of a check once readings have their word on this bike, in this program. Costs nothing where nothing was measured. */
export async function measuredStandings(
  tx: EntityManager,
  bike: BikeRow,
  checklist: Pick<ChecklistVersion, 'key' | 'newWheels'>,
  asked: readonly Asked[],
  standings: ReadonlyMap<string, Standing>,
  policy: PolicyVersion,
): Promise<ReadonlyMap<string, MeasuredStanding>> {
  const readings = [...standings.values()]
    .flatMap((standing) => standing.marks)
    .filter((mark) => mark.reading);
  if (readings.length === 0) return standings;
  const measured = (await measuredBikes(tx, [bike])).get(bike.id);
  if (!measured) return standings;
  const asides = readings.filter((mark) => mark.reading?.aside).map((mark) => mark.author);
  const leads =
    asides.length === 0
      ? []
      : await tx
          .getRepository(personEntity)
          .find({ where: { id: In(asides), role: 'lead' }, select: { id: true } });
  const on = onChecklist(measured, checklist);
  return asMeasured(
    asked,
    standings,
    (each) => measuredOn(each, on, policy),
    new Set(leads.map((lead) => lead.id)),
  );
}
