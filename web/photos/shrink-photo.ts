import { fileIssue, fitWithin, PHOTO_LIMITS, sidesIssue } from '@cadre/core/photos';

export type PhotoIssue = 'empty' | 'too-heavy' | 'no-picture' | 'too-wide';
export type Shrunk =
  | { readonly ok: true; readonly blob: Blob; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly issue: PhotoIssue };

export const PHOTO_ISSUE_WORDS: Record<PhotoIssue, string> = {
  empty: 'This file is empty. Take the photo again.',
  'too-heavy': `This file is over ${PHOTO_LIMITS.fileMost / 1_000_000} MB. Take a photo, or choose a smaller file.`,
  'no-picture': 'This file is no picture Cadre can read. Take a photo, or choose a JPEG, PNG or WebP.',
  'too-wide': `This picture is too large: at most ${PHOTO_LIMITS.sideMost.toLocaleString('en')} pixels a side and ${PHOTO_LIMITS.pixelsMost / 1e6} megapixels. Choose a smaller one, or photograph it anew.`,
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
