import { EntitySchema } from 'typeorm';
import { digest, key, moment, uuid, word, words } from '@cadre/server/platform/database';

/** Append-only, like photos: the entry names it by hash. */
export interface SoundRow {
  id: string;
  bikeId: string;
  author: string;
  at: Date;
  container: 'webm' | 'ogg';
  seconds: number;
  gear: string;
  doing: string;
  hash: string;
  sound: Buffer;
}
export const soundEntity = new EntitySchema<SoundRow>({
  name: 'sound_note',
  columns: {
    id: key(),
    bikeId: uuid(),
    author: uuid(),
    at: moment(),
    container: word(),
    seconds: { type: 'double' },
    gear: words(40),
    doing: words(120),
    hash: digest(),
    // Told apart from what is listed: read only when it is played.
    sound: { type: 'mediumblob', select: false },
  },
  indices: [{ name: 'sound_note_bike', columns: ['bikeId', 'at'] }],
});
