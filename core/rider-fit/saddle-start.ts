import { inseamOf, type Rider } from './rider';

/** From the middle of the bottom bracket to the top of the saddle along the tube, as a share of the inseam. */
const SADDLE_SHARE = 0.883;
/** Marks on a post stand so far apart, mm. */
const MARK_MM = 10;

export interface SaddleStart {
  /** mm along the tube, a starting point; the rider tries it. */
  readonly mm: number;
  /** By the marks on the post, where the fit list says what its first stands for. */
  readonly mark: number | null;
  /** The inseam was worked out from the height. */
  readonly estimated: boolean;
  /** The lowest this post goes is higher than the start: it is set to that. */
  readonly atLowest: boolean;
}

/** What a frame and its post allow, mm from the bottom bracket to the top of the saddle; null: not known. */
export interface SaddleRange {
  readonly lowest: number | null;
  /** As the minimum-insert mark begins to show. */
  readonly highest: number | null;
  /** At the first mark of the post. */
  readonly atMarkZero: number | null;
}

/** A saddle that has to go lower than the post allows by more than this is on a frame too large, mm. */
const TOO_TALL_MM = 10;

/**
 * The height a saddle starts at: 0.883 x inseam. `too-small`: the minimum-insert mark would show, another frame is needed; `too-large`: the post does not go so low. Null: nothing
 * is known of the rider's legs.
 */
export function saddleStart(
  rider: Pick<Rider, 'heightMm' | 'inseamMm'>,
  range: SaddleRange,
): SaddleStart | 'too-small' | 'too-large' | null {
  const inseam = inseamOf(rider);
  if (!inseam) return null;
  const wanted = inseam.mm * SADDLE_SHARE;
  if (range.highest !== null && wanted >= range.highest) return 'too-small';
  if (range.lowest !== null && wanted < range.lowest - TOO_TALL_MM) return 'too-large';
  const atLowest = range.lowest !== null && wanted < range.lowest;
  const mm = atLowest && range.lowest !== null ? range.lowest : wanted;
  // A post that shows its mark wherever it is set fits nobody.
  if (range.highest !== null && mm >= range.highest) return 'too-small';
  const mark = range.atMarkZero === null ? null : Math.floor((mm - range.atMarkZero) / MARK_MM);
  return { mm, mark: mark !== null && mark >= 0 ? mark : null, estimated: inseam.estimated, atLowest };
}
