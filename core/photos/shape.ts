/** A point of a picture as shares of its width and height from the top left, 0 to 1. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

export const SHAPE_KINDS = ['circle', 'arrow'] as const;
export type ShapeKind = (typeof SHAPE_KINDS)[number];

/** What a finger drew over a photo; the photo itself stays as it was taken. A circle reaches from `from` to `to`, an arrow points at `to`. */
export interface Shape {
  readonly kind: ShapeKind;
  readonly from: PicturePoint;
  readonly to: PicturePoint;
}

/** A stroke shorter than this is a slip of the finger, in shares of the picture. */
const LEAST_STROKE = 0.02;

const inside = (value: number): number => Math.min(1, Math.max(0, value));
const rounded = (value: number): number => Math.round(inside(value) * 1000) / 1000;

/** The shape of a stroke from where the finger went down to where it came up; null when it hardly moved. Kept inside the picture. */
export function shapeOf(kind: ShapeKind, from: PicturePoint, to: PicturePoint): Shape | null {
  if (![from.x, from.y, to.x, to.y].every(Number.isFinite)) return null;
  const shape = {
    kind,
    from: { x: rounded(from.x), y: rounded(from.y) },
    to: { x: rounded(to.x), y: rounded(to.y) },
  };
  return Math.hypot(shape.to.x - shape.from.x, shape.to.y - shape.from.y) < LEAST_STROKE ? null : shape;
}

/** Where a shape's lines run on a picture of this size, in its pixels: an ellipse's middle and radii, or an arrow's shaft and barbs. */
export type Drawn =
  | {
      readonly kind: 'circle';
      readonly cx: number;
      readonly cy: number;
      readonly rx: number;
      readonly ry: number;
    }
  | { readonly kind: 'arrow'; readonly path: string };

/** The barbs stand at this angle to the shaft, and are so long a share of the longer side. */
const BARB = { angle: Math.PI / 7, long: 0.06 } as const;

export function drawnOn(shape: Shape, width: number, height: number): Drawn {
  const [fx, fy, tx, ty] = [
    shape.from.x * width,
    shape.from.y * height,
    shape.to.x * width,
    shape.to.y * height,
  ];
  if (shape.kind === 'circle')
    return {
      kind: 'circle',
      cx: (fx + tx) / 2,
      cy: (fy + ty) / 2,
      rx: Math.max(1, Math.abs(tx - fx) / 2),
      ry: Math.max(1, Math.abs(ty - fy) / 2),
    };
  const direction = Math.atan2(ty - fy, tx - fx);
  const long = BARB.long * Math.max(width, height);
  const barb = (turn: number): string =>
    `M${tx.toFixed(1)} ${ty.toFixed(1)}L${(tx - long * Math.cos(direction + turn)).toFixed(1)} ${(ty - long * Math.sin(direction + turn)).toFixed(1)}`;
  return {
    kind: 'arrow',
    path: `M${fx.toFixed(1)} ${fy.toFixed(1)}L${tx.toFixed(1)} ${ty.toFixed(1)}${barb(BARB.angle)}${barb(-BARB.angle)}`,
  };
}
