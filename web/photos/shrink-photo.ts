import { fileIssue, fitWithin, PHOTO_LIMITS, sidesIssue } from '@cadre/core/photos';
import * as t from './messages';

export type PhotoIssue = 'empty' | 'too-heavy' | 'no-picture' | 'too-wide';
export type Shrunk =
  | { readonly ok: true; readonly blob: Blob; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly issue: PhotoIssue };

export const PHOTO_ISSUE_WORDS: Record<PhotoIssue, string> = {
  empty: t.fileEmptyTakePhoto,
  'too-heavy': t.fileLargerThanFileMost({ fileMost: PHOTO_LIMITS.fileMost / 1_000_000 }),
  'no-picture': t.cadreCannotReadFile,
  'too-wide': t.pictureTooLargeMaximum({
    toLocaleString: PHOTO_LIMITS.sideMost.toLocaleString('en'),
    pixelsMost: PHOTO_LIMITS.pixelsMost / 1e6,
  }),
};
const QUALITY = 0.85;

function toBlob(canvas: HTMLCanvasElement): Promise<Blob | null> {
  return new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
}

/** A photo turned upright and shrunk in this browser, so that it is sent in a moment; what cannot be one is told apart. */
export async function shrinkPhoto(file: File): Promise<Shrunk> {
  const wrong = fileIssue(file);
  if (wrong) return { ok: false, issue: wrong };
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return { ok: false, issue: 'no-picture' };
  }
  try {
    const issue = sidesIssue(bitmap.width, bitmap.height);
    if (issue) return { ok: false, issue };
    const { width, height } = fitWithin(bitmap.width, bitmap.height, PHOTO_LIMITS.keptSide);
    const canvas = Object.assign(document.createElement('canvas'), { width, height });
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height);
    const blob = await toBlob(canvas);
    return blob ? { ok: true, blob, width, height } : { ok: false, issue: 'no-picture' };
  } finally {
    bitmap.close();
  }
}
