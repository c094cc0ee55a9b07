import { In, type EntityManager } from 'typeorm';
import { practicesOn, type Conditions, type PolicyVersion, type ServiceRule } from '@cadre/core/catalogue';
import { canonicalJson } from '@cadre/core/event-log';
import { BIKE_KINDS, type Build } from '@cadre/core/fleet';
import {
  lastDone,
  rulesOfProgram,
  seasonLine,
  serviceDue,
  servicePlan,
  usesOf,
  type Done,
  type OdometerReading,
  type SeasonLine,
  type ServiceDue,
  type ServicePlan,
  type ServicedBike,
  type Use,
} from '@cadre/core/services';
import { CHECKPOINTS, shippedServices } from '@cadre/core/shipped';
import { fitmentEntity, partEntity } from '@cadre/server/fleet';
import { entryEntity } from '@cadre/server/platform/event-log';

const BY_KEY = new Map(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint]));

/** A bike with all that its services depend on besides the rules. */
export interface BikeUse {
  readonly bikeId: string;
  readonly bike: ServicedBike;
  readonly timeZone: string;
  readonly born: number;
  readonly done: Done;
  readonly odometer: readonly OdometerReading[];
  readonly uses: readonly Use[];
}

export interface ServiceOfBike {
  readonly rule: ServiceRule;
  readonly due: ServiceDue;
  readonly line: SeasonLine;
}

function grouped<T extends { readonly bikeId: string }>(
  rows: readonly T[],
): ReadonlyMap<string, readonly T[]> {
  const by = new Map<string, T[]>();
  for (const row of rows) {
    const own = by.get(row.bikeId);
    if (own) own.push(row);
    else by.set(row.bikeId, [row]);
  }
  return by;
}

interface BikeRow {
  readonly bikeId: string;
  readonly siteId: string;
  readonly timeZone: string;
  readonly build: string;
  readonly born: Date | null;
}
interface FactRow {
  readonly bikeId: string;
  readonly sort: 'done' | 'outing' | 'odometer';
  /** What was done, or how far its computer stood. */
  readonly what: string;
  readonly at: Date;
}

/** When bikes that nobody has judged yet came into the fleet: by the entries that made them. */
async function addedAt(tx: EntityManager, bikeIds: readonly string[]): Promise<ReadonlyMap<string, number>> {
  if (bikeIds.length === 0) return new Map();
  const added = await tx.getRepository(entryEntity).find({
    where: { bikeId: In([...bikeIds]), kind: 'bike.added' },
    select: { bikeId: true, happenedAt: true },
  });
  return new Map(
    added.flatMap(({ bikeId, happenedAt }) => (bikeId ? [[bikeId, happenedAt.getTime()] as const] : [])),
  );
}

/** The parts on these bikes, by bike. */
async function partsOn(
  tx: EntityManager,
  bikeIds: readonly string[],
): Promise<ReadonlyMap<string, readonly (ServicedBike['parts'][number] & { bikeId: string })[]>> {
  return grouped(
    await tx
      .createQueryBuilder(fitmentEntity, 'f')
      .innerJoin(partEntity.options.name, 'p', 'p.id = f.partId')
      .where('f.bikeId IN (:...bikeIds) AND f.removedAt IS NULL', { bikeIds: [...bikeIds] })
      .select(['f.bikeId AS bikeId', 'f.position AS position', 'p.kind AS kind'])
      .getRawMany(),
  );
}

