import { computed, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { inheritFit } from '@cadre/core/fleet';
import { neededBikes } from '@cadre/core/rounds';
import type { Group } from '@cadre/core/schedule';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { clock, useNow } from '@cadre/web/platform/time';
import { useCandidates } from '@cadre/web/schedule';
import { KIND_WORDS } from '@cadre/web/words';
import { useWallView } from './use-wall';
import * as t from './messages';

/** What a tag says of its bike besides its size, on a line of its own. */
export const TAG_SHOWS = ['size', 'kind', 'group', 'battery'] as const;
export type TagShows = (typeof TAG_SHOWS)[number];

const TAG_SHOWS_WORDS: Record<TagShows, string> = {
  size: t.tagShowsSize,
  kind: t.tagShowsKind,
  group: t.tagShowsGroup,
  battery: t.tagShowsBattery,
};
export const TAG_SHOWS_OPTIONS = TAG_SHOWS.map((value) => ({ value, label: TAG_SHOWS_WORDS[value] }));

/** The line of one bike's tag; nothing where there is nothing to say. Nothing is asked that is not shown. */
export function useTagLine(): Readonly<Ref<(bike: Bike) => string>> {
  const view = useWallView();
  const fleet = useFleet();
  const catalogue = useCatalogue();
  const candidates = useCandidates();
  const now = useNow();
  return computed<(bike: Bike) => string>(() => {
    switch (view.tagShows) {
      case 'kind':
        return (bike) => SHORT_KIND[bike.build.kind] ?? KIND_WORDS[bike.build.kind];
      case 'battery':
        return (bike) => {
          if (bike.build.assist === 'none') return '';
          const energy = inheritFit(fleet.modelOf(bike)?.fit ?? {}, bike.fit)['batteryEnergy'];
          return energy === undefined ? t.batteryWord : t.energyWh({ energy: Number(energy) });
        };
      case 'group': {
        const needed = neededBikes(
          candidates.value,
          fleet.groups as readonly Group[],
          now.value,
          catalogue.policy()?.substitution,
        );
        return (bike) => {
          const at = needed.get(bike.id);
          return at === undefined
            ? ''
            : t.wantedAt({ time: clock(at, fleet.siteById.get(bike.siteId)?.timeZone) });
        };
      }
      default:
        return () => '';
    }
  });
}

/** Kinds whose name is too long for a tag. */
const SHORT_KIND: Partial<Record<Bike['build']['kind'], string>> = {
  child: t.shortChild,
  'full-suspension': t.shortFullSuspension,
  'step-through': t.shortStepThrough,
  trike: t.shortTrike,
};
