import { Between, In, Not, type DataSource } from 'typeorm';
import type { AnswerOf, QueryOf } from '@cadre/contract/http';
import type { listCosts } from '@cadre/contract/repairs';
import { costsOf, type CostedRepair } from '@cadre/core/repairs';
import { currentPolicy } from '@cadre/server/catalogue';
import { findingEntity } from '@cadre/server/findings';
import { bikeEntity, siteEntity } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { repairEntity } from './entities';

/** The month of a moment where the bike is, as 2026-11. */
function monthAt(at: Date, timeZone: string): string {
  const parts = new Intl.DateTimeFormat('en', { timeZone, year: 'numeric', month: '2-digit' }).formatToParts(
    at,
  );
  const of = (type: string): string => parts.find((part) => part.type === type)?.value ?? '';
  return `${of('year')}-${of('month')}`;
}

/** What the repairs done in a time cost, by bike, kind, month and what was repaired. */
export async function repairCosts(
  source: DataSource,
  actor: Actor,
  query: QueryOf<typeof listCosts>,
): Promise<AnswerOf<typeof listCosts>> {
  requireAct(actor, 'see');
  const tx = source.manager;
  const rows = await tx.getRepository(repairEntity).find({
    where: {
      state: Not('started'),
      doneAt: Between(new Date(query.from), new Date(query.to)),
      ...(query.bikeId ? { bikeId: query.bikeId } : {}),
    },
  });
  const bikes = new Map(
    (await tx.getRepository(bikeEntity).findBy({ id: In(rows.map((row) => row.bikeId)) })).map((bike) => [
      bike.id,
      bike,
    ]),
  );
  const zones = new Map((await tx.getRepository(siteEntity).find()).map((site) => [site.id, site.timeZone]));
  const findings = new Map(
    (
      await tx.getRepository(findingEntity).findBy({ id: In(rows.flatMap((row) => [...row.findingIds])) })
    ).map((row) => [row.id, row.finding]),
  );
  const repairs = rows.flatMap((row): CostedRepair[] => {
    const bike = bikes.get(row.bikeId);
    if (!bike || !row.doneAt) return [];
    return [
      {
        bikeId: row.bikeId,
        kind: bike.build.kind,
        month: monthAt(row.doneAt, zones.get(bike.siteId) ?? 'UTC'),
        minutes: row.minutes,
        used: row.used,
        findings: row.findingIds.flatMap((id) => {
          const finding = findings.get(id);
          return finding
            ? [
                {
                  id,
                  checkpoint: finding.checkpoint,
                  name: `${finding.words.checkpoint}: ${finding.words.fault.toLowerCase()}`,
                },
              ]
            : [];
        }),
      },
    ];
  });
  return costsOf(repairs, (await currentPolicy(tx)).policy.money.hourlyRate);
}
