import { DAY_MS } from '@cadre/core/time';
import { In, type DataSource } from 'typeorm';
import type { AnswerOf } from '@cadre/contract/http';
import type { wearOfBike } from '@cadre/contract/wear';
import { measuredOn } from '@cadre/core/catalogue';
import { lastSag, type LastSag } from '@cadre/core/rider-fit';
import { fleetPrior, usualWear, worseWay, wornAt, type WearPrior, type WearSeries } from '@cadre/core/wear';
import { findBike, measuredBikes, policyOnBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { bikeReadingEntity } from './entities';
import { measuredLately, seriesOf } from './read';

/** So many bikes of a kind say enough of what is usual of it. */
const FLEET_MOST = 120;
const FLEET_DAYS = 730;

/** Which checkpoint reads what of a fork. */
const FORK_READINGS = { 'fork-sag': 'sag', 'fork-pressure': 'pressure' } as const;

const isLike = (a: WearSeries, b: WearSeries): boolean =>
  a.measure === b.measure &&
  a.unit === b.unit &&
  a.method === b.method &&
  (a.position === 'rear') === (b.position === 'rear');

/** What the fleet's other parts like this one say of how fast they wear. */
function priorOf(series: WearSeries, fleet: readonly WearSeries[]): WearPrior {
  const others = fleet
    .filter((each) => each.key !== series.key && isLike(each, series))
    .map((each) => each.points);
  return fleetPrior(others, worseWay(series.measure), usualWear(series.measure, series.unit));
}

/** How the parts of a bike wear: their readings against usage, the limit they run to, and what the fleet knows. The forecast is the reader's. */
export class Wear {
  constructor(
    private readonly source: DataSource,
    private readonly now: () => number,
  ) {}

  async ofBike(actor: Actor, bikeId: string): Promise<AnswerOf<typeof wearOfBike>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const [bike, at] = [await findBike(tx, bikeId), this.now()];
    const own = (await seriesOf(tx, [bikeId], at)).filter(
      (series) => series.points.some((point) => point.bikeId === bikeId) || series.onBike === bikeId,
    );
    if (own.length === 0) return { series: [], at };
    const fleet = await seriesOf(
      tx,
      await measuredLately(tx, bike.build.kind, at - FLEET_DAYS * DAY_MS, FLEET_MOST),
      at,
    );
    const measured = (await measuredBikes(tx, [bike])).get(bikeId);
    const policy = await policyOnBike(tx, bike, at);
    return {
      at,
      series: own.map((series) => ({
        ...series,
        limit: measured
          ? wornAt(
              series.measure,
              series.method,
              measuredOn({ position: series.position, zone: 'drivetrain' }, measured, policy),
            )
          : null,
        prior: priorOf(series, fleet),
      })),
    };
  }

  /** The sag of the fork measured last, with its pressure then; null where they were not measured together. */
  async forkSag(actor: Actor, bikeId: string): Promise<LastSag | null> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    await findBike(tx, bikeId);
    const rows = await tx.getRepository(bikeReadingEntity).find({
      where: { bikeId, checkpoint: In(Object.keys(FORK_READINGS)) },
      order: { at: 'DESC', id: 'DESC' },
      take: 100,
    });
    return lastSag(
      rows.map(({ checkpoint, values, at }) => ({
        of: FORK_READINGS[checkpoint as keyof typeof FORK_READINGS],
        value: values[0] ?? 0,
        at: at.getTime(),
      })),
    );
  }
}