/** What the services of these bikes depend on, in a handful of statements however many they are. */
export async function bikeUses(tx: EntityManager, bikeIds: readonly string[]): Promise<readonly BikeUse[]> {
  if (bikeIds.length === 0) return [];
  const these = [...bikeIds];
  const bikes = await tx.query<BikeRow[]>(
    'SELECT b.id AS bikeId, b.siteId, s.timeZone, b.build, v.born FROM bike b JOIN site s ON s.id = b.siteId LEFT JOIN bike_service v ON v.bikeId = b.id WHERE b.id IN (?)',
    [these],
  );
  const facts = grouped(
    await tx.query<FactRow[]>(
      "SELECT bikeId, 'done' AS sort, what, at FROM bike_done WHERE bikeId IN (?) UNION ALL SELECT bikeId, 'outing', COALESCE(conditions, ''), at FROM outing WHERE bikeId IN (?) UNION ALL SELECT bikeId, 'odometer', km, at FROM odometer WHERE bikeId IN (?) ORDER BY at",
      [these, these, these],
    ),
  );
  const parts = await partsOn(tx, bikeIds);
  const added = await addedAt(
    tx,
    bikes.filter((row) => row.born === null).map((row) => row.bikeId),
  );
  return bikes.flatMap(({ bikeId, siteId, timeZone, build: text, born: kept }): BikeUse[] => {
    const born = kept?.getTime() ?? added.get(bikeId);
    if (born === undefined) return [];
    const build = JSON.parse(text) as Build;
    const own = facts.get(bikeId) ?? [];
    const of = (sort: FactRow['sort']): readonly FactRow[] => own.filter((row) => row.sort === sort);
    const odometer = of('odometer').map(({ at, what }) => ({ at: at.getTime(), km: Number(what) }));
    return [
      {
        ...{ bikeId, timeZone, born, odometer },
        bike: {
          ...{ siteId, build },
          parts: (parts.get(bikeId) ?? []).map(({ kind, position }) => ({ kind, position })),
        },
        done: new Map(of('done').map(({ what, at }) => [what, at.getTime()])),
        uses: usesOf(
          build.kind,
          of('outing').map(({ at }) => at.getTime()),
          odometer,
          new Map(of('outing').flatMap(({ what, at }) => (what ? [[at.getTime(), what as Conditions]] : []))),
        ),
      },
    ];
  });
}

type Policy = Pick<PolicyVersion, 'practices' | 'practiceExceptions' | 'services' | 'seasons'>;
type Judge = (use: BikeUse) => readonly ServiceOfBike[];

/** Laying out rules and seasons costs more than asking them: once for a policy, which never changes. */
const judges = new WeakMap<Policy, Judge>();

/** The services of each bike under a policy, with when they fall due. */
export function servicesUnder(policy: Policy): Judge {
  const known = judges.get(policy);
  if (known) return known;
  const judge = judgeUnder(policy);
  judges.set(policy, judge);
  return judge;
}

function judgeUnder(policy: Policy): Judge {
  /** Practices that set an interval are the same all year: the climate asked for is no matter. */
  const rulesFor = new Map(
    BIKE_KINDS.map((kind) => [
      kind,
      rulesOfProgram(shippedServices(practicesOn(policy, { kind, climate: 'dry' })), policy.services),
    ]),
  );
  /** Bikes built alike at one site have the same. */
  const plans = new Map<string, ServicePlan>();
  const planOf = ({ bike }: BikeUse): ServicePlan => {
    const key = canonicalJson(bike);
    const known = plans.get(key);
    if (known) return known;
    const plan = servicePlan(rulesFor.get(bike.build.kind) ?? [], bike, BY_KEY);
    plans.set(key, plan);
    return plan;
  };
  const lines = new Map<string, SeasonLine>();
  const lineOf = ({ bike: { siteId }, timeZone, born }: BikeUse): SeasonLine => {
    const first = new Date(born).getUTCFullYear();
    const key = `${siteId} ${timeZone} ${first}`;
    const known = lines.get(key);
    if (known) return known;
    const seasons = policy.seasons.filter((season) => season.siteId === siteId);
    const line = seasonLine(seasons, timeZone, { first, last: first + YEARS_AHEAD });
    lines.set(key, line);
    return line;
  };
  return (use) => {
    const line = lineOf(use);
    const plan = planOf(use);
    return plan.rules.map((rule) => ({
      rule,
      line,
      due: serviceDue(rule, lastDone(rule, plan, use.done), use.born, use.uses, line),
    }));
  };
}
/** A bike outlives no more years in a fleet than this. */
const YEARS_AHEAD = 40;
