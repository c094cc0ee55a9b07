import type { EntityManager } from 'typeorm';
import type { PolicyVersion } from '@cadre/core/catalogue';
import { canonicalJson } from '@cadre/core/event-log';
import type { DueService, FitnessFacts } from '@cadre/core/fitness';
import { DAY_MS } from '@cadre/core/time';
import { currentPolicy } from '@cadre/server/catalogue';
import { factsByBike, saveFacts, type FactSource } from '@cadre/server/fitness';
import { bikeEntity } from '@cadre/server/fleet';
import { bikeUses, servicesUnder, type ServiceOfBike } from './bikes';
import { bikeServiceEntity } from './entities';

type Policy = Pick<PolicyVersion, 'practices' | 'practiceExceptions' | 'services' | 'seasons' | 'soonDays'>;

/** What of a bike's services its fitness is judged from: those with a day they fall due on. */
export function dueServices(
  services: readonly ServiceOfBike[],
  { soonDays }: Pick<PolicyVersion, 'soonDays'>,
): readonly DueService[] {
  return services
    .flatMap(({ rule, due: { dueAt } }): DueService[] =>
      dueAt === null
        ? []
        : [
            {
              service: rule.key,
              name: rule.name,
              overdue: rule.overdue,
              dueAt,
              ...(rule.overdue === 'fix-by' ? { until: dueAt + soonDays * DAY_MS } : {}),
            },
          ],
    )
    .sort((a, b) => a.dueAt - b.dueAt || (a.service < b.service ? -1 : 1));
}

/** Judges the services of bikes anew and keeps what is due when. */
export async function refreshServices(
  tx: EntityManager,
  bikeIds: readonly string[],
  policy?: Policy,
): Promise<ReadonlyMap<string, readonly DueService[]>> {
  if (bikeIds.length === 0) return new Map();
  const under = policy ?? (await currentPolicy(tx)).policy;
  const services = servicesUnder(under);
  const rows = (await bikeUses(tx, bikeIds)).map((use) => ({
    bikeId: use.bikeId,
    born: new Date(use.born),
    due: dueServices(services(use), under),
  }));
  for (let first = 0; first < rows.length; first += AT_ONCE)
    await tx.getRepository(bikeServiceEntity).upsert(rows.slice(first, first + AT_ONCE), ['bikeId']);
  return new Map(rows.map((row) => [row.bikeId, row.due]));
}
const AT_ONCE = 500;

/** When the services of these bikes would fall due under a policy. Writes nothing. */
export async function servicesUnderPolicy(
  tx: EntityManager,
  bikeIds: readonly string[],
  policy: Policy,
): Promise<ReadonlyMap<string, readonly DueService[]>> {
  const services = servicesUnder(policy);
  return new Map(
    (await bikeUses(tx, bikeIds)).map((use) => [use.bikeId, dueServices(services(use), policy)]),
  );
}

/** The same, and into their facts at once: for what changes many bikes, or no bike in particular. */
export async function refreshFacts(
  tx: EntityManager,
  bikeIds: readonly string[],
  policy?: Policy,
): Promise<void> {
  const due = await refreshServices(tx, bikeIds, policy);
  const changed = new Map<string, FitnessFacts>();
  for (const [bikeId, facts] of await factsByBike(tx, [...due.keys()])) {
    const services = due.get(bikeId) ?? [];
    if (canonicalJson(facts.services) !== canonicalJson(services))
      changed.set(bikeId, { ...facts, services });
  }
  for (let first = 0, all = [...changed]; first < all.length; first += AT_ONCE)
    await saveFacts(tx, new Map(all.slice(first, first + AT_ONCE)));
}

/** The same for one bike outside of an act: its facts are held from before they are read until they are written. */
export async function refreshAlone(tx: EntityManager, bikeId: string): Promise<void> {
  await refreshServices(tx, [bikeId]);
  await tx.query('SELECT bikeId FROM bike_state WHERE bikeId = ? FOR UPDATE', [bikeId]);
  await refreshFacts(tx, [bikeId]);
}

export const everyBike = async (tx: EntityManager): Promise<readonly string[]> =>
  (await tx.getRepository(bikeEntity).find({ select: { id: true } })).map((bike) => bike.id);

export const serviceFacts: FactSource = {
  name: 'services',
  async gather(tx, bikeId) {
    const row = await tx.getRepository(bikeServiceEntity).findOneBy({ bikeId });
    return { services: row?.due ?? [] };
  },
};
