import type { Build } from './build';
import type { FitList } from './fit/fit-list';

/** What bikes of one kind, bought alike, have in common. A bike inherits it and may state otherwise. */
export interface Model {
  readonly id: string;
  readonly name: string;
  readonly build: Build;
  readonly fit: FitList;
}
