import { DAY_MS } from '@cadre/core/time';
import type { DataSource } from 'typeorm';
import type { AnswerOf } from '@cadre/contract/http';
import type { wearOfBike } from '@cadre/contract/wear';
import { measuredOn } from '@cadre/core/catalogue';
import { fleetPrior, usualWear, worseWay, wornAt, type WearPrior, type WearSeries } from '@cadre/core/wear';
import { findBike, measuredBikes, policyOnBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { measuredLately, seriesOf } from './read';

/** So many bikes of a kind say enough of what is usual of it. */
const FLEET_MOST = 120;
const FLEET_DAYS = 730;

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
}
