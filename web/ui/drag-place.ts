import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';

interface DragPlace {
  /** What kind of thing is dragged here: a bike is not let go over a rack's name, nor a rack over a hook. */
  readonly kind: string;
  /** What would be dragged from here now; null when nothing would. */
  dragged(): string | null;
  /** Whether something may be let go over it. */
  readonly takes: boolean;
  over(is: boolean): void;
  dropped(id: string): void;
}

/** Makes an element a place things are dragged from and to. Answers what ends it. */
export function dragPlace(element: HTMLElement, place: DragPlace): () => void {
  const from = draggable({
    element,
    canDrag: () => place.dragged() !== null,
    getInitialData: () => ({ kind: place.kind, id: place.dragged() }),
  });
  if (!place.takes) return from;
  return combine(
    from,
    dropTargetForElements({
      element,
      canDrop: ({ source }) => source.data.kind === place.kind && source.data.id !== place.dragged(),
      onDragEnter: () => place.over(true),
      onDragLeave: () => place.over(false),
      onDrop: ({ source }) => {
        place.over(false);
        if (typeof source.data.id === 'string') place.dropped(source.data.id);
      },
    }),
  );
}
