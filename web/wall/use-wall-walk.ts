import { computed, watch, type Ref } from 'vue';
import { useWindowVirtualizer, type Virtualizer } from '@tanstack/vue-virtual';
import type { Bike } from '@cadre/contract/fleet';
import { useFleet } from '@cadre/web/fleet';
import { columnsFor, tagSizeFor, type TagSize } from './tag-size';
import { useRoom } from './use-room';
import { useWallView, type Wall } from './use-wall';
import { heightOf, wallLines, type WallLine } from './wall-lines';

interface Placed {
  readonly bike: Bike;
  /** The line it hangs on. */
  readonly at: number;
}

export interface WallWalk {
  readonly size: Ref<TagSize>;
  readonly columns: Ref<number>;
  readonly lines: Ref<readonly WallLine[]>;
  readonly virtual: Ref<Virtualizer<Window, Element>>;
  readonly walk: Ref<readonly Placed[]>;
  readonly nextDue: Ref<Bike | null>;
  show(bike: Bike): void;
}

/** The wall in lines, only those in sight drawn, and the order in which arrows walk along its bikes. */
export function useWallWalk(rails: Ref<HTMLElement | null>, wall: Wall): WallWalk {
  const fleet = useFleet();
  const view = useWallView();
  const room = useRoom(rails);
  const size = computed(() => tagSizeFor(wall.shown.value.length, room.rem.value));
  const columns = computed(() => columnsFor(size.value, room.rem.value));
  const lines = computed(() =>
    wallLines({
      sites: fleet.wall?.sites ?? [],
      racks: fleet.racks,
      bikes: wall.shown.value,
      grouping: view.grouping,
      fitnessOf: wall.fitnessOf,
      columns: columns.value,
      filtered: wall.filtered.value,
    }),
  );
  const virtual = useWindowVirtualizer(
    computed(() => ({
      count: lines.value.length,
      estimateSize: (index: number) => {
        const line = lines.value[index];
        return line
          ? heightOf(line, size.value, {
              arranging: view.arranging,
              roomRem: room.rem.value,
              says: view.tagShows !== 'size',
            }) * room.pixels.value
          : 0;
      },
      overscan: 3,
      scrollMargin: room.top.value,
      scrollPaddingStart: room.strip.value + 40,
      scrollPaddingEnd: 24,
      getItemKey: (index: number) => lines.value[index]?.key ?? index,
    })),
  );
  watch([lines, size, () => view.arranging, () => view.tagShows, room.pixels, room.rem], () =>
    virtual.value.measure(),
  );

  const walk = computed(() =>
    lines.value.flatMap((line, at) =>
      line.kind === 'hooks'
        ? line.places.flatMap((place) => (place.bike ? [{ bike: place.bike, at }] : []))
        : [],
    ),
  );
  const nextDue = computed(
    () =>
      walk.value.find(
        ({ bike }) =>
          bike.whereabouts === 'in' &&
          wall.fitnessOf(bike) === 'due' &&
          wall.answers.value.get(bike.id)?.reasons[0]?.code === 'no-valid-check',
      )?.bike ?? null,
  );
  function show(bike: Bike): void {
    const at = walk.value.find((each) => each.bike.id === bike.id)?.at;
    if (at !== undefined) virtual.value.scrollToIndex(at, { align: 'auto' });
  }
  return { size, columns, lines, virtual, walk, nextDue, show };
}

const NONE: ReadonlySet<string> = new Set();

/** The bike in hand, for the line it hangs on alone: the other lines need not be drawn anew when it changes. */
export function pickedIn(line: WallLine, id: string | null): string | null {
  return id && line.kind === 'hooks' && line.places.some((place) => place.bike?.id === id) ? id : null;
}

/** What is selected, for lines that hold any of it: the others stay as they are. */
export function selectedIn(line: WallLine, selected: ReadonlySet<string> | null): ReadonlySet<string> {
  const any =
    selected &&
    line.kind === 'hooks' &&
    line.places.some((place) => place.bike && selected.has(place.bike.id));
  return any ? selected : NONE;
}
