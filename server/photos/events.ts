import type { Position } from '@cadre/core/catalogue';
import type { Shape } from '@cadre/core/photos';

export interface PhotoEvents {
  /** The picture itself lies in its table; the hash is of its bytes. */
  'photo.added': {
    bikeId: string;
    photoId: string;
    checkId: string | null;
    checkpoint: string;
    position: Position;
    by: string;
    width: number;
    height: number;
    hash: string;
    shapes: readonly Shape[];
  };
}
