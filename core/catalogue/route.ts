import { assertNever } from '@cadre/core/errors';
import type { Asked } from './sheet';
import type { Zone } from './words';

export const ROUTE_KEYS = ['m-front-first', 'm-rear-first'] as const;
export type RouteKey = (typeof ROUTE_KEYS)[number];

const M_FRONT_FIRST: readonly Zone[] = [
  'front-wheel',
  'front-brake',
  'fork-headset',
  'cockpit',
  'frame',
  'rear-suspension',
  'cranks-pedals',
  'drivetrain',
  'saddle-post',
  'rear-brake',
  'rear-wheel',
  'assist',
  'accessories',
  'off-bike',
];
const M_REAR_FIRST: readonly Zone[] = [
  'rear-wheel',
  'rear-brake',
  'saddle-post',
  'drivetrain',
  'cranks-pedals',
  'rear-suspension',
  'frame',
  'cockpit',
  'fork-headset',
  'front-brake',
  'front-wheel',
  'assist',
  'accessories',
  'off-bike',
];

/** The order of zones of a route. Every zone has its turn. */
export function zonesOf(route: RouteKey): readonly Zone[] {
  switch (route) {
    case 'm-front-first':
      return M_FRONT_FIRST;
    case 'm-rear-first':
      return M_REAR_FIRST;
    default:
      return assertNever(route);
  }
}

/** One stop of a check: a zone, or neighbours with little to look at, merged. */
export interface Station {
  readonly key: string;
  readonly zones: readonly Zone[];
  readonly asked: readonly Asked[];
}

/** As many rows as can be on show at once on a tablet without scrolling past a caution. */
export const STATION_ROWS = 9;

/**
 * The stations of a check: zones in route order, neighbours merged while all their rows still fit
 * on show. Greedy from the front; zones with nothing asked drop out.
 */
export function stationsOf(asked: readonly Asked[], route: RouteKey): readonly Station[] {
  const stations: Station[] = [];
  for (const zone of zonesOf(route)) {
    const here = asked.filter((each) => each.zone === zone);
    if (here.length === 0) continue;
    const last = stations.at(-1);
    if (last && last.asked.length + here.length <= STATION_ROWS) {
      stations[stations.length - 1] = { key: last.key, zones: [...last.zones, zone], asked: [...last.asked, ...here] };
    } else {
      stations.push({ key: zone, zones: [zone], asked: here });
    }
  }
  return stations;
}
