import { computed, useAttrs, type ComputedRef } from 'vue';

type Attrs = Readonly<Record<string, unknown>>;

/** What was put on a field's component: place and marks for its frame, everything else for the control inside. */
export function useOwnAttrs(): { readonly outer: ComputedRef<Attrs>; readonly inner: ComputedRef<Attrs> } {
  const attrs = useAttrs();
  const isOuter = (name: string): boolean => name === 'class' || name === 'style' || name.startsWith('data-');
  const pick = (outer: boolean) =>
    computed(() => Object.fromEntries(Object.entries(attrs).filter(([name]) => isOuter(name) === outer)));
  return { outer: pick(true), inner: pick(false) };
}
