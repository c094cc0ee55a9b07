import { onScopeDispose, reactive, watch, type ObjectDirective } from 'vue';

export interface Seen {
  has(key: string): boolean;
  /** Follows an element under this key while it is on the page. */
  readonly vSeen: ObjectDirective<Element, string>;
}

/** More than half of the row, or as much of it as fits. */
const isInSight = ({ intersectionRatio, intersectionRect, rootBounds }: IntersectionObserverEntry): boolean =>
  intersectionRatio >= 0.6 || intersectionRect.height >= 0.5 * (rootBounds?.height ?? Infinity);

/** What has been in sight since `place` last changed: nobody passes what was not on the screen. */
export function useSeen(place: () => unknown): Seen {
  const seen = reactive(new Set<string>());
  const keys = new Map<Element, string>();
  const strip = parseFloat(getComputedStyle(document.documentElement).getPropertyValue('--strip')) || 60;
  const observer = new IntersectionObserver(
    (entries) => {
      for (const entry of entries) {
        const key = keys.get(entry.target);
        if (key !== undefined && isInSight(entry)) seen.add(key);
      }
    },
    // What lies under the strip or the bar of acts is not in sight.
    { rootMargin: `-${Math.round(strip)}px 0px -76px 0px`, threshold: [0, 0.2, 0.4, 0.6, 0.8, 1] },
  );
  watch(place, () => seen.clear());
  onScopeDispose(() => observer.disconnect());
  return {
    has: (key) => seen.has(key),
    vSeen: {
      mounted(element, { value }) {
        keys.set(element, value);
        observer.observe(element);
      },
      beforeUnmount(element) {
        keys.delete(element);
        observer.unobserve(element);
      },
    },
  };
}
