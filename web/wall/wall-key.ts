import { inject, type InjectionKey } from 'vue';
import type { Arrange } from './use-arrange';
import type { Wall } from './use-wall';

/** What everything on one wall works with: the bikes as they are shown, and the changing of racks. */
interface OnWall {
  readonly wall: Wall;
  readonly arrange: Arrange;
}

export const ON_WALL: InjectionKey<OnWall> = Symbol('wall');

export function useOnWall(): OnWall {
  const given = inject(ON_WALL);
  if (!given) throw new Error('only inside a wall');
  return given;
}
