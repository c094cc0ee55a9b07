import { onBeforeUnmount, ref, watch, type Ref } from 'vue';

export interface Dragging {
  /** Whether anything may be dragged now. */
  readonly on: () => boolean;
  readonly kind: string;
  readonly dragged: () => string | null;
  readonly takes: () => boolean;
  readonly dropped: (id: string) => void;
}

/** Dragging for an element while it is wanted; its code is fetched only then. Answers whether something is held over it. */
export function useDragPlace(element: Ref<HTMLElement | null>, dragging: Dragging): Ref<boolean> {
  const over = ref(false);
  let stop: (() => void) | null = null;
  const end = (): void => {
    stop?.();
    stop = null;
  };
  watch(
    [dragging.on, dragging.dragged, dragging.takes, element],
    async () => {
      end();
      const here = element.value;
      if (!here || !dragging.on()) return;
      const { dragPlace } = await import('./drag-place');
      if (stop || !dragging.on() || element.value !== here) return;
      stop = dragPlace(here, {
        kind: dragging.kind,
        dragged: dragging.dragged,
        takes: dragging.takes(),
        over: (is) => (over.value = is),
        dropped: dragging.dropped,
      });
    },
    { immediate: true, flush: 'post' },
  );
  onBeforeUnmount(end);
  return over;
}
