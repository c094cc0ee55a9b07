import { In, type EntityManager } from 'typeorm';
import {
  measuredOn,
  onChecklist,
  type Question,
  type PolicyVersion,
  type ChecklistVersion,
} from '@cadre/core/catalogue';
import type { Answer } from '@cadre/core/checks';
import { asMeasured, type MeasuredAnswer } from '@cadre/core/findings';
import { measuredBikes, type BikeRow } from '@cadre/server/fleet';
import { personEntity } from '@cadre/server/people';

/** What stands of a check once readings have their word on this bike, in this program. Costs nothing where nothing was measured. */
export async function measuredAnswers(
  tx: EntityManager,
  bike: BikeRow,
  checklist: Pick<ChecklistVersion, 'key' | 'newWheels'>,
  asked: readonly Question[],
  answers: ReadonlyMap<string, Answer>,
  policy: PolicyVersion,
): Promise<ReadonlyMap<string, MeasuredAnswer>> {
  const readings = [...answers.values()].flatMap((answer) => answer.marks).filter((mark) => mark.reading);
  if (readings.length === 0) return answers;
  const measured = (await measuredBikes(tx, [bike])).get(bike.id);
  if (!measured) return answers;
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
    answers,
    (each) => measuredOn(each, on, policy),
    new Set(leads.map((lead) => lead.id)),
  );
}
