import { HOUR_MS } from '@cadre/core/time';

/** What a photo may be, so that a wall of them stays quick and a disk does not fill. */
export const PHOTO_LIMITS = {
  /** A file chosen on a phone or a desk, bytes: more is no photo of a brake. */
  fileMost: 40_000_000,
  /** What is sent, bytes. */
  sentMost: 3_000_000,
  /** A side of what is brought, pixels. */
  sideMost: 10_000,
  /** The whole of it, pixels: what is unpacked in memory to be looked at. */
  pixelsMost: 64_000_000,
  /** The longer side of what is kept, and of its small picture, pixels. */
  keptSide: 1600,
  smallSide: 320,
  /** What is kept, bytes. */
  keptMost: 1_000_000,
  /** So many of one look in one check, and so many shapes on one. */
  perLook: 6,
  /** Photos of one look within this time are one sitting's, where no check says so. */
  sittingMs: 6 * HOUR_MS,
  shapesMost: 12,
} as const;

/** Kinds of picture files that are taken. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** What is wrong with a file before it is read: too large, or of no kind that is taken. Null: nothing. */
export function fileIssue(file: {
  readonly size: number;
  readonly type: string;
}): 'too-heavy' | 'no-picture' | 'empty' | null {
  if (file.size === 0) return 'empty';
  if (file.size > PHOTO_LIMITS.fileMost) return 'too-heavy';
  return (PHOTO_TYPES as readonly string[]).includes(file.type) ? null : 'no-picture';
}

/** Whether a picture of these sides is taken at all: whole pixels, no side over the most, and not more of them together. */
export function sidesIssue(width: number, height: number): 'too-wide' | 'no-picture' | null {
  if (!Number.isInteger(width) || !Number.isInteger(height) || width < 1 || height < 1) return 'no-picture';
  const { sideMost, pixelsMost } = PHOTO_LIMITS;
  return Math.max(width, height) > sideMost || width * height > pixelsMost ? 'too-wide' : null;
}

/** Sides shrunk so that the longer is no more than `most`, never grown, never under a pixel. */
export function fitWithin(
  width: number,
  height: number,
  most: number,
): { readonly width: number; readonly height: number } {
  const share = Math.min(1, most / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * share)), height: Math.max(1, Math.round(height * share)) };
}
