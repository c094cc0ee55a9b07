import { onScopeDispose } from 'vue';
import type { Bike } from '@cadre/contract/fleet';

type Take = (bike: Bike) => boolean;
const takers: Take[] = [];

/** What the view in front does with a bike somebody found: by tag, scan or camera. Answers whether it took it. */
export function useFound(take: Take): void {
  takers.push(take);
  onScopeDispose(() => takers.splice(takers.indexOf(take), 1));
}

/** Gives a found bike to the view in front; the one behind gets what it does not want. */
export function giveFound(bike: Bike): boolean {
  return [...takers].reverse().some((take) => take(bike));
}
