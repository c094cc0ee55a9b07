import type { RouteLocationRaw } from 'vue-router';

/** Something besides a bike that the command field leads to. */
export interface Place {
  readonly key: string;
  readonly label: string;
  /** What it is: a view, an act, a person. */
  readonly kind: string;
  readonly to: RouteLocationRaw;
}
