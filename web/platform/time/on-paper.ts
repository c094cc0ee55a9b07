import { inject, provide, ref, type InjectionKey, type Ref } from 'vue';
import { useNow } from './use-now';

/** On paper no day is today: days are told by their dates. */
export const ON_PAPER = 0;
const PAPER: InjectionKey<true> = Symbol('paper');

/** The view that says so is printed, with all that stands in it. */
export function onPaper(): void {
  provide(PAPER, true);
}

/** What days are told by: this day on a screen, none on paper. */
export function useToday(): Readonly<Ref<number>> {
  return inject(PAPER, null) ? ref(ON_PAPER) : useNow();
}
