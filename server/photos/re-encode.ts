import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { fitWithin, PHOTO_LIMITS, sidesIssue } from '@cadre/core/photos';
import { RefusedError } from '@cadre/server/platform/event-log';
import { FewAtOnce } from '@cadre/server/platform/http';

export interface Encoded {
  readonly whole: Buffer;
  readonly small: Buffer;
  readonly width: number;
  readonly height: number;
  readonly hash: string;
}

const FORMATS: readonly (string | undefined)[] = ['jpeg', 'png', 'webp'];
/** A picture that takes longer to unpack was made to. */
const MOST_SECONDS = 15;
/** Each takes a core and up to 150 MB while it is unpacked. */
const encoding = new FewAtOnce(2, 24);
/** Tried in turn until the picture is small enough to keep. */
const QUALITIES = [82, 70, 55, 40] as const;

/** What the bytes are, whatever they were called; refused when they are no picture that is taken. */
async function measure(bytes: Buffer): Promise<{ width: number; height: number }> {
  try {
    const { format, width, height, autoOrient } = await sharp(bytes, {
      // Only its head is read here: what is too large is told as that.
      limitInputPixels: false,
      failOn: 'error',
    }).metadata();
    if (!FORMATS.includes(format)) throw new RefusedError('photo.no-picture');
    return { width: autoOrient?.width ?? width, height: autoOrient?.height ?? height };
  } catch (error) {
    throw error instanceof RefusedError ? error : new RefusedError('photo.no-picture', {}, { cause: error });
  }
}

/**
 * Makes a picture fit to keep: turned upright, shrunk, encoded anew as JPEG and with nothing else in it, so that neither where it was taken nor anything
 * hidden in the file goes on. Refused: no picture, a side over the most.
 */
export const reEncode = (bytes: Buffer): Promise<Encoded> => encoding.run(() => encode(bytes));

async function encode(bytes: Buffer): Promise<Encoded> {
  const { width, height } = await measure(bytes);
  const issue = sidesIssue(width, height);
  if (issue === 'too-wide')
    throw new RefusedError('photo.too-wide', { most: PHOTO_LIMITS.sideMost, width, height });
  if (issue) throw new RefusedError('photo.no-picture');
  const within = fitWithin(width, height, PHOTO_LIMITS.keptSide);
  const small = fitWithin(width, height, PHOTO_LIMITS.smallSide);
  try {
    // sharp keeps no metadata unless told to: place, device and the rest end here.
    const upright = sharp(bytes, { failOn: 'error', limitInputPixels: PHOTO_LIMITS.pixelsMost })
      .timeout({ seconds: MOST_SECONDS })
      .rotate()
      .flatten({ background: '#ffffff' });
    for (const quality of QUALITIES) {
      const whole = await upright
        .clone()
        .resize(within.width, within.height, { fit: 'fill' })
        .jpeg({ quality, mozjpeg: true })
        .toBuffer();
      if (whole.length > PHOTO_LIMITS.keptMost && quality !== QUALITIES.at(-1)) continue;
      return {
        ...within,
        whole,
        small: await upright
          .clone()
          .resize(small.width, small.height, { fit: 'fill' })
          .jpeg({ quality: 70 })
          .toBuffer(),
        hash: createHash('sha256').update(whole).digest('hex'),
      };
    }
  } catch (error) {
    // It began as a picture and breaks off: to who sent it that is the same.
    throw new RefusedError('photo.no-picture', {}, { cause: error });
  }
  throw new Error('no quality was tried');
}
