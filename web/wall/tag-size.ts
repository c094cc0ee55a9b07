export const TAG_SIZES = ['large', 'medium', 'small'] as const;
export type TagSize = (typeof TAG_SIZES)[number];

interface Measures {
  /** The least width of a hook's place, in rem. */
  readonly width: number;
  /** The height of a line of hooks with its tags, in rem. */
  readonly line: number;
}

/** What a tag takes up in each size. Lines have a set height, so that thousands need not be measured to be scrolled. */
export const TAG_MEASURES: Record<TagSize, Measures> = {
  large: { width: 10.5, line: 12.75 },
  medium: { width: 5.4, line: 4.7 },
  small: { width: 4.9, line: 4.6 },
};

/** Tags grow and shrink with the room: as large as lets a person see what there is without scrolling for ever. */
export function tagSizeFor(bikes: number, roomRem: number): TagSize {
  if (roomRem < 34) return bikes > 250 ? 'small' : 'medium';
  if (bikes <= 14) return 'large';
  return bikes <= 240 ? 'medium' : 'small';
}

export function columnsFor(size: TagSize, roomRem: number): number {
  return Math.max(1, Math.floor(roomRem / TAG_MEASURES[size].width));
}
