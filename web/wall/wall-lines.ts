import type { Bike, Rack, Site } from '@cadre/contract/fleet';
import { type Fitness, FITNESSES } from '@cadre/core/fitness';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { TAG_MEASURES, type TagSize } from './tag-size';
import { FITNESS_WORDS, KIND_WORDS } from '@cadre/web/words';
import * as t from './messages';

export const GROUPINGS = ['hooks', 'fitness', 'kind', 'size'] as const;
export type Grouping = (typeof GROUPINGS)[number];

const GROUPING_WORDS: Record<Grouping, string> = {
  hooks: t.byRack,
  fitness: t.byFitness,
  kind: t.byKind,
  size: t.bySize,
};
export const GROUPING_OPTIONS = GROUPINGS.map((value) => ({ value, label: GROUPING_WORDS[value] }));

/** A place on a line: a hook with or without a bike, or a bike shown apart from its hook. */
export interface Place {
  readonly key: string;
  readonly hookId: string | null;
  readonly number: number | null;
  readonly bike: Bike | null;
}

export type WallLine =
  | {
      readonly key: string;
      readonly kind: 'site';
      readonly site: Site;
      readonly bikes: number;
      readonly racks: number;
    }
  | {
      readonly key: string;
      readonly kind: 'rack';
      readonly rack: Rack;
      readonly bikes: number;
      readonly shown: number;
    }
  | { readonly key: string; readonly kind: 'heading'; readonly words: string; readonly bikes: number }
  | {
      readonly key: string;
      readonly kind: 'hooks';
      readonly places: readonly Place[];
      readonly rackId: string | null;
      readonly named: string;
    };

export interface WallInput {
  readonly sites: readonly Site[];
  readonly racks: readonly Rack[];
  /** Those to be shown, in no special order. */
  readonly bikes: readonly Bike[];
  readonly grouping: Grouping;
  readonly fitnessOf: (bike: Bike) => Fitness;
  readonly columns: number;
  /** Hooks with no bike to show are left out: a filter shows what it found. */
  readonly filtered: boolean;
}

const byTag = (a: Bike, b: Bike): number => (a.tag < b.tag ? -1 : 1);
const loosePlace = (bike: Bike): Place => ({ key: bike.id, hookId: null, number: null, bike });

function linesOf(
  key: string,
  rackId: string | null,
  named: string,
  places: readonly Place[],
  columns: number,
): WallLine[] {
  return Array.from({ length: Math.ceil(places.length / columns) }, (_, index) => ({
    key: `${key}-${index}`,
    kind: 'hooks' as const,
    rackId,
    named,
    places: places.slice(index * columns, (index + 1) * columns),
  }));
}

function byHooks(input: WallInput): WallLine[] {
  const byHook = new Map(input.bikes.flatMap((bike) => (bike.hookId ? [[bike.hookId, bike] as const] : [])));
  return input.sites.flatMap((site): WallLine[] => {
    const racks = input.racks.filter((rack) => rack.siteId === site.id);
    const loose = input.bikes.filter((bike) => bike.siteId === site.id && !bike.hookId).sort(byTag);
    const rails = racks.flatMap((rack): WallLine[] => {
      const hooks = rack.hooks.map((hook): Place => ({
        key: hook.id,
        hookId: hook.id,
        number: hook.number,
        bike: byHook.get(hook.id) ?? null,
      }));
      const bikes = hooks.filter((hook) => hook.bike).length;
      const places = input.filtered ? hooks.filter((hook) => hook.bike) : hooks;
      if (input.filtered && bikes === 0) return [];
      return [
        { key: `rack-${rack.id}`, kind: 'rack', rack, bikes, shown: places.length },
        ...linesOf(rack.id, rack.id, rack.name, places, input.columns),
      ];
    });
    if (input.filtered && rails.length === 0 && loose.length === 0) return [];
    return [
      {
        key: `site-${site.id}`,
        kind: 'site',
        site,
        bikes: input.bikes.filter((bike) => bike.siteId === site.id).length,
        racks: racks.length,
      },
      ...rails,
      ...(loose.length > 0
        ? [
            { key: `loose-${site.id}`, kind: 'heading' as const, words: t.noHook2, bikes: loose.length },
            ...linesOf(`loose-${site.id}`, null, t.noHook2, loose.map(loosePlace), input.columns),
          ]
        : []),
    ];
  });
}

function groupsOf(input: WallInput): readonly (readonly [string, readonly Bike[]])[] {
  switch (input.grouping) {
    case 'fitness':
      return [...FITNESSES]
        .reverse()
        .map(
          (fitness) =>
            [
              FITNESS_WORDS[fitness],
              input.bikes.filter((bike) => input.fitnessOf(bike) === fitness),
            ] as const,
        );
    case 'kind':
      return BIKE_KINDS.map(
        (kind) => [KIND_WORDS[kind], input.bikes.filter((bike) => bike.build.kind === kind)] as const,
      );
    default: {
      const sizes = [...new Set(input.bikes.map((bike) => bike.size))].sort((a, b) =>
        a.localeCompare(b, 'en', { numeric: true }),
      );
      return sizes.map(
        (size) => [size || t.noSize, input.bikes.filter((bike) => bike.size === size)] as const,
      );
    }
  }
}

/** The wall as lines from top to bottom: headings, and rails cut to the room's width. */
export function wallLines(input: WallInput): readonly WallLine[] {
  if (input.grouping === 'hooks') return byHooks(input);
  return groupsOf(input)
    .filter(([, bikes]) => bikes.length > 0)
    .flatMap(([words, bikes]): WallLine[] => [
      { key: `group-${words}`, kind: 'heading', words, bikes: bikes.length },
      ...linesOf(`group-${words}`, null, words, [...bikes].sort(byTag).map(loosePlace), input.columns),
    ]);
}

/** The height of a line, in rem. Where racks are arranged their fields need room, the more the narrower it is. */
export function heightOf(
  line: WallLine,
  size: TagSize,
  {
    arranging,
    roomRem,
    says,
  }: { readonly arranging: boolean; readonly roomRem: number; readonly says?: boolean },
): number {
  const narrow = roomRem < 53;
  if (line.kind === 'hooks') return TAG_MEASURES[size].line + (says ? 1 : 0);
  if (line.kind === 'site')
    return arranging
      ? roomRem < 30
        ? 14.5
        : narrow
          ? 7.75
          : 4.25
      : line.racks === 0
        ? narrow
          ? 9
          : 6
        : 1.75;
  return line.kind === 'rack' && arranging ? (roomRem < 30 ? 7.5 : 4.25) : 1.65;
}
