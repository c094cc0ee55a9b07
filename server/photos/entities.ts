import { EntitySchema } from 'typeorm';
import type { Position } from '@cadre/core/catalogue';
import type { Shape } from '@cadre/core/photos';
import { digest, json, key, moment, uuid, whole, word } from '@cadre/server/platform/database';

/** Append-only, like marks: the entry names it by hash. The pictures lie here, so that there is one thing to back up. */
export interface PhotoRow {
  id: string;
  bikeId: string;
  checkId: string | null;
  checkpoint: string;
  position: Position;
  author: string;
  at: Date;
  width: number;
  height: number;
  hash: string;
  shapes: readonly Shape[];
  whole: Buffer;
  small: Buffer;
}
export const photoEntity = new EntitySchema<PhotoRow>({
  name: 'photo',
  columns: {
    id: key(),
    bikeId: uuid(),
    checkId: uuid({ nullable: true }),
    checkpoint: word(),
    position: word(),
    author: uuid(),
    at: moment(),
    width: whole(),
    height: whole(),
    hash: digest(),
    shapes: json(),
    // Told apart from what is listed: read only when a picture is shown.
    whole: { type: 'mediumblob', select: false },
    small: { type: 'mediumblob', select: false },
  },
  indices: [
    { name: 'photo_bike', columns: ['bikeId', 'at'] },
    { name: 'photo_look', columns: ['bikeId', 'checkpoint', 'position', 'at'] },
  ],
});
