import type { Question } from './checklist';
import { PHASES, STANCES, type Phase, type Stance, type Zone } from './words';

export const ROUTE_KEYS = [
  'm-front-first',
  'm-rear-first',
  'front-to-back',
  'top-down',
  'by-system',
] as const;
export type RouteKey = (typeof ROUTE_KEYS)[number];

/** A route of the program's own. Every zone has its turn in it once. */
export interface OwnRoute {
  readonly key: string;
  readonly name: string;
  readonly zones: readonly Zone[];
}

/** A preset by its key, or an own one with its order frozen in. */
export type Route = RouteKey | OwnRoute;

const REST = ['accessories', 'off-bike'] as const;

/** The order of zones of each preset. Zones with nothing to ask drop out on the way. */
const PRESETS: Record<RouteKey, readonly Zone[]> = {
  'm-front-first': [
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
    ...REST,
  ],
  'm-rear-first': [
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
    ...REST,
  ],
  'front-to-back': [
    'front-wheel',
    'front-brake',
    'fork-headset',
    'cockpit',
    'frame',
    'assist',
    'cranks-pedals',
    'rear-suspension',
    'saddle-post',
    'drivetrain',
    'rear-brake',
    'rear-wheel',
    ...REST,
  ],
  'top-down': [
    'cockpit',
    'frame',
    'saddle-post',
    'rear-brake',
    'rear-wheel',
    'rear-suspension',
    'drivetrain',
    'cranks-pedals',
    'assist',
    'front-wheel',
    'front-brake',
    'fork-headset',
    ...REST,
  ],
  'by-system': [
    'front-wheel',
    'rear-wheel',
    'front-brake',
    'rear-brake',
    'fork-headset',
    'cockpit',
    'frame',
    'rear-suspension',
    'cranks-pedals',
    'drivetrain',
    'saddle-post',
    'assist',
    ...REST,
  ],
};

/** The order of zones of a route. Every zone has its turn. */
export function zonesOf(route: Route): readonly Zone[] {
  return typeof route === 'string' ? PRESETS[route] : route.zones;
}

/** One stop of a check: a zone, or neighbours with little to look at, merged. */
export interface Station {
  readonly key: string;
  readonly zones: readonly Zone[];
  /** On a long checklist the one phase it is done in; null where the checklist is walked once. */
  readonly phase: Phase | null;
  readonly questions: readonly Question[];
}

/** As many rows as can be on show at once on a tablet without scrolling past a caution. */
export const STATION_ROWS = 9;

/** From so many questions on, the bike is walked round once a phase: nobody lifts it and sets it down at every zone. */
export const LONG_CHECKLIST = 56;

type Turn = Pick<Question, 'checkpoint'>;

/** How often one has to change phase or side going through these in this order. A look that wants no side changes none. */
export function turnsOf(order: readonly Turn[]): number {
  let turns = 0;
  let stance: Stance | undefined;
  order.forEach(({ checkpoint }, index) => {
    if (index > 0 && order[index - 1]?.checkpoint.phase !== checkpoint.phase) turns += 1;
    if (checkpoint.stance && stance && stance !== checkpoint.stance) turns += 1;
    stance = checkpoint.stance ?? stance;
  });
  return turns;
}

/** Every order a few things can stand in, the order given first. */
function ordersOf<T>(list: readonly T[]): readonly (readonly T[])[] {
  if (list.length < 2) return [list];
  return list.flatMap((first) =>
    ordersOf(list.filter((each) => each !== first)).map((rest) => [first, ...rest]),
  );
}

/**
 * The order that changes side and phase least: each phase in one go, and within it one side after the other, going on from the
 * side one stands at. From the ground to the stand to what is opened where another order saves nothing; what changes nothing
 * keeps the order given.
 */
export function leastTurns<T extends Turn>(asked: readonly T[]): readonly T[] {
  const groups = PHASES.map((phase) => asked.filter((each) => each.checkpoint.phase === phase)).filter(
    (group) => group.length > 0,
  );
  const orders = ordersOf(groups).flatMap((order) =>
    STANCES.map((first) => {
      let standing: Stance = first;
      return order.flatMap((group) => {
        const far = group.filter(
          (each) => each.checkpoint.stance !== undefined && each.checkpoint.stance !== standing,
        );
        const near = group.filter((each) => !far.includes(each));
        if (far.length > 0) standing = standing === 'drive' ? 'off' : 'drive';
        return [...near, ...far];
      });
    }),
  );
  const [usual = asked, ...others] = orders;
  const better = (a: readonly T[], b: readonly T[]): boolean =>
    turnsOf(a) < turnsOf(b) ||
    (turnsOf(a) === turnsOf(b) && phasesRise(a) >= phasesRise(b) && strayed(a, asked) < strayed(b, asked));
  return others.reduce((best, each) => (better(each, best) ? each : best), usual);
}

/** Whether the phases come from the ground up, as a number to compare. */
function phasesRise(order: readonly Turn[]): number {
  const phases = order.map((each) => PHASES.indexOf(each.checkpoint.phase));
  return phases.every((phase, index) => index === 0 || phase >= (phases[index - 1] ?? 0)) ? 1 : 0;
}

/** How many pairs stand the other way round than they were given. */
function strayed<T>(order: readonly T[], given: readonly T[]): number {
  const at = order.map((each) => given.indexOf(each));
  return at.reduce(
    (sum, place, index) => sum + at.slice(index + 1).filter((later) => later < place).length,
    0,
  );
}

function stationsOnce(
  asked: readonly Question[],
  zones: readonly Zone[],
  phase: Phase | null,
): readonly Station[] {
  const stations: Station[] = [];
  for (const zone of zones) {
    const here = leastTurns(asked.filter((each) => each.zone === zone));
    if (here.length === 0) continue;
    const last = stations.at(-1);
    if (last && last.questions.length + here.length <= STATION_ROWS) {
      stations[stations.length - 1] = {
        ...last,
        zones: [...last.zones, zone],
        questions: [...last.questions, ...here],
      };
    } else {
      stations.push({ key: phase ? `${phase}:${zone}` : zone, zones: [zone], phase, questions: here });
    }
  }
  return stations;
}

/**
 * The stations of a check: zones in route order, neighbours merged while all their rows still fit on show. Greedy
 * from the front; zones with nothing asked drop out. A long checklist goes round once a phase.
 */
export function stationsOf(asked: readonly Question[], route: Route): readonly Station[] {
  const zones = zonesOf(route);
  if (asked.length < LONG_CHECKLIST) return stationsOnce(asked, zones, null);
  return PHASES.flatMap((phase) =>
    stationsOnce(
      asked.filter((each) => each.checkpoint.phase === phase),
      zones,
      phase,
    ),
  );
}
