import type { Position } from '@cadre/core/catalogue';
import type { Shape } from '@cadre/core/photos';
import {
  type Projections,
  type Verifier,
  type VerifyFault,
  entryEntity,
} from '@cadre/server/platform/event-log';

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
    /** Whose session delivered it, where it was not its author's. */
    deliveredBy?: string;
  };
}

export const photoProjections: Projections<PhotoEvents> = {
  // The picture is the record itself.
  'photo.added': () => Promise.resolve(),
};

/** Every photo's bytes against the hash its event names, and that none is there unnamed. */
export const verifyPhotos: Verifier = async (source) => {
  // Past the mapper: the database hashes the bytes where they lie.
  const real = await source.query<
    {
      id: string;
      hash: string;
    }[]
  >('SELECT id, SHA2(whole, 256) AS hash FROM photo');
  const unnamed = new Map(real.map((row) => [row.id, row.hash]));
  const faults: VerifyFault[] = [];
  for (const row of await source.getRepository(entryEntity).findBy({ kind: 'photo.added' })) {
    const body = JSON.parse(row.body) as PhotoEvents['photo.added'];
    if (unnamed.get(body.photoId) !== body.hash)
      faults.push({ chain: row.chain, seq: row.seq, what: 'its photo was altered or removed' });
    unnamed.delete(body.photoId);
  }
  if (unnamed.size > 0)
    faults.push({
      chain: 'photos',
      seq: unnamed.size,
      what: `${unnamed.size} photos stand that no entry names`,
    });
  return { looked: real.length, faults };
};
