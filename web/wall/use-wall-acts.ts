import { computed, nextTick, ref, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { useFleet, useFound, usePicked } from '@cadre/web/fleet';
import type { Arrange } from './use-arrange';
import { useWallView, type Wall } from './use-wall';
import type { WallWalk } from './use-wall-walk';

export interface WallActs {
  readonly inHand: Ref<Bike | null>;
  /** On a narrow screen the clipboard is a sheet over the racks, there when a tag was touched. */
  readonly sheet: Ref<boolean>;
  pick(id: string, event?: MouseEvent): void;
  select(id: string, through: boolean): void;
  step(by: number): void;
  onHook(hookId: string): void;
  enter(): void;
}

/** What hands do on the wall: pick a bike up, select several, walk along the hooks, find one by its tag. */
export function useWallActs(wall: Wall, arrange: Arrange, walking: WallWalk): WallActs {
  const fleet = useFleet();
  const view = useWallView();
  const picked = usePicked();
  const { walk, nextDue, show } = walking;
  const sheet = ref(false);
  const inHand = computed(
    () => fleet.bikeById.get(picked.id ?? '') ?? nextDue.value ?? walk.value[0]?.bike ?? null,
  );

  function select(id: string, through: boolean): void {
    const next = new Set(view.selected);
    const from = walk.value.findIndex(({ bike }) => bike.id === picked.id);
    const to = walk.value.findIndex(({ bike }) => bike.id === id);
    if (through && from >= 0)
      for (const { bike } of walk.value.slice(Math.min(from, to), Math.max(from, to) + 1)) next.add(bike.id);
    else if (!next.delete(id)) next.add(id);
    view.selected = next;
    picked.id = id;
  }
  function pick(id: string, event?: MouseEvent): void {
    if (view.arranging) {
      void arrange.lift(id);
      return;
    }
    if (view.selecting) {
      select(id, event?.shiftKey ?? false);
      return;
    }
    picked.id = id;
    sheet.value = true;
    // The sheet comes up over the racks: the tag it is about stays in sight above it.
    if (window.innerWidth < 900)
      void nextTick(() =>
        document.querySelector('[data-tag][aria-pressed=true]')?.scrollIntoView({ block: 'start' }),
      );
  }
  function step(by: number): void {
    const at = walk.value.findIndex(({ bike }) => bike.id === inHand.value?.id);
    const next = walk.value[Math.min(walk.value.length - 1, Math.max(0, at + by))];
    if (!next) return;
    picked.id = next.bike.id;
    show(next.bike);
  }
  function onHook(hookId: string): void {
    if (arrange.lifted.value) void arrange.put(arrange.lifted.value, hookId);
  }
  function take(bike: Bike): void {
    view.sought = '';
    picked.id = bike.id;
    sheet.value = true;
    void nextTick(() => show(bike));
  }
  /** Enter in the finder: the bike of that very tag, else the first that was found. */
  function enter(): void {
    const wanted = view.sought.trim().toUpperCase();
    const bike = fleet.bikes.find((each) => each.tag === wanted) ?? wall.find(view.sought);
    if (!bike || !wanted) return;
    (document.activeElement as HTMLElement | null)?.blur();
    take(bike);
  }
  useFound((bike) => {
    take(bike);
    return true;
  });
  return { inHand, sheet, pick, select, step, onHook, enter };
}
