import { computed, onScopeDispose, ref, watch, type Ref } from 'vue';
import { defineStore } from 'pinia';
import type { Bike } from '@cadre/contract/fleet';
import type { Fitness, FitnessAnswer } from '@cadre/core/fitness';
import { indexFor, searchBikes } from '@cadre/core/fleet';
import { useOutbox } from '@cadre/web/checks';
import { useAnswers, useFleet } from '@cadre/web/fleet';
import { FITNESS_WORDS, KIND_WORDS, WHEREABOUTS_WORDS } from '@cadre/web/words';
import type { Grouping } from './wall-lines';
import type { TagShows } from './tag-shows';
import * as t from './messages';

const FINGERS_REST_MS = 120;

/** How the wall is looked at; it stays so from view to view. */
export const useWallView = defineStore('wall-view', () => ({
  grouping: ref<Grouping>('hooks'),
  tagShows: ref<TagShows>('size'),
  sought: ref(''),
  arranging: ref(false),
  selecting: ref(false),
  selected: ref<ReadonlySet<string>>(new Set()),
}));

export interface Wall {
  readonly answers: Readonly<Ref<ReadonlyMap<string, FitnessAnswer>>>;
  readonly begun: Readonly<Ref<ReadonlySet<string>>>;
  readonly shown: Readonly<Ref<readonly Bike[]>>;
  /** Whether the wall shows what was typed; it follows the typing a moment later. */
  readonly filtered: Readonly<Ref<boolean>>;
  readonly unknown: Readonly<Ref<readonly string[]>>;
  fitnessOf(bike: Bike): Fitness;
  /** The first bike that is all of what was typed, asked at once. */
  find(text: string): Bike | null;
}

/** What every bike's fitness is now, which are being looked at, and which of them were asked for. */
export function useWall(): Wall {
  const fleet = useFleet();
  const view = useWallView();
  const outbox = useOutbox();
  /** What the wall is filtered by: what is typed shows at once, the wall follows when the fingers rest. */
  const applied = ref(view.sought);
  let resting: ReturnType<typeof setTimeout> | null = null;
  watch(
    () => view.sought,
    (sought) => {
      if (resting) clearTimeout(resting);
      resting = setTimeout(() => (applied.value = sought), FINGERS_REST_MS);
    },
  );
  onScopeDispose(() => resting && clearTimeout(resting));

  const judged = useAnswers();
  const answers = computed(() => judged.byBike);
  const fitnessOf = (bike: Bike): Fitness => answers.value.get(bike.id)?.fitness ?? 'due';
  const begun = computed(
    () =>
      new Set([
        ...fleet.bikes.filter((bike) => bike.openCheckId).map((bike) => bike.id),
        ...outbox.openBikes,
      ]),
  );
  const rackOfHook = computed(
    () => new Map(fleet.racks.flatMap((rack) => rack.hooks.map((hook) => [hook.id, rack.name] as const))),
  );
  const index = computed(() =>
    fleet.bikes.map((bike) => ({
      ...indexFor({
        tag: bike.tag,
        size: bike.size,
        words: [
          FITNESS_WORDS[fitnessOf(bike)],
          WHEREABOUTS_WORDS[bike.whereabouts],
          KIND_WORDS[bike.build.kind],
          bike.model,
          fleet.siteById.get(bike.siteId)?.name ?? '',
          rackOfHook.value.get(bike.hookId ?? '') ?? 'loose',
          begun.value.has(bike.id) ? t.started : '',
          judged.serviceOverdue.has(bike.id) ? t.serviceWord : '',
          judged.returnDue.has(bike.id) ? t.returnWord : '',
        ],
      }),
      bike,
    })),
  );
  const result = computed(() =>
    applied.value.trim() === '' ? null : searchBikes(index.value, applied.value),
  );
  const filtered = computed(() => applied.value.trim() !== '');
  const shown = computed(() => result.value?.found.map((each) => each.bike) ?? fleet.bikes);
  const unknown = computed(() => result.value?.unknown ?? []);
  const find = (text: string): Bike | null => searchBikes(index.value, text).found[0]?.bike ?? null;
  return { find, answers, begun, shown, filtered, unknown, fitnessOf };
}
