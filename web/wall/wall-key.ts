import type { InjectionKey, Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Arrange } from './use-arrange';
import type { Wall } from './use-wall';
import type { WallWalk } from './use-wall-walk';
import * as t from './messages';

/** What everything on one wall works with: the bikes as they are shown, where they hang, and the changing of racks. */
interface OnWall {
  readonly wall: Wall;
  readonly walking: WallWalk;
  readonly arrange: Arrange;
  /** What the tag of a bike says on a line of its own. */
  readonly tagLine: Readonly<Ref<(bike: Bike) => string>>;
}

export const ON_WALL: InjectionKey<OnWall> = Symbol(t.theWall);
